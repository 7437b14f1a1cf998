import { Check } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type HelpLevel, helpLevels, type IdeaCardData } from "../api/client";
import { useObservations } from "../group/useObservations";
import { seenOn } from "../shared/dates";
import { useWeek } from "../shared/useWeek";

type Who = IdeaCardData["steps"][number]["who"][number];

/**
 * A child at an offer: one tap opens the four words, one more writes down what was seen on the day that is shown, with a note where
 * one was typed; it can be taken back.
 */
export function ChildPill({ who, ladder, step, date }: { who: Who; ladder: string; step: number; date: string }) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const [open, setOpen] = useState(false);
  const [seen, setSeen] = useState<{ help: HelpLevel; id: number } | null>(null);
  const [note, setNote] = useState("");
  const changes = useObservations(week.data?.groupId ?? "");
  const see = (help: HelpLevel) =>
    changes
      .see([{ childId: who.childId, ladder, step, help, on: seenOn(date), by: null, note: note || null }])
      .then((ids) => {
        setSeen({ help, id: ids?.[0] ?? 0 });
        setNote("");
        setOpen(false);
      })
      .catch(() => setOpen(true));
  return (
    <li className={open ? "w-full" : ""}>
      <button
        type="button"
        aria-expanded={open}
        className={`min-h-11 cursor-pointer rounded-full border px-3 py-1 ${seen ? "border-2 border-base-content bg-base-200" : "border-base-content"}`}
        onClick={() => setOpen(!open)}
      >
        {seen && <Check size={16} className="mr-1 inline" aria-hidden="true" />}
        {who.name}
        <span className="quiet text-base">
          {" "}
          {seen ? t(`help.${seen.help}`) : who.help !== "alone" ? t(`idea.help.${who.help ?? "hands"}`) : ""}
        </span>
      </button>
      {open && (
        <span className="my-1 flex flex-wrap gap-1.5" data-one-tap>
          <input
            className="input h-11 w-full text-base"
            aria-label={t("evidence.note", { name: who.name })}
            placeholder={t("evidence.note", { name: who.name })}
            maxLength={300}
            value={note}
            onChange={(e) => setNote(e.target.value)}
          />
          {helpLevels.map((h) => (
            <button key={h} type="button" className="btn btn-outline h-11" onClick={() => void see(h)}>
              {t(`help.${h}`)}
            </button>
          ))}
          {seen && (
            <button
              type="button"
              className="btn btn-ghost h-11"
              onClick={() => {
                changes.takeBack(seen.id);
                setSeen(null);
                setOpen(false);
              }}
            >
              {t("evidence.takeBack")}
            </button>
          )}
        </span>
      )}
    </li>
  );
}
