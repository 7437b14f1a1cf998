import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Ladder, StepOffer } from "../api/client";
import { isoDay, longDay } from "../shared/dates";
import { Labelled, Refused } from "../shared/form";
import type { useObservations } from "./useObservations";

/** What a child works towards on a ladder: a step and a day. */
export function ObjectiveForm({
  at,
  ladder,
  offer,
  from,
  changes,
}: {
  at: { childId: string; ladder: string };
  ladder: Ladder;
  offer: StepOffer;
  from: string;
  changes: ReturnType<typeof useObservations>;
}) {
  const { t } = useTranslation();
  const [step, setStep] = useState(Math.min(ladder.steps.length, offer.step + 1));
  const [by, setBy] = useState(() => {
    const day = new Date(`${from}T12:00:00`);
    day.setDate(day.getDate() + 42);
    return isoDay(day);
  });
  if (offer.objective) {
    return (
      <p className="mt-1.5" data-objective>
        <b>
          {t("objective.is", {
            step: offer.objective.step,
            name: ladder.steps[offer.objective.step - 1]?.name,
            day: longDay(offer.objective.by),
          })}
        </b>
        <button type="button" className="btn btn-ghost btn-xs ml-2" onClick={() => changes.dropObjective(at)}>
          {t("objective.drop")}
        </button>
      </p>
    );
  }
  return (
    <form
      className="mt-1.5 flex flex-wrap items-center gap-1.5"
      onSubmit={(e) => {
        e.preventDefault();
        changes.setObjective(at, step, by);
      }}
    >
      {t("objective.towards")}
      <select
        className="select select-xs w-auto"
        aria-label={t("objective.step")}
        value={step}
        onChange={(e) => setStep(Number(e.target.value))}
      >
        {ladder.steps.map((s) => (
          <option key={s.number} value={s.number}>
            {s.number} · {s.name}
          </option>
        ))}
      </select>
      {t("objective.by")}
      <Refused error={changes.error}>
        <Labelled name="by" label={<span className="sr-only">{t("objective.day")}</span>}>
          <input
            type="date"
            className="input input-xs w-32"
            value={by}
            required
            onChange={(e) => setBy(e.target.value)}
          />
        </Labelled>
      </Refused>
      <button type="submit" className="btn btn-outline btn-xs">
        {t("objective.set")}
      </button>
    </form>
  );
}
