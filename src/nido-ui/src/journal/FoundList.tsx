import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { NoteList } from "./NoteList";

const kinds = [null, "seen", "note", "picture"] as const;

/** What is found for the words asked, in notes, of children by name, by who saw it; of one kind where one is chosen. */
export function FoundList({ groupId, words }: { groupId: string; words: string }) {
  const { t } = useTranslation();
  const [kind, setKind] = useState<(typeof kinds)[number]>(null);
  const found = $api.useQuery(
    "post",
    "/api/groups/{groupId}/journal/find",
    { params: { path: { groupId } }, body: { words, kind, childId: null } },
    { placeholderData: (before) => before },
  );
  return (
    <section className="min-h-0 flex-1 overflow-auto px-5 py-3" aria-label={t("journal.found")} data-found>
      <ErrorNote error={found.error} />
      <div className="mb-1 flex flex-wrap items-center gap-3">
        <p className="quiet mr-auto" aria-live="polite">
          {found.data ? t("journal.foundCount", { count: found.data.count }) : t("loading")}
        </p>
        <fieldset className="join">
          <legend className="sr-only">{t("journal.of")}</legend>
          {kinds.map((k) => (
            <button
              key={k ?? "all"}
              type="button"
              aria-pressed={k === kind}
              className={`btn join-item btn-sm ${k === kind ? "btn-primary" : ""}`}
              onClick={() => setKind(k)}
            >
              {t(`journal.kind.${k ?? "all"}`)}
            </button>
          ))}
        </fieldset>
      </div>
      <NoteList groupId={groupId} notes={found.data?.lines ?? []} named />
    </section>
  );
}
