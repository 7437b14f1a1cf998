import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Truth } from "../api/client";
import { duration, money } from "../shared/figures";
import { useWeek } from "../shared/useWeek";

/** The whole week in one line: reach, fairness, money, work, safety. */
export function TruthLine({
  truth,
  short,
  currency,
  onSafety,
  onUnread,
  onPlay,
}: {
  truth: Truth;
  /** A material that is short, if any is: one press leads to its ways out. */
  short: string | undefined;
  currency: string;
  onSafety: () => void;
  onUnread: () => void;
  onPlay: () => void;
}) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const [all, setAll] = useState(false);
  // A phone shows the shares, the purse and what is wrong; the rest is a press away.
  const rest = all ? "" : "max-md:hidden";
  const missing = truth.shortMinutes ?? 0;
  const buys = truth.toBuy > 0;
  const buying = `${t("truth.buy", { count: truth.toBuy })}${buys ? `, ${money(truth.cents, currency)}` : ""}${truth.toAsk > 0 ? ` · ${t("truth.ask", { count: truth.toAsk })}` : ""}`;
  return (
    <p
      className="flex flex-wrap gap-x-3.5 gap-y-0 border-base-300 border-b px-4 py-1.5 text-[13px]"
      data-truth
      aria-live="polite"
    >
      <span className={truth.inReachEverywhere < truth.children ? "" : rest}>
        <b>{t("truth.reach", { in: truth.inReachEverywhere, of: truth.children })}</b> {t("truth.everyBlock")}
      </span>
      {truth.worstChild && (
        <span>
          {t("truth.smallest")} <b>{truth.worstShare}%</b>{" "}
          <span className="quiet">
            {t("truth.ofEven")}
            {truth.atMostShare != null ? ` · ${t("truth.atMost", { share: Math.round(truth.atMostShare) })}` : ""} ·{" "}
            {truth.worstChild}, {truth.worstAim ? t(`aim.${truth.worstAim}`) : ""}
          </span>
        </span>
      )}
      {short ? (
        <Link
          className="inline-flex min-h-6 items-center font-bold text-warning underline decoration-dotted underline-offset-4"
          to={`/w/${weekId}/cupboard?open=${short}&from=week`}
        >
          {buying}
        </Link>
      ) : (
        <span>{buying}</span>
      )}
      {(truth.overBudget ?? 0) > 0 && (
        <Link
          className="inline-flex min-h-6 items-center font-bold text-error underline decoration-dotted underline-offset-4"
          to={`/w/${weekId}/cupboard${truth.dearest?.[0] ? `?open=${truth.dearest[0].materialId}&from=week` : ""}`}
          data-over-budget
        >
          {t("truth.overBudget", {
            over: money(truth.overBudget ?? 0, currency),
            things: (truth.dearest ?? []).map((d) => d.name).join(", "),
          })}
        </Link>
      )}
      {truth.missingMost && (
        <Link
          className={`${rest} inline-flex min-h-6 items-center underline decoration-dotted underline-offset-4`}
          to={`/w/${weekId}/cupboard?open=${truth.missingMost.materialId}&from=week`}
          data-missing-most
        >
          {t("truth.missingMost", { name: truth.missingMost.name, count: truth.missingMost.strips })}
        </Link>
      )}
      {truth.wouldHelp && (
        <Link
          className={`${rest} inline-flex min-h-6 items-center underline decoration-dotted underline-offset-4`}
          to={`/w/${weekId}/cupboard?open=${truth.wouldHelp.materialId}&from=week`}
          data-would-help
        >
          {t("truth.wouldHelp", { name: truth.wouldHelp.name, count: truth.wouldHelp.ways })}
        </Link>
      )}
      <span className={rest}>
        {t("truth.prep")} <b>{duration(truth.prepMinutes)}</b>, {t("truth.evening", { minutes: truth.longestEvening })}
      </span>
      <button
        type="button"
        className="inline-flex min-h-6 cursor-pointer items-center underline decoration-dotted underline-offset-4"
        onClick={onSafety}
      >
        <b className={truth.blocked > 0 ? "text-error" : ""}>
          {truth.blocked === 0 ? t("truth.nothingBlocked") : t("truth.blocked", { count: truth.blocked })}
        </b>
        , {t("truth.watch", { count: truth.toWatch })}
        {truth.lifted > 0 ? `, ${t("truth.lifted", { count: truth.lifted })}` : ""}
      </button>
      {(truth.unread ?? []).length > 0 && (
        <button
          type="button"
          className="inline-flex min-h-6 cursor-pointer items-center font-bold text-warning underline decoration-dotted underline-offset-4"
          onClick={onUnread}
          data-unread
        >
          {t("truth.unread", {
            words: [...new Set((truth.unread ?? []).map((u) => `“${u.word}”`))].join(", "),
            names: [...new Set((truth.unread ?? []).map((u) => u.child))].join(", "),
          })}
        </button>
      )}
      {truth.empty > 0 && <span className="text-warning font-bold">{t("truth.empty", { count: truth.empty })}</span>}
      <button
        type="button"
        className={`${rest} inline-flex min-h-6 cursor-pointer items-center gap-1 underline decoration-dotted underline-offset-4`}
        onClick={onPlay}
      >
        {t("played.open")}
      </button>
      <span className={`quiet ${truth.changed || truth.cutShort ? "" : rest}`} title={t("truth.shortHelp")} data-short>
        {missing < 1 ? t("truth.noneShort") : t("truth.short", { fair: Math.round(missing) })}
        {missing >= 1 && (truth.atLeastMinutes ?? 0) >= 1
          ? `, ${t("truth.atLeast", { bound: Math.round(truth.atLeastMinutes ?? 0) })}`
          : ""}
        {truth.changed ? `, ${t("truth.changed")}` : ""}
        {truth.cutShort ? `, ${t("truth.cutShort")}` : ""}
      </span>
      <button
        type="button"
        className="ml-auto inline-flex min-h-6 cursor-pointer items-center font-bold underline decoration-dotted underline-offset-4 md:hidden"
        aria-expanded={all}
        onClick={() => setAll(!all)}
        data-truth-all
      >
        {t(all ? "truth.fewer" : "truth.all")}
      </button>
    </p>
  );
}
