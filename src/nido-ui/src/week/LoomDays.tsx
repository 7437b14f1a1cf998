import { useTranslation } from "react-i18next";
import type { LoomRow, WeekView } from "../api/client";
import { dayAndNumber } from "../shared/dates";

/** A column a day. */
export function DayHeads({ days }: { days: WeekView["days"] }) {
  return days.map((d) => (
    <th key={d.date} className="px-0.5 py-1 text-right font-normal" title={dayAndNumber(d.date)}>
      {dayAndNumber(d.date).slice(0, 2)}
    </th>
  ));
}

/** Useful minutes of each day; the day with least is marked where it is far below the others. */
export function DayCells({ row }: { row: LoomRow }) {
  const { t } = useTranslation();
  const days = row.days ?? [];
  const there = days.filter((d) => d !== null);
  const usual = there.reduce((a, b) => a + b, 0) / Math.max(1, there.length);
  return days.map((minutes, i) => (
    <td
      // biome-ignore lint/suspicious/noArrayIndexKey: the days of a week keep their order
      key={i}
      className={`px-0.5 text-right text-xs ${minutes !== null && minutes < 0.75 * usual ? "font-bold text-error" : ""}`}
    >
      {minutes === null ? (
        <span className="quiet">
          –<span className="sr-only">{t("loom.away")}</span>
        </span>
      ) : (
        Math.round(minutes)
      )}
    </td>
  ));
}
