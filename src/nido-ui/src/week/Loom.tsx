import { useTranslation } from "react-i18next";
import { aims, type LoomRow, type Strip } from "../api/client";

/** A row a child, worst off first; four threads fill towards the week's target. */
export function Loom({
  rows,
  lit,
  childId,
  onChild,
}: {
  rows: LoomRow[];
  lit: Strip | null;
  childId: string | null;
  onChild: (id: string | null) => void;
}) {
  const { t } = useTranslation();
  return (
    <aside
      className="w-[250px] shrink-0 overflow-auto border-base-300 border-l px-2.5 py-2 max-lg:w-full max-lg:overflow-visible max-lg:border-t max-lg:border-l-0"
      aria-label={t("loom.title")}
    >
      <h2>
        {t("loom.title")} <span className="quiet font-normal text-xs">{t("loom.help")}</span>
      </h2>
      <table className="mt-1 w-full max-lg:max-w-md">
        <thead>
          <tr className="text-left text-xs">
            <th className="font-normal">
              <span className="sr-only">{t("loom.child")}</span>
            </th>
            {aims.map((aim) => (
              <th key={aim} className={`aim-${aim} px-0.5 py-1`} title={t(`aim.${aim}`)}>
                {t(`aimShort.${aim}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const served = lit?.reach.includes(row.childId) ?? false;
            return (
              <tr key={row.childId} className={`border-base-300 border-t ${served ? "bg-secondary" : ""}`}>
                <th scope="row" className="pr-1 text-left font-semibold">
                  <button
                    type="button"
                    className={`w-full cursor-pointer rounded px-1 py-0.5 text-left leading-tight ${childId === row.childId ? "bg-primary text-primary-content" : ""}`}
                    aria-pressed={childId === row.childId}
                    title={
                      row.strandsMissing.length
                        ? t("loom.missing", { strands: row.strandsMissing.map((s) => t(`strand.${s}`)).join(", ") })
                        : undefined
                    }
                    onClick={() => onChild(childId === row.childId ? null : row.childId)}
                  >
                    <span className="block max-w-[92px] truncate">
                      {row.name}{" "}
                      <span className={`font-normal text-xs ${childId === row.childId ? "" : "quiet"}`}>{row.age}</span>
                    </span>
                    {row.strandsMissing.length > 0 && (
                      <span className="block font-normal text-xs">
                        {t("loom.strandsMissing", { count: row.strandsMissing.length })}
                      </span>
                    )}
                  </button>
                </th>
                {row.aims.map((cell) => (
                  <td
                    key={cell.aim}
                    className="w-9 px-0.5 align-middle"
                    title={t("loom.cell", { minutes: cell.minutes, target: cell.target })}
                  >
                    <span
                      className={`stitch stitch-${cell.aim}`}
                      style={{ width: `${Math.min(100, cell.percent)}%` }}
                    />
                    <span className={`block text-xs leading-3 ${cell.percent < 90 ? "font-bold text-error" : ""}`}>
                      {cell.percent}
                    </span>
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </aside>
  );
}
