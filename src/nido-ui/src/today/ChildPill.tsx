import { Check } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { IdeaCardData, Schemas } from "../api/client";
import { useObservations } from "../group/useObservations";
import { seenOn } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import { SeenForm } from "./SeenForm";
import { isAway, saveOrWait } from "./waiting";

type Who = IdeaCardData["steps"][number]["who"][number];

/**
 * A child at an offer: one tap opens the four words, one more writes down what was seen on the day that is shown; it can be taken
 * back. What was seen stays, when the page is opened again, too.
 */
export function ChildPill({
  who,
  ideaId,
  ladder,
  technique,
  step,
  date,
  seen,
}: {
  who: Who;
  ideaId: string;
  ladder: string;
  technique: string;
  step: number;
  date: string;
  seen: Schemas["SeenToday"][];
}) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const [open, setOpen] = useState(false);
  const changes = useObservations(week.data?.groupId ?? "");
  const last = seen.at(-1);
  const keep = async (one: Schemas["ObservationBody"]) => {
    await saveOrWait(() => changes.see([one]), {
      to: `/api/groups/${week.data?.groupId ?? ""}/observations`,
      method: "POST",
      body: { observations: [one] },
    }).then(
      () => setOpen(false),
      // What the house refuses stays open with its sentence.
      () => undefined,
    );
  };
  return (
    <li className={open ? "w-full" : ""}>
      <button
        type="button"
        aria-expanded={open}
        className={`min-h-11 cursor-pointer rounded-full border px-3 py-1 ${last ? "border-2 border-base-content bg-base-200" : "border-base-content"}`}
        onClick={() => setOpen(!open)}
      >
        {last && <Check size={16} className="mr-1 inline" aria-hidden="true" />}
        {who.name}
        <span className="quiet text-base">
          {" "}
          {last ? t(`help.${last.help}`) : who.help !== "alone" ? t(`idea.help.${who.help ?? "hands"}`) : ""}
        </span>
      </button>
      {open && (
        <>
          <SeenForm
            name={who.name}
            ladder={ladder}
            technique={technique}
            onSee={(help, more) =>
              void keep({ childId: who.childId, ladder, step, help, on: seenOn(date), by: null, ideaId, ...more })
            }
          />
          <ErrorNote error={isAway(changes.error) ? null : changes.error} />
          {last && (
            <button
              type="button"
              className="btn btn-ghost h-11"
              onClick={() => {
                changes.takeBack(last.id);
                setOpen(false);
              }}
            >
              {t("evidence.takeBack")}
            </button>
          )}
        </>
      )}
    </li>
  );
}
