import { useId } from "react";
import { useTranslation } from "react-i18next";
import type { Field } from "../api/client";
import { plain } from "../shared/figures";
import type { Entries } from "./ask";
import { RowsEntry } from "./RowsEntry";

/** What is taken: "0.01–300 mm"; nothing where another field decides. */
const rangeOf = ({ least, most, unit }: Field) =>
  typeof least === "number" && typeof most === "number" ? `${plain(least)}–${plain(most)} ${unit}`.trim() : undefined;

/** A field of a calculator, with its unit and what is wrong with it beside it. */
export function FieldEntry({
  field,
  entry,
  problem,
  onChange,
}: {
  field: Field;
  entry: Entries[string];
  problem: string | null;
  onChange: (entry: Entries[string]) => void;
}) {
  const { t } = useTranslation();
  const id = useId();
  if (field.kind === "rows") {
    return <RowsEntry field={field} rows={entry as string[][]} problem={problem} onChange={onChange} />;
  }
  const wide = field.kind === "words" || field.kind === "numbers" || field.kind === "amounts";
  return (
    <div className={`flex flex-col gap-0.5 text-[13px] ${wide ? "col-span-2" : ""}`}>
      <label htmlFor={id}>
        {t(`making.field.${field.path}`)}
        {field.kind === "number" && field.unit && <span className="quiet"> {field.unit}</span>}
      </label>
      {field.kind === "flag" ? (
        <input
          id={id}
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={entry === true}
          onChange={(e) => onChange(e.target.checked)}
        />
      ) : field.kind === "choice" ? (
        <select
          id={id}
          className="select select-sm w-full"
          value={String(entry)}
          onChange={(e) => onChange(e.target.value)}
        >
          {field.among.map((w) => (
            <option key={w} value={w}>
              {t(`making.choice.${w}`, w)}
            </option>
          ))}
        </select>
      ) : (
        <input
          id={id}
          className={`input input-sm w-full ${problem ? "input-error" : ""}`}
          inputMode={field.kind === "number" ? "decimal" : undefined}
          title={rangeOf(field)}
          aria-invalid={problem !== null}
          value={String(entry)}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
      {problem && <span className="font-bold text-error">{problem}</span>}
    </div>
  );
}
