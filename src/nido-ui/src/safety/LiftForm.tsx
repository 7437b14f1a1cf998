import { useId, useState } from "react";
import { useTranslation } from "react-i18next";
import { dayAndNumber } from "../shared/dates";
import { Labelled, Refused } from "../shared/form";

/** A named adult lifts a rule with a reason; both stay in the journal. */
export function LiftForm({
  adults,
  days,
  day: first = "",
  error,
  onLift,
  onCancel,
}: {
  adults: string[];
  /** Days of the week it can be lifted for. */
  days: string[];
  /** The day that is offered first; the whole week where there is none. */
  day?: string;
  /** What the server refused of it. */
  error?: unknown;
  onLift: (adult: string, reason: string, day: string | null) => void;
  onCancel: () => void;
}) {
  const { t } = useTranslation();
  const [chosen, setAdult] = useState("");
  // The list may come later than the form: who stands first in it is who is meant where nobody was chosen.
  const adult = chosen || (adults[0] ?? "");
  const [reason, setReason] = useState("");
  const [day, setDay] = useState(first);
  const help = useId();
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-2 rounded-[10px] border border-base-300 bg-base-200 p-2"
      onSubmit={(e) => {
        e.preventDefault();
        onLift(adult, reason, day || null);
      }}
    >
      <Refused error={error}>
        <Labelled name="adult" className="text-[13px]" label={t("safety.who")}>
          <select className="select select-sm w-40" value={adult} onChange={(e) => setAdult(e.target.value)}>
            {adults.map((a) => (
              <option key={a}>{a}</option>
            ))}
          </select>
        </Labelled>
        <Labelled name="day" className="text-[13px]" label={t("safety.for")}>
          <select className="select select-sm w-40" value={day} onChange={(e) => setDay(e.target.value)}>
            {days.map((d) => (
              <option key={d} value={d}>
                {dayAndNumber(d)}
              </option>
            ))}
            <option value="">{t("safety.wholeWeek")}</option>
          </select>
        </Labelled>
        <Labelled name="reason" className="min-w-60 flex-1 text-[13px]" label={t("safety.reason")}>
          <input
            className="input input-sm w-full"
            value={reason}
            required
            minLength={10}
            maxLength={300}
            aria-describedby={help}
            onChange={(e) => setReason(e.target.value)}
          />
        </Labelled>
      </Refused>
      <button type="submit" className="btn btn-primary btn-sm">
        {t("safety.lift")}
      </button>
      <button type="button" className="btn btn-ghost btn-sm" onClick={onCancel}>
        {t("cancel")}
      </button>
      <p id={help} className="quiet w-full text-[13px]">
        {t("safety.kept")}
      </p>
    </form>
  );
}
