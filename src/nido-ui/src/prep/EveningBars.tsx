import { useTranslation } from "react-i18next";
import { dayAndNumber } from "../shared/dates";

/** Every evening's minutes against what an evening holds. */
export function EveningBars({ evenings }: { evenings: { evening: string; minutes: number; capacity: number }[] }) {
  const { t } = useTranslation();
  const most = Math.max(1, ...evenings.map((e) => Math.max(e.minutes, e.capacity)));
  return (
    <figure className="card-paper max-w-3xl p-3">
      <figcaption className="mb-2 font-bold">{t("prep.evenings", { capacity: evenings[0]?.capacity ?? 0 })}</figcaption>
      {evenings.map((e) => (
        <div key={e.evening} className="grid grid-cols-[70px_1fr_90px] items-center gap-2 py-0.5">
          <span>{dayAndNumber(e.evening)}</span>
          <span className="relative h-4 rounded bg-base-200">
            <span
              className={`absolute inset-y-0 left-0 rounded ${e.minutes > e.capacity ? "short-bar" : "bg-base-content"}`}
              style={{ width: `${(100 * e.minutes) / most}%` }}
            />
            <span
              className="absolute inset-y-0 border-error border-l-2"
              style={{ left: `${(100 * e.capacity) / most}%` }}
            />
          </span>
          <span className={`text-right ${e.minutes > e.capacity ? "font-bold text-warning" : ""}`}>
            {e.minutes} min{e.minutes > e.capacity ? ` (+${e.minutes - e.capacity})` : ""}
          </span>
        </div>
      ))}
    </figure>
  );
}
