import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useObservations } from "../group/useObservations";
import { useChanged } from "../shared/changed";
import { longDay } from "../shared/dates";

type Written = Schemas["WrittenView"];

/** What was written down, newest first: day, where, in whose words; each can be taken back. */
export function NoteList({ groupId, notes, named = false }: { groupId: string; notes: Written[]; named?: boolean }) {
  const { t } = useTranslation();
  const seen = useObservations(groupId);
  const note = $api.useMutation("delete", "/api/groups/{groupId}/notes/{id}", { onSuccess: useChanged("seen") });
  const takeBack = (n: Written) =>
    n.kind === "seen" ? seen.takeBack(n.id) : note.mutate({ params: { path: { groupId, id: n.id } } });
  return (
    <ul data-notes>
      {notes.map((n) => (
        <li key={`${n.kind} ${n.id}`} className="flex items-start gap-2 border-base-300 border-t py-1.5">
          <span className="mr-auto">
            <span className="quiet block text-[13px]">
              {[longDay(n.on), named ? n.child : "", n.idea, n.kind === "picture" ? t("journal.kind.picture") : ""]
                .filter(Boolean)
                .join(" · ")}
            </span>
            {n.text}
            <span className="quiet block text-[13px]">
              {[
                n.ladder,
                n.step === null ? "" : t("idea.step", { step: n.step }),
                n.help && t(`help.${n.help}`),
                n.sign && t("journal.sign", { sign: n.sign }),
                n.by,
              ]
                .filter(Boolean)
                .join(" · ")}
            </span>
          </span>
          {n.kind !== "picture" && (
            <button type="button" className="btn btn-ghost btn-xs no-print" onClick={() => takeBack(n)}>
              {t("evidence.takeBack")}
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}
