import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { WayOut, WeekFinding, WeekView } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import { LiftForm } from "./LiftForm";
import { Source } from "./Source";
import { severityIcon } from "./severityIcon";

const shownPlaces = 4;

/** What a rule found: what, whom, where, why, and the ways out, each one press. */
export function FindingRow({
  finding,
  view,
  adults,
  onWayOut,
  onLift,
  onPutBack,
  error,
}: {
  finding: WeekFinding;
  view: WeekView;
  adults: string[];
  onWayOut: (way: WayOut) => void;
  onLift: (way: WayOut, adult: string, reason: string, day: string | null) => void;
  onPutBack: (overrideId: string) => void;
  /** What the server refused of lifting a rule. */
  error?: unknown;
}) {
  const { t } = useTranslation();
  const [lifting, setLifting] = useState<WayOut | null>(null);
  const Icon = severityIcon[finding.severity];
  const blocks = finding.severity === "block" && !finding.lifted;
  const asksAdult = (finding.adults ?? 0) > 0;
  const places = finding.where.map((w) => {
    const day = view.days[w.placement.day];
    return `${day ? dayAndNumber(day.date) : ""} ${w.block}${w.title ? `: ${w.title}` : ""}${asksAdult && w.beside && w.beside.length > 0 ? ` (${t("safety.beside", { names: w.beside.join(", ") })})` : ""}`;
  });
  return (
    <li
      className={`border-l-4 bg-base-100 px-3 py-2 ${blocks ? "border-error" : finding.severity === "tell" ? "border-base-300" : "border-warning"}`}
      data-finding={finding.ruleId}
    >
      <p className="flex gap-2">
        <Icon size={16} className={`mt-0.5 shrink-0 ${blocks ? "text-error" : ""}`} aria-hidden="true" />
        <span>
          <b>{finding.ruleId === "ratio" ? t("safety.short") : t(`severity.${finding.severity}`)}:</b> {finding.message}
        </span>
      </p>
      <p className="quiet pl-6 text-[13px]">
        {finding.what.length > 0 && <span className="mr-3">{finding.what.join(", ")}</span>}
        {finding.whom.length > 0 && (
          <span className="mr-3">{t("safety.whom", { names: finding.whom.join(", ") })}</span>
        )}
        {places.slice(0, shownPlaces).join(" · ")}
        {places.length > shownPlaces && (
          <details className="inline-block">
            <summary className="ml-1 inline-flex min-h-6 cursor-pointer items-center">
              {t("safety.more", { count: places.length - shownPlaces })}
            </summary>
            {places.slice(shownPlaces).join(" · ")}
          </details>
        )}
      </p>
      <div className="pl-6">
        <Source why={finding.why} source={finding.source} deferTo={finding.deferTo} />
        {finding.lifted && (
          <p className="mt-1 flex flex-wrap items-center gap-2">
            <span>
              {t("safety.liftedBy", { adult: finding.lifted.adult, reason: finding.lifted.reason })}{" "}
              {finding.lifted.day ? dayAndNumber(finding.lifted.day) : t("safety.wholeWeek")}
            </span>
            <button
              type="button"
              className="btn btn-outline btn-xs"
              onClick={() => finding.lifted && onPutBack(finding.lifted.id)}
            >
              {t("safety.putBack")}
            </button>
          </p>
        )}
        {finding.waysOut.length > 0 && !lifting && (
          <div className="mt-1.5 flex flex-wrap gap-1.5">
            {finding.waysOut.map((way) => (
              <button
                key={way.say}
                type="button"
                className={`btn btn-sm ${way.kind === "override" ? "btn-ghost" : "btn-outline"}`}
                onClick={() => (way.kind === "override" ? setLifting(way) : onWayOut(way))}
              >
                {way.say}
              </button>
            ))}
          </div>
        )}
        {lifting && (
          <LiftForm
            adults={adults}
            days={view.days.map((d) => d.date)}
            day={lifting.at ? view.days[lifting.at.day]?.date : undefined}
            error={error}
            onLift={(adult, reason, day) => onLift(lifting, adult, reason, day)}
            onCancel={() => setLifting(null)}
          />
        )}
      </div>
    </li>
  );
}
