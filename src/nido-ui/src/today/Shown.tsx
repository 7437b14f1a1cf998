import { Check } from "lucide-react";
import { useTranslation } from "react-i18next";
import { $api, type OfferOfDay } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import { Fold } from "../shared/Fold";
import { useWeek } from "../shared/useWeek";

/** On a prepared shelf: who has been shown the work, one to one; a press marks it, another takes it back. */
export function Shown({ today, date }: { today: OfferOfDay; date: string }) {
  const { t } = useTranslation();
  const { week, show } = useWeek();
  const groupId = week.data?.groupId ?? "";
  const mark = $api.useMutation("put", "/api/groups/{groupId}/shown", {
    onSuccess: () => week.data && show(week.data),
  });
  if (today.shown.length === 0) {
    return null;
  }
  return (
    <Fold
      className="mt-2 text-base"
      titleClass="cursor-pointer font-semibold"
      title={t("shown.title", { shown: today.shown.filter((s) => s.on).length, of: today.shown.length })}
      data-shown
    >
      <ul className="mt-1 flex flex-wrap gap-1.5">
        {today.shown.map((s) => (
          <li key={s.childId}>
            <button
              type="button"
              aria-pressed={s.on !== null}
              disabled={mark.isPending}
              className={`min-h-11 cursor-pointer rounded-full border px-3 py-1 ${s.on ? "border-2 border-base-content bg-base-200" : "border-base-300 border-dashed"}`}
              onClick={() =>
                mark.mutate({
                  params: { path: { groupId } },
                  body: { childId: s.childId, techniqueId: today.techniqueId, shown: s.on === null, on: date },
                })
              }
            >
              {s.on && <Check size={16} className="mr-1 inline" aria-hidden="true" />}
              {s.name} <span className="quiet">{s.on ? dayAndNumber(s.on) : t("shown.notYet")}</span>
            </button>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
