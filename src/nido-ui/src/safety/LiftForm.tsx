import { useId, useState } from "react";
import { useTranslation } from "react-i18next";
import { dayAndNumber } from "../shared/dates";

/** A named adult lifts a rule with a reason; both stay in the journal. */
export function LiftForm({
  adults,
  days,
  day: first = "",
  onLift,
  onCancel,
}: {
  adults: string[];
  /** Days of the week it can be lifted for. */
  days: string[];
  /** The day that is offered first; the whole week where there is none. */
  day?: string;
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
      <label className="flex flex-col gap-1 text-[13px]">
        {t("safety.who")}
        <select className="select select-sm w-40" value={adult} onChange={(e) => setAdult(e.target.value)}>
          {adults.map((a) => (
            <option key={a}>{a}</option>
          ))}
        </select>
      </label>
      <label className="flex flex-col gap-1 text-[13px]">
        {t("safety.for")}
        <select className="select select-sm w-40" value={day} onChange={(e) => setDay(e.target.value)}>
          {days.map((d) => (
            <option key={d} value={d}>
              {dayAndNumber(d)}
            </option>
          ))}
          <option value="">{t("safety.wholeWeek")}</option>
        </select>
      </label>
      <label className="flex min-w-60 flex-1 flex-col gap-1 text-[13px]">
        {t("safety.reason")}
        <input
          className="input input-sm w-full"
          value={reason}
          required
          minLength={10}
          maxLength={300}
          aria-describedby={help}
          onChange={(e) => setReason(e.target.value)}
        />
      </label>
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
