import { useTranslation } from "react-i18next";
import { longDay } from "../shared/dates";
import { Mark } from "./PathPlot";
import type { LadderPath } from "./path";

/** The same as the plot, in words: what was seen, and the belief week by week. */
export function PathTable({ path }: { path: LadderPath }) {
  const { t } = useTranslation();
  return (
    <details className="text-[13px]">
      <summary className="cursor-pointer">{t("journal.table", { count: path.seen.length })}</summary>
      <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
        <ul>
          {path.seen.map((o) => (
            <li key={o.id} className="flex items-center gap-1.5 border-base-300 border-t py-0.5">
              <svg viewBox="-6 -6 12 12" className="size-3" aria-hidden="true">
                <Mark help={o.help} />
              </svg>
              {longDay(o.on)} · {t("idea.step", { step: o.step })} · {t(`help.${o.help}`)}
            </li>
          ))}
        </ul>
        <table className="w-full self-start">
          <thead>
            <tr>
              <th className="text-left font-normal">{t("journal.upTo")}</th>
              <th className="text-right font-normal">{t("journal.step")}</th>
              <th className="text-right font-normal">{t("journal.interval")}</th>
            </tr>
          </thead>
          <tbody>
            {path.points.map((p) => (
              <tr key={p.day} className="border-base-300 border-t">
                <td>{longDay(p.day)}</td>
                <td className="text-right">{p.mean.toFixed(1)}</td>
                <td className="text-right">
                  {p.low.toFixed(1)}–{p.high.toFixed(1)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
