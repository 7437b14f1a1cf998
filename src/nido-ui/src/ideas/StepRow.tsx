import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";
import { SetUpPicture } from "./SetUpPicture";
import { StepChanges } from "./StepChanges";
import { WhoCount, WhoNote } from "./Who";

/** A step: what is done, with what, and who works at it. */
export function StepRow({ step, dropIn = false }: { step: IdeaCardData["steps"][number]; dropIn?: boolean }) {
  const { t } = useTranslation();
  return (
    <section className="grid grid-cols-[64px_1fr] gap-x-3 border-base-300 border-t py-2 lg:grid-cols-[64px_1fr_220px]">
      <p className="font-bold">{t("idea.step", { step: step.step })}</p>
      <div>
        <p>{step.do}</p>
        {step.words && (
          <p className="child" data-step-words>
            {step.words}
          </p>
        )}
        <p className="quiet text-[13px]">
          {step.with.map((w) => (
            <span key={w.role} title={`${w.score} of 100: ${w.reasons.join("; ")}`} className="mr-3 inline-block">
              {w.role}: {w.name} <span className="text-xs">({w.score})</span>
            </span>
          ))}
        </p>
        {dropIn ? (
          <WhoCount who={step.who} />
        ) : (
          <ul className="my-1 flex flex-wrap gap-1.5">
            {step.who.map((w) => (
              <li
                key={w.childId}
                title={w.trace.join(" ")}
                className="rounded-full border border-base-300 px-2 py-0.5 text-[13px]"
              >
                <b>{w.name}</b>{" "}
                {w.help === "alone" ? t("idea.alone", { percent: w.alone }) : t(`idea.help.${w.help ?? "hands"}`)}
              </li>
            ))}
          </ul>
        )}
        {!dropIn && (
          <ul>
            {step.who.map((w) => (
              <WhoNote key={w.childId} who={w} />
            ))}
          </ul>
        )}
        <p className="mt-1">
          <b className="font-semibold">{t("idea.say")}</b> {step.say}
        </p>
        <StepChanges step={step} className="text-[13px]" />
        {step.size && <p className="quiet text-[13px]">{step.size}</p>}
      </div>
      {step.setUp && (
        <SetUpPicture setUp={step.setUp} className="col-start-2 mt-2 max-w-[260px] lg:col-start-3 lg:mt-0" />
      )}
    </section>
  );
}
