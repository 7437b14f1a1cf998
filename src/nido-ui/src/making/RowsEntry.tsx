import { Plus, Trash2 } from "lucide-react";
import { useTranslation } from "react-i18next";
import type { Field } from "../api/client";

/** A little table that can grow: blocks, pieces, features. */
export function RowsEntry({
  field,
  rows,
  problem,
  onChange,
}: {
  field: Field;
  rows: string[][];
  problem: string | null;
  onChange: (rows: string[][]) => void;
}) {
  const { t } = useTranslation();
  return (
    <fieldset className="col-span-2">
      <legend className="font-bold text-[13px]">{t(`making.field.${field.path}`)}</legend>
      <table>
        <thead>
          <tr>
            {field.columns.map((c) => (
              <th key={c} className="quiet px-0.5 text-left font-normal text-xs">
                {t(`making.column.${c}`)}
              </th>
            ))}
            <th className="sr-only">{t("making.removeRow")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, r) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows are edited in place and have no id
            <tr key={r}>
              {field.columns.map((c, k) => (
                <td key={c} className="p-0.5">
                  <input
                    className={`input input-sm px-1.5 ${c === "values" ? "w-40" : "w-[56px]"}`}
                    aria-label={`${t(`making.column.${c}`)} ${r + 1}`}
                    value={row[k] ?? ""}
                    onChange={(e) =>
                      onChange(rows.map((x, i) => (i === r ? x.map((v, j) => (j === k ? e.target.value : v)) : x)))
                    }
                  />
                </td>
              ))}
              <td>
                <button
                  type="button"
                  className="btn btn-ghost btn-xs btn-square"
                  aria-label={`${t("making.removeRow")} ${r + 1}`}
                  onClick={() => onChange(rows.filter((_, i) => i !== r))}
                >
                  <Trash2 size={14} aria-hidden="true" />
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <button
        type="button"
        className="btn btn-ghost btn-xs"
        onClick={() => onChange([...rows, rows.at(-1) ?? field.columns.map(() => "")])}
      >
        <Plus size={14} aria-hidden="true" /> {t("making.addRow")}
      </button>
      {problem && <p className="font-bold text-[13px] text-error">{problem}</p>}
    </fieldset>
  );
}
