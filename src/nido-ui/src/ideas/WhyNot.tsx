import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import { money } from "../shared/figures";
import { useWeek } from "../shared/useWeek";

/** Why an idea does not lie out this week: the best place it could have and what that would change, or the rules against it. */
export function WhyNot({ ideaId }: { ideaId: string }) {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const placed = (week.data?.strips ?? []).length > 0;
  const why = $api.useQuery(
    "get",
    "/api/weeks/{weekId}/ideas/{ideaId}/why-not",
    { params: { path: { weekId, ideaId } } },
    { enabled: placed },
  );
  if (!placed || !why.data || why.data.placed > 0) {
    return null;
  }
  const best = why.data.best;
  const changes = best
    ? [
        best.shortfallMinutes > 0.05 ? t("whyNot.short", { minutes: best.shortfallMinutes }) : "",
        best.cents > 0 ? t("whyNot.money", { money: money(best.cents, week.data?.currency ?? "USD") }) : "",
        best.prepMinutes > 0 ? t("whyNot.prep", { minutes: best.prepMinutes }) : "",
      ].filter((c) => c !== "")
    : [];
  return (
    <p className="my-1 text-[13px]" data-why-not>
      <b>{t("whyNot.title")}</b>{" "}
      {best
        ? t("whyNot.best", {
            day: dayAndNumber(best.date),
            block: best.blockName,
            instead: best.instead ?? t("whyNot.nothing"),
          })
        : t("whyNot.nowhere")}{" "}
      {best &&
        (changes.length > 0 ? `${changes.join(", ")}. ` : t(best.wishPoints > 0 ? "whyNot.wishes" : "whyNot.asGood"))}
      {why.data.rules.length > 0 && (
        <span className="quiet">
          {" "}
          {t("whyNot.rules")} {why.data.rules.join("; ")}.
        </span>
      )}
    </p>
  );
}
