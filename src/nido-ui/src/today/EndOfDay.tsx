import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { useChanged } from "../shared/changed";
import { Dialog } from "../shared/Dialog";
import { longDay, seenOn } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { plain } from "../shared/figures";
import { numberOrTyped } from "../shared/numbers";
import { useWeek } from "../shared/useWeek";

/** The end of the day: what was used goes from the cupboard, corrected where it was other, and a note on the day. */
export function EndOfDay({ day, date, onClose }: { day: number; date: string; onClose: () => void }) {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const groupId = week.data?.groupId ?? "";
  const path = { params: { path: { weekId, day } } };
  const used = $api.useQuery("get", "/api/weeks/{weekId}/days/{day}/used", path);
  const onSuccess = useChanged("cupboard");
  const onNote = useChanged("seen");
  const take = $api.useMutation("post", "/api/weeks/{weekId}/days/{day}/used", { onSuccess });
  const back = $api.useMutation("delete", "/api/weeks/{weekId}/days/{day}/used", { onSuccess });
  const note = $api.useMutation("post", "/api/groups/{groupId}/notes", { onSuccess: onNote });
  const [amounts, setAmounts] = useState<Record<string, string>>({});
  const [words, setWords] = useState("");
  const [kept, setKept] = useState(false);
  const lines = used.data?.lines ?? [];
  return (
    <Dialog title={t("endOfDay.title", { day: longDay(date) })} onClose={onClose}>
      <ErrorNote error={used.error ?? take.error ?? back.error ?? note.error} />
      <h3 className="font-bold">{t("endOfDay.used")}</h3>
      {used.data && lines.length === 0 && <p className="quiet">{t("endOfDay.nothing")}</p>}
      <ul className="max-h-72 overflow-auto" data-used>
        {lines.map((l) => (
          <li key={l.materialId} className="flex items-center gap-2 border-base-300 border-t py-1">
            <span className="mr-auto">{l.name}</span>
            {used.data?.taken ? (
              <b>
                {plain(l.amount)} {l.unit}
              </b>
            ) : (
              <>
                <input
                  className="input input-sm h-11 w-24 text-right"
                  inputMode="decimal"
                  aria-label={t("endOfDay.amount", { name: l.name })}
                  value={amounts[l.materialId] ?? plain(l.amount)}
                  onChange={(e) => setAmounts({ ...amounts, [l.materialId]: e.target.value })}
                />
                <span className="quiet w-12">{l.unit}</span>
              </>
            )}
          </li>
        ))}
      </ul>
      {used.data?.taken ? (
        <p className="mt-2 flex flex-wrap items-center gap-2">
          <span className="mr-auto">{t("endOfDay.taken")}</span>
          <button type="button" className="btn btn-outline h-11" onClick={() => back.mutate(path)}>
            {t("endOfDay.putBack")}
          </button>
        </p>
      ) : (
        <button
          type="button"
          className="btn btn-primary mt-2 h-11"
          disabled={lines.length === 0 || take.isPending}
          onClick={() =>
            take.mutate({
              ...path,
              body: {
                lines: lines.map((l) => ({
                  materialId: l.materialId,
                  amount:
                    amounts[l.materialId] === undefined
                      ? l.amount
                      : (numberOrTyped(amounts[l.materialId] ?? "") as number),
                })),
              },
            })
          }
        >
          {t("endOfDay.take")}
        </button>
      )}
      <form
        className="mt-4 flex flex-wrap gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          note.mutate(
            {
              params: { path: { groupId } },
              body: { on: seenOn(date), text: words, childId: null, ideaId: null, by: null },
            },
            {
              onSuccess: () => {
                setWords("");
                setKept(true);
              },
            },
          );
        }}
      >
        <input
          className="input h-11 min-w-52 flex-1"
          aria-label={t("endOfDay.note")}
          placeholder={t("endOfDay.note")}
          required
          maxLength={1000}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        <button type="submit" className="btn btn-outline h-11">
          {t("endOfDay.keepNote")}
        </button>
        {kept && (
          <p role="status" className="w-full">
            {t("endOfDay.noteKept")}
          </p>
        )}
      </form>
    </Dialog>
  );
}
