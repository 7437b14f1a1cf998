import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

type Step = Schemas["IdeaStepDraft"];

const texts = ["do", "say", "easier", "harder", "seen"] as const;

/** The steps of a way of working: those it has are ticked, each says what is done, said, easier, harder and seen. */
export function IdeaSteps({
  steps,
  of,
  names,
  was,
  onChange,
}: {
  steps: Step[];
  /** Numbers of the steps it can have. */
  of: number[];
  /** What the ladder calls its steps; undefined where the texts say it. */
  names: string[] | undefined;
  /** What the steps say that it is a copy of. */
  was: Step[];
  onChange: (steps: Step[]) => void;
}) {
  const { t } = useTranslation();
  const bare = (step: number): Step =>
    was.find((s) => s.step === step) ?? { step, do: "", say: "", easier: "", harder: "", seen: "" };
  return (
    <fieldset data-own-steps>
      <legend className="font-bold">{t("own.steps")}</legend>
      <p className="quiet text-[13px]">{t("own.stepsWhy")}</p>
      {of.map((number) => {
        const step = steps.find((s) => s.step === number);
        return (
          <div key={number} className="flex items-start gap-2 border-base-300 border-t py-1">
            <input
              type="checkbox"
              className="checkbox checkbox-sm mt-2.5"
              aria-label={t("own.stepIn", { step: number })}
              checked={step !== undefined}
              onChange={(e) =>
                onChange(
                  e.target.checked
                    ? [...steps, bare(number)].toSorted((a, b) => a.step - b.step)
                    : steps.filter((s) => s.step !== number),
                )
              }
            />
            <details className="min-w-0 flex-1" open={step !== undefined && steps.length === 1}>
              <summary className="flex min-h-10 cursor-pointer items-center gap-2">
                <b>{t("own.step", { step: number })}</b>
                <span className="quiet min-w-0 truncate">{step?.do || names?.[number - 1]}</span>
              </summary>
              {step && (
                <div className="grid gap-2 py-2 sm:grid-cols-2">
                  {texts.map((k) => (
                    <label key={k} className={`flex flex-col gap-1 ${k === "do" ? "sm:col-span-2" : ""}`}>
                      {t(`own.text.${k}`)}
                      <textarea
                        className="textarea min-h-0 w-full"
                        rows={k === "do" ? 2 : 1}
                        maxLength={200}
                        value={step[k] ?? ""}
                        onChange={(e) =>
                          onChange(steps.map((s) => (s.step === number ? { ...s, [k]: e.target.value } : s)))
                        }
                        data-own-text={`${number}-${k}`}
                      />
                    </label>
                  ))}
                </div>
              )}
            </details>
          </div>
        );
      })}
    </fieldset>
  );
}
