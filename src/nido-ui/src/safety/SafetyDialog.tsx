import { useTranslation } from "react-i18next";
import { $api, type WayOut, type WeekView } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import type { Changes } from "../week/useChanges";
import { FindingRow } from "./FindingRow";
import { useSafetyChanges } from "./useSafetyChanges";

/** All that the rules find in the week, most severe first, with ways out that are checked again at once. */
export function SafetyDialog({ view, changes, onClose }: { view: WeekView; changes: Changes; onClose: () => void }) {
  const { t } = useTranslation();
  const { path } = useWeek();
  const safety = $api.useQuery("get", "/api/weeks/{weekId}/safety", path);
  const own = useSafetyChanges();
  const data = safety.data;
  const apply = (way: WayOut) => {
    if (way.kind === "askAdult" && way.adult) {
      own.ask(view.groupId, way.adult);
    } else if (way.at && way.kind === "swap" && way.ideaId) {
      changes.put(way.at, way.ideaId);
    } else if (way.at && way.kind === "move" && way.to) {
      changes.move(way.at, way.to);
    } else if (way.at) {
      changes.remove(way.at);
    }
  };
  return (
    <Dialog title={t("safety.title")} onClose={onClose} wide>
      <p className="quiet mb-2">{t("safety.what")}</p>
      <ErrorNote error={safety.error ?? own.error ?? changes.error} />
      {data?.findings.every((f) => f.severity !== "block") && (
        <p className="mb-2 font-bold" role="status">
          {t("truth.nothingBlocked")}
        </p>
      )}
      <ul className="space-y-1.5" aria-live="polite">
        {data?.findings.map((f) => (
          <FindingRow
            key={f.id}
            finding={f}
            view={view}
            adults={data.adults}
            onWayOut={apply}
            onLift={(way, adult, reason, day) => own.lift(way.ideaId ?? "", way.ruleId ?? "", adult, reason, day)}
            onPutBack={own.putBack}
            error={own.error}
          />
        ))}
      </ul>
      {data && data.overrides.length > 0 && (
        <>
          <h3 className="mt-4 mb-1 font-bold">{t("safety.journal")}</h3>
          <ul className="text-[13px]">
            {data.overrides.map((o) => (
              <li key={o.id} className="border-base-300 border-t py-1">
                {t("safety.entry", {
                  day: longDay(o.at.slice(0, 10)),
                  adult: o.adult,
                  idea: o.ideaTitle,
                  rule: o.ruleMessage,
                  reason: o.reason,
                })}
                {o.withdrawnAt && <b> {t("safety.withdrawn", { day: longDay(o.withdrawnAt.slice(0, 10)) })}</b>}
              </li>
            ))}
          </ul>
        </>
      )}
    </Dialog>
  );
}
