import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api, type TermWeek } from "../../api/client";
import { longDay } from "../../shared/dates";
import { ErrorNote } from "../../shared/ErrorNote";
import { useWeek } from "../../shared/useWeek";

/** A week of the term; letter and numbers are saved as they are left. */
export function TermRow({ week, onSaved }: { week: TermWeek; onSaved: () => void }) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const [letter, setLetter] = useState(week.letter);
  const [to, setTo] = useState(week.numbersTo);
  const [older, setOlder] = useState(week.olderNumbersTo);
  const at = { params: { path: { weekId: week.weekId } } };
  // Read for its edition: what is saved is a change of what is seen here.
  $api.useQuery("get", "/api/weeks/{weekId}/focus", at);
  const focus = $api.useMutation("put", "/api/weeks/{weekId}/focus", {
    onSuccess: onSaved,
    onError: onSaved,
  });
  const save = (body: { letter: string | null; numbersTo: number; olderNumbersTo: number }) =>
    focus.mutate({ ...at, body });
  const leave = () => {
    if (letter !== week.letter || to !== week.numbersTo || older !== week.olderNumbersTo) {
      save({ letter, numbersTo: to, olderNumbersTo: older });
    }
  };
  const when = longDay(week.monday);
  return (
    <>
      <tr className={`border-base-300 border-t ${week.weekId === weekId ? "bg-secondary" : ""}`}>
        <td className="py-1.5">
          <Link className="inline-flex min-h-6 items-center underline" to={`/w/${week.weekId}/week`}>
            {when}
          </Link>
        </td>
        <td>{week.theme}</td>
        <td>
          <input
            className="child input input-sm w-12 text-center text-base"
            aria-label={`${t("term.letter")}, ${when}`}
            maxLength={1}
            value={letter}
            onChange={(e) => setLetter(e.target.value)}
            onBlur={leave}
          />{" "}
          <span className="quiet">{t("term.asIn", { word: week.letterWord })}</span>
        </td>
        <td>
          1–
          <input
            type="number"
            min={2}
            max={20}
            className="input input-sm w-16"
            aria-label={`${t("term.numbers")}, ${when}`}
            value={to}
            onChange={(e) => setTo(Number(e.target.value))}
            onBlur={leave}
          />
        </td>
        <td>
          1–
          <input
            type="number"
            min={2}
            max={100}
            className="input input-sm w-16"
            aria-label={`${t("term.older")}, ${when}`}
            value={older}
            onChange={(e) => setOlder(Number(e.target.value))}
            onBlur={leave}
          />
          {week.isOwn && (
            <button
              type="button"
              className="btn btn-ghost btn-xs ml-2"
              onClick={() => save({ letter: null, numbersTo: to, olderNumbersTo: older })}
            >
              {t("term.themes")}
            </button>
          )}
        </td>
        <td className="text-right">
          {week.placed > 0 ? week.placed : <span className="quiet">{t("term.none")}</span>}
        </td>
      </tr>
      {focus.isError && (
        <tr>
          <td colSpan={6}>
            <ErrorNote error={focus.error as unknown} />
          </td>
        </tr>
      )}
    </>
  );
}
