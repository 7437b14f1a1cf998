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

interface Pill {
  who: Who;
  ideaId: string;
  ladder: string;
  technique: string;
  step: number;
  date: string;
  seen: Schemas["SeenToday"][];
}

/**
 * A child at an offer: one tap opens the four words, one more writes down what was seen on the day that is shown; it can be taken
 * back. What was seen stays, when the page is opened again, too.
 */
export function ChildPill(pill: Pill) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const { who } = pill;
  const last = pill.seen.at(-1);
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
      {open && <SeeChild {...pill} onDone={() => setOpen(false)} />}
    </li>
  );
}

/** The four words for one child; only the pill that is open has them, a block has dozens of pills. */
function SeeChild({ who, ideaId, ladder, technique, step, date, seen, onDone }: Pill & { onDone: () => void }) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const changes = useObservations(week.data?.groupId ?? "");
  const last = seen.at(-1);
  const keep = (one: Schemas["ObservationBody"]) =>
    saveOrWait(() => changes.see([one]), {
      to: `/api/groups/${week.data?.groupId ?? ""}/observations`,
      method: "POST",
      body: { observations: [one] },
      // What the house refuses stays open with its sentence.
    }).then(onDone, () => undefined);
  return (
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
            onDone();
          }}
        >
          {t("evidence.takeBack")}
        </button>
      )}
    </>
  );
}
