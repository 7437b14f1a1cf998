import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, helpLevels } from "../api/client";
import { daysLater, longDay, today } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { age } from "../shared/figures";
import { Skeleton } from "../shared/Skeleton";
import { AimShares } from "./AimShares";
import { Likes } from "./Likes";
import { NoteForm } from "./NoteForm";
import { NoteList } from "./NoteList";
import { PageDialog } from "./PageDialog";
import { Mark, PathPlot } from "./PathPlot";
import { PathTable } from "./PathTable";
import { Portfolio } from "./Portfolio";
import type { LadderPath } from "./path";
import { WhenHard } from "./WhenHard";

/** Ladders that are shown at once: those with most seen. */
const first = 2;

const spans = [6, 12, 26, 52] as const;

/** A child's way on each ladder on which anything was seen, and what was written down. Never beside another child. */
export function ChildPage({ groupId, childId }: { groupId: string; childId: string }) {
  const { t } = useTranslation();
  const [weeks, setWeeks] = useState<(typeof spans)[number]>(12);
  const [sharing, setSharing] = useState(false);
  const to = today();
  const journal = $api.useQuery("get", "/api/groups/{groupId}/children/{childId}/journal", {
    params: { path: { groupId, childId }, query: { from: daysLater(to, -7 * weeks), to } },
  });
  const child = journal.data;
  return (
    <section className="pane min-w-0 flex-1 overflow-auto px-5 py-3" aria-label={child?.name ?? t("places.journal")}>
      <ErrorNote error={journal.error} />
      {!child && !journal.error && <Skeleton lines={12} />}
      {child && (
        <>
          <div className="mb-2 flex flex-wrap items-center gap-3">
            <h2 className="mr-auto text-xl">
              {child.name} <span className="quiet text-base">{age(child.months)}</span>
            </h2>
            <button type="button" className="no-print btn btn-outline btn-sm" onClick={() => setSharing(true)}>
              {t("share.open")}
            </button>
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
          {sharing && <PageDialog groupId={groupId} child={child} onClose={() => setSharing(false)} />}
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
          <div className="grid grid-cols-1 gap-4 xl:grid-cols-2">
            {child.ladders.slice(0, first).map((l) => (
              <Path key={l.id} path={l} />
            ))}
          </div>
          <div className="mt-4 grid grid-cols-1 items-start gap-4 xl:grid-cols-2">
            <AimShares weeks={child.weeks} />
            <WhenHard groupId={groupId} child={child} />
            <Likes child={child} />
          </div>
          {child.ladders.length > first && (
            <details className="mt-4" data-more-ladders>
              <summary className="min-h-11 cursor-pointer font-semibold">
                {t("journal.moreLadders", { count: child.ladders.length - first })}
              </summary>
              <div className="grid grid-cols-1 gap-4 xl:grid-cols-2">
                {child.ladders.slice(first).map((l) => (
                  <Path key={l.id} path={l} />
                ))}
              </div>
            </details>
          )}
          <Portfolio groupId={groupId} pictures={child.pictures} count={child.pictureCount} />
          <h2 className="mt-4">{t("journal.notes")}</h2>
          <NoteForm groupId={groupId} childId={child.childId} />
          <NoteList groupId={groupId} notes={child.notes} />
        </>
      )}
    </section>
  );
}

/** A child's way on one ladder, with its own best and what it works towards. */
function Path({ path }: { path: LadderPath }) {
  const { t } = useTranslation();
  return (
    <article className="card-paper break-inside-avoid p-3" data-path={path.id}>
      <h3 className="font-bold">{path.name}</h3>
      <p className="quiet text-[13px]">
        {path.ownBest !== null && t("journal.ownBest", { step: path.ownBest, name: path.steps[path.ownBest - 1] })}{" "}
        {path.chosen && t("journal.chosen", { step: path.chosen.step, day: longDay(path.chosen.on) })}{" "}
        {path.objective &&
          t("objective.is", {
            step: path.objective.step,
            name: path.steps[path.objective.step - 1],
            day: longDay(path.objective.by),
          })}
      </p>
      <PathPlot path={path} />
      <PathTable path={path} />
    </article>
  );
}
