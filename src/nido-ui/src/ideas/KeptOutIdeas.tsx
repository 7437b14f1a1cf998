import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { LiftForm } from "../safety/LiftForm";
import { Source } from "../safety/Source";
import { useSafetyChanges } from "../safety/useSafetyChanges";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import { useChanges } from "../week/useChanges";
import { Instead } from "./Instead";

/** Ideas that a safety rule keeps out of this week, with the rule; an adult can lift it with a name and a reason. */
export function KeptOutIdeas() {
  const { t } = useTranslation();
  const { path, week } = useWeek();
  const plan = useChanges();
  const keptOut = $api.useQuery("get", "/api/weeks/{weekId}/ideas/kept-out", path);
  const safety = $api.useQuery("get", "/api/weeks/{weekId}/safety", path);
  const changes = useSafetyChanges();
  const [lifting, setLifting] = useState<string | null>(null);
  if (!keptOut.data || keptOut.data.length === 0) {
    return null;
  }
  return (
    <details className="mt-2 border-base-300 border-t pt-2" data-kept-out>
      <summary className="cursor-pointer px-1">{t("safety.keptOut", { count: keptOut.data.length })}</summary>
      <ErrorNote error={changes.error ?? plan.error} />
      <ul>
        {keptOut.data.map((idea) => (
          <li key={idea.ideaId} className="border-base-300 border-b px-1 py-1.5">
            <p className="font-semibold">{idea.title}</p>
            <p className="quiet text-xs">{idea.material}</p>
            <p className="text-[13px]">{idea.by.message}</p>
            <Source
              why={[
                ...idea.by.why,
                ...(idea.by.whom.length > 0 ? [t("safety.whom", { names: idea.by.whom.join(", ") })] : []),
              ]}
              source={idea.by.source}
              deferTo={idea.by.deferTo}
            />
            {idea.instead && <Instead instead={idea.instead} onTake={plan.put} />}
            {idea.by.neverLifted ? null : lifting === idea.ideaId ? (
              <LiftForm
                adults={safety.data?.adults ?? []}
                days={week.data?.days.map((d) => d.date) ?? []}
                error={changes.error}
                onLift={(adult, reason, day) => changes.lift(idea.ideaId, idea.by.ruleId, adult, reason, day)}
                onCancel={() => setLifting(null)}
              />
            ) : (
              <button type="button" className="btn btn-ghost btn-xs" onClick={() => setLifting(idea.ideaId)}>
                {t("safety.override")}
              </button>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
