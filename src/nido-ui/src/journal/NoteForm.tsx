import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { useChanged } from "../shared/changed";
import { today } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";

/** A note in one's own words, about a child or, without one, about a day. */
export function NoteForm({ groupId, childId }: { groupId: string; childId: string | null }) {
  const { t } = useTranslation();
  const add = $api.useMutation("post", "/api/groups/{groupId}/notes", { onSuccess: useChanged("seen") });
  const [text, setText] = useState("");
  const [on, setOn] = useState(today());
  return (
    <form
      className="no-print my-1 flex flex-wrap items-start gap-1.5"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate(
          { params: { path: { groupId } }, body: { on, text, childId, ideaId: null, by: null } },
          { onSuccess: () => setText("") },
        );
      }}
    >
      <Refused error={add.error}>
        <Labelled name="text" label={<span className="sr-only">{t("journal.write")}</span>} className="min-w-52 flex-1">
          <input
            className="input input-sm w-full"
            placeholder={t("journal.write")}
            required
            maxLength={1000}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </Labelled>
        <Labelled name="on" label={<span className="sr-only">{t("today.day")}</span>}>
          <input
            type="date"
            className="input input-sm w-36"
            required
            max={today()}
            value={on}
            onChange={(e) => setOn(e.target.value)}
          />
        </Labelled>
        <button type="submit" className="btn btn-outline btn-sm">
          {t("journal.keep")}
        </button>
        <ErrorNote error={add.error} />
      </Refused>
    </form>
  );
}
