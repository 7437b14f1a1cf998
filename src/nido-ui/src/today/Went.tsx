import { Frown, Meh, Smile } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type OfferOfDay, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import { useLaidAside } from "./useWaiting";
import { isAway, saveOrWait } from "./waiting";

const taps = [
  ["withJoy", Smile],
  ["allRight", Meh],
  ["notSo", Frown],
] as const;

/** How did it go: a tap, and a line and the minutes where somebody has them. A tap on the chosen one takes it back. */
export function Went({ today, day }: { today: OfferOfDay; day: number }) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const went = $api.useMutation("put", "/api/weeks/{weekId}/days/{day}/went", { onSuccess: useChanged("week") });
  const to = `/api/weeks/${weekId}/days/${day}/went`;
  const tapped = useLaidAside<Schemas["WentBody"]>(to).findLast((w) => w.ideaId === today.card.ideaId);
  const now = tapped ? (tapped.how ? { ...tapped, how: tapped.how } : null) : today.went;
  const [line, setLine] = useState(now?.line ?? "");
  const [minutes, setMinutes] = useState(now?.minutes?.toString() ?? "");
  const say = (how: (typeof taps)[number][0] | null) => {
    const body = { ideaId: today.card.ideaId, how, minutes: minutes === "" ? null : Number(minutes), line };
    void saveOrWait(() => went.mutateAsync({ params: { path: { weekId, day } }, body }), {
      to,
      method: "PUT",
      body,
    }).catch(() => undefined);
  };
  return (
    <div className="mt-2 text-base" data-went>
      <ErrorNote error={isAway(went.error) ? null : went.error} />
      <fieldset className="flex flex-wrap items-center gap-1.5">
        <legend className="float-left mr-2 font-semibold">{t("went.title")}</legend>
        {taps.map(([how, Icon]) => (
          <button
            key={how}
            type="button"
            aria-pressed={now?.how === how}
            className={`btn h-11 text-base ${now?.how === how ? "btn-primary" : "btn-outline"}`}
            onClick={() => say(now?.how === how ? null : how)}
          >
            <Icon size={18} aria-hidden="true" /> {t(`went.${how}`)}
          </button>
        ))}
      </fieldset>
      {now && (
        <span className="mt-1 flex flex-wrap gap-2">
          <input
            className="input h-11 min-w-40 flex-1"
            aria-label={t("went.line")}
            placeholder={t("went.line")}
            maxLength={300}
            value={line}
            onChange={(e) => setLine(e.target.value)}
            onBlur={() => line !== (now.line ?? "") && say(now.how)}
          />
          <input
            type="number"
            className="input h-11 w-24"
            aria-label={t("went.minutes")}
            placeholder={t("went.minutes")}
            min={1}
            max={240}
            value={minutes}
            onChange={(e) => setMinutes(e.target.value)}
            onBlur={() => minutes !== (now.minutes?.toString() ?? "") && say(now.how)}
          />
        </span>
      )}
    </div>
  );
}
