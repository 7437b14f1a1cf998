import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, helpLevels } from "../api/client";
import { daysLater, longDay, today } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { age } from "../shared/figures";
import { Mark, PathPlot } from "./PathPlot";
import { PathTable } from "./PathTable";

const spans = [6, 12, 26, 52] as const;

/** A child's way on each ladder on which anything was seen, and what was written down. Never beside another child. */
export function ChildPage({ groupId, childId }: { groupId: string; childId: string }) {
  const { t } = useTranslation();
  const [weeks, setWeeks] = useState<(typeof spans)[number]>(12);
  const to = today();
  const journal = $api.useQuery("get", "/api/groups/{groupId}/children/{childId}/journal", {
    params: { path: { groupId, childId }, query: { from: daysLater(to, -7 * weeks), to } },
  });
  const child = journal.data;
  return (
    <section className="min-w-0 flex-1 overflow-auto px-5 py-3" aria-label={child?.name ?? t("places.journal")}>
      <ErrorNote error={journal.error} />
      {!child && !journal.error && <p className="quiet">{t("loading")}</p>}
      {child && (
        <>
          <div className="mb-2 flex flex-wrap items-center gap-3">
            <h2 className="mr-auto text-xl">
              {child.name} <span className="quiet text-base">{age(child.months)}</span>
            </h2>
            <label className="no-print flex items-center gap-2">
              {t("journal.lookBack")}
              <select
                className="select select-sm w-auto"
                value={weeks}
                onChange={(e) => setWeeks(Number(e.target.value) as (typeof spans)[number])}
              >
                {spans.map((s) => (
                  <option key={s} value={s}>
                    {t("journal.weeks", { count: s })}
                  </option>
                ))}
              </select>
            </label>
          </div>
          {child.ladders.length === 0 && <p>{t("journal.empty", { name: child.name })}</p>}
          {child.ladders.length > 0 && (
            <p className="quiet mb-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-[13px]">
              {helpLevels.map((h) => (
                <span key={h} className="inline-flex items-center gap-1.5">
                  <svg viewBox="-6 -6 12 12" className="size-3.5" aria-hidden="true">
                    <Mark help={h} />
                  </svg>
                  {t(`help.${h}`)}
                </span>
              ))}
              <span className="inline-flex items-center gap-1.5">
                <span className="inline-block h-3 w-6 border-base-content border-y bg-secondary" aria-hidden="true" />
                {t("journal.band")}
              </span>
            </p>
          )}
          <div className="grid gap-4 xl:grid-cols-2">
            {child.ladders.map((l) => (
              <article key={l.id} className="card-paper break-inside-avoid p-3" data-path={l.id}>
                <h3 className="font-bold">{l.name}</h3>
                <p className="quiet text-[13px]">
                  {l.ownBest !== null && t("journal.ownBest", { step: l.ownBest, name: l.steps[l.ownBest - 1] })}{" "}
                  {l.objective &&
                    t("objective.is", {
                      step: l.objective.step,
                      name: l.steps[l.objective.step - 1],
                      day: longDay(l.objective.by),
                    })}
                </p>
                <PathPlot path={l} />
                <PathTable path={l} />
              </article>
            ))}
          </div>
          {child.notes.length > 0 && (
            <>
              <h2 className="mt-4">{t("journal.notes")}</h2>
              <ul data-notes>
                {child.notes.map((n) => (
                  <li key={n.id} className="border-base-300 border-t py-1.5">
                    <b>{longDay(n.on)}</b> · {n.note} <span className="quiet">{n.by}</span>
                  </li>
                ))}
              </ul>
            </>
          )}
        </>
      )}
    </section>
  );
}
