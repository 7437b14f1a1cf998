import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { NoteList } from "./NoteList";

const kinds = [null, "seen", "note", "picture"] as const;

/**
 * What is found for the words asked, in notes, of children by name, by who saw it; of one kind, child or span of days
 * where one is chosen. Without words it is all that was written down.
 */
export function FoundList({
  groupId,
  words,
  of,
}: {
  groupId: string;
  words: string;
  of: { childId: string; name: string }[];
}) {
  const { t } = useTranslation();
  const [childId, setChildId] = useState("");
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  const [kind, setKind] = useState<(typeof kinds)[number]>(null);
  const found = $api.useQuery(
    "post",
    "/api/groups/{groupId}/journal/find",
    {
      params: { path: { groupId } },
      body: { words, kind, childId: childId || null, from: from || null, to: to || null },
    },
    { placeholderData: (before) => before },
  );
  return (
    <section className="pane min-h-0 flex-1 overflow-auto px-5 py-3" aria-label={t("journal.found")} data-found>
      <ErrorNote error={found.error} />
      <div className="mb-1 flex flex-wrap items-center gap-3">
        <label className="flex items-center gap-1.5">
          {t("journal.ofChild")}
          <select
            className="select select-sm w-40"
            value={childId}
            onChange={(e) => setChildId(e.target.value)}
            data-of-child
          >
            <option value="">{t("journal.everyone")}</option>
            {of.map((c) => (
              <option key={c.childId} value={c.childId}>
                {c.name}
              </option>
            ))}
          </select>
        </label>
        <DayField label={t("journal.fromDay")} value={from} max={to} onDay={setFrom} />
        <DayField label={t("journal.toDay")} value={to} min={from} onDay={setTo} />
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

/** A day to look from or up to; empty is any. */
function DayField({
  label,
  value,
  onDay,
  ...limits
}: {
  label: string;
  value: string;
  onDay: (day: string) => void;
  min?: string;
  max?: string;
}) {
  return (
    <label className="flex items-center gap-1.5">
      {label}
      <input
        type="date"
        className="input input-sm w-36"
        value={value}
        min={limits.min || undefined}
        max={limits.max || undefined}
        onChange={(e) => onDay(e.target.value)}
      />
    </label>
  );
}
