import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";

/** What is found for the words asked: in notes, of children by name, by who saw it. */
export function FoundList({ groupId, words }: { groupId: string; words: string }) {
  const { t } = useTranslation();
  const found = $api.useQuery(
    "post",
    "/api/groups/{groupId}/journal/find",
    { params: { path: { groupId } }, body: { words } },
    { placeholderData: (before) => before },
  );
  return (
    <section className="min-h-0 flex-1 overflow-auto px-5 py-3" aria-label={t("journal.found")}>
      <ErrorNote error={found.error} />
      <p className="quiet mb-1" aria-live="polite">
        {found.data ? t("journal.foundCount", { count: found.data.count }) : t("loading")}
      </p>
      <ul data-found>
        {found.data?.lines.map((l) => (
          <li key={l.seen.id} className="border-base-300 border-t py-1.5">
            <b>{l.child}</b> · {longDay(l.seen.on)} · {l.ladder}, {t("idea.step", { step: l.seen.step })} ·{" "}
            {t(`help.${l.seen.help}`)}
            {l.seen.note && <span className="block">{l.seen.note}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
