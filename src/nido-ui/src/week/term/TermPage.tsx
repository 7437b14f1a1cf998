import { Wand2 } from "lucide-react";
import { useTranslation } from "react-i18next";
import { $api } from "../../api/client";
import { useChanged } from "../../shared/changed";
import { ErrorNote } from "../../shared/ErrorNote";
import { PlaceMain, PlaceSkeleton } from "../../shared/Skeleton";
import { useWeek } from "../../shared/useWeek";
import { AddWeeks } from "./AddWeeks";
import { CopyWeek } from "./CopyWeek";
import { TermRow } from "./TermRow";

/** The term of a group: its weeks in a row with their letters and numbers, which can be proposed and changed. */
export function TermPage() {
  const { t } = useTranslation();
  const { week } = useWeek();
  const groupId = week.data?.groupId ?? "";
  const path = { params: { path: { groupId } } };
  const term = $api.useQuery("get", "/api/groups/{groupId}/term", path, { enabled: groupId !== "" });
  const again = useChanged("week");
  const suggest = $api.useMutation("post", "/api/groups/{groupId}/term/letters", { onSuccess: again });
  const from = week.data?.monday ?? "";
  if (!term.data || !week.data) {
    return <PlaceSkeleton error={week.error ?? term.error} />;
  }
  return (
    <PlaceMain className="overflow-auto">
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("term.title", { group: week.data.groupName })}</h1>
        <span className="quiet place-said">{t("term.count", { count: term.data.length })}</span>
        <button
          type="button"
          className="btn btn-outline btn-sm"
          disabled={suggest.isPending}
          onClick={() => suggest.mutate({ ...path, body: { from } })}
        >
          <Wand2 size={16} aria-hidden="true" /> {t("term.suggest")}
        </button>
      </header>
      <ErrorNote error={term.error ?? suggest.error} />
      <div className="max-w-4xl px-4 py-2">
        <p className="quiet mb-2">{t("term.what")}</p>
        <table className="w-full" data-term>
          <thead>
            <tr className="text-left">
              <th className="py-1">{t("term.week")}</th>
              <th>{t("term.theme")}</th>
              <th>{t("term.letter")}</th>
              <th>{t("term.numbers")}</th>
              <th>{t("term.older")}</th>
              <th className="text-right">{t("term.placed")}</th>
            </tr>
          </thead>
          <tbody>
            {term.data.map((w) => (
              <TermRow key={`${w.weekId} ${w.letter} ${w.numbersTo} ${w.olderNumbersTo}`} week={w} onSaved={again} />
            ))}
          </tbody>
        </table>
        <div className="mt-5 grid grid-cols-2 gap-6 max-md:grid-cols-1">
          <AddWeeks groupId={groupId} last={term.data.at(-1)?.monday ?? from} onAdded={again} />
          <CopyWeek />
        </div>
      </div>
    </PlaceMain>
  );
}
