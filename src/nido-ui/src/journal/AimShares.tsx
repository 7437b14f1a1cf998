import { useTranslation } from "react-i18next";
import { aims, type Schemas } from "../api/client";
import { dayAndMonth } from "../shared/dates";
import { middleOf, plotOfShares } from "./shares";

const WIDE = 110;
const HIGH = 30;

/** Shares of the aims week by week, planned and met, with the figures in a table. */
export function AimShares({ weeks }: { weeks: Schemas["WeekOfChild"][] }) {
  const { t } = useTranslation();
  if (weeks.length === 0) {
    return null;
  }
  return (
    <section className="card-paper break-inside-avoid p-3" data-shares>
      <h3 className="font-bold">{t("journal.shares")}</h3>
      <p className="quiet text-[13px]">{t("journal.sharesHelp")}</p>
      <ul>
        {middleOf(weeks).map((s, k) => {
          const plot = plotOfShares(weeks, k, WIDE, HIGH);
          return (
            <li key={s.aim} className="flex flex-wrap items-center gap-2 border-base-300 border-t py-1">
              <span className={`aim-${s.aim} w-24`}>{t(`aim.${s.aim}`)}</span>
              <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="drawing h-8 w-28" aria-hidden="true">
                <line x1={0} x2={WIDE} y1={plot.even} y2={plot.even} className="stroke-base-300" />
                <polyline
                  points={plot.planned}
                  fill="none"
                  className="stroke-base-content"
                  strokeDasharray="3 3"
                  strokeWidth={1.2}
                />
                <polyline points={plot.met} fill="none" className="stroke-base-content" strokeWidth={2} />
              </svg>
              <b className="ml-auto">{t("journal.met", { percent: s.met })}</b>
              <span className="quiet text-[13px]">{t("journal.planned", { percent: s.planned })}</span>
            </li>
          );
        })}
      </ul>
      <details className="text-[13px]">
        <summary className="cursor-pointer">{t("journal.weekByWeek")}</summary>
        <table className="w-full">
          <thead>
            <tr>
              <th className="text-left font-normal">{t("journal.week")}</th>
              {aims.map((a) => (
                <th key={a} className="text-right font-normal">
                  {t(`aimShort.${a}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {weeks.map((w) => (
              <tr key={w.monday} className="border-base-300 border-t">
                <td>{dayAndMonth(w.monday)}</td>
                {aims.map((a, k) => (
                  <td key={a} className="text-right">
                    {t("journal.metOfPlanned", { met: w.met[k], planned: w.planned[k] })}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
