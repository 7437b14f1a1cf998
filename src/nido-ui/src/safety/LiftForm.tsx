import { useId, useState } from "react";
import { useTranslation } from "react-i18next";

/** A named adult lifts a rule with a reason; both stay in the journal. */
export function LiftForm({
  adults,
  onLift,
  onCancel,
}: {
  adults: string[];
  onLift: (adult: string, reason: string) => void;
  onCancel: () => void;
}) {
  const { t } = useTranslation();
  const [adult, setAdult] = useState(adults[0] ?? "");
  const [reason, setReason] = useState("");
  const help = useId();
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-2 rounded-[10px] border border-base-300 bg-base-200 p-2"
      onSubmit={(e) => {
        e.preventDefault();
        onLift(adult, reason);
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
