import { useTranslation } from "react-i18next";
import type { BeforeAfterData } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import { duration, money } from "../shared/figures";

/** What a change of plan comes to: figures before and after, then the strips that are others. */
export function BeforeAfter({ look, currency }: { look: BeforeAfterData; currency: string }) {
  const { t } = useTranslation();
  const { before: b, after: a } = look;
  const rows: [string, string, string][] = [
    [t("look.smallest"), `${b.worstShare}%`, `${a.worstShare}%`],
    [t("look.money"), money(b.cents, currency), money(a.cents, currency)],
    [t("look.ask"), String(b.toAsk), String(a.toAsk)],
    [t("look.prep"), duration(b.prepMinutes), duration(a.prepMinutes)],
    [t("look.empty"), String(b.empty), String(a.empty)],
    [t("look.blocked"), String(b.blocked), String(a.blocked)],
  ];
  return (
    <div data-look>
      <table className="my-2">
        <thead>
          <tr>
            <th className="pr-6">
              <span className="sr-only">{t("look.what")}</span>
            </th>
            <th className="px-3 text-right">{t("look.before")}</th>
            <th className="px-3 text-right">{t("look.after")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([what, was, now]) => (
            <tr key={what} className="border-base-300 border-t">
              <th scope="row" className="pr-6 text-left font-normal">
                {what}
              </th>
              <td className="px-3 text-right tabular-nums">{was}</td>
              <td className={`px-3 text-right tabular-nums ${was === now ? "quiet" : "font-bold"}`}>{now}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="font-bold">{t("look.strips", { count: look.changed.length })}</p>
      <ul className="max-h-44 overflow-auto">
        {look.changed.map((c) => (
          <li key={`${c.day} ${c.block} ${c.was} ${c.now}`} className="border-base-300 border-t py-0.5 text-[13px]">
            {dayAndNumber(c.day)} · {c.block}: <span className="quiet">{c.was ?? t("look.nothing")}</span> →{" "}
            <b>{c.now ?? t("look.nothing")}</b>
          </li>
        ))}
      </ul>
    </div>
  );
}
