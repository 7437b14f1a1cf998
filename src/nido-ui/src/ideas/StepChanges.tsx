import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";

/** One change at the table that makes a step easier, one that makes it harder, and what counts as done alone. */
export function StepChanges({
  step,
  className,
}: {
  step: Pick<IdeaCardData["steps"][number], "easier" | "harder" | "seen">;
  className: string;
}) {
  const { t } = useTranslation();
  const lines = [
    ["idea.easierIs", step.easier],
    ["idea.harderIs", step.harder],
    ["idea.seenIs", step.seen],
  ] as const;
  return (
    <dl className={`grid grid-cols-[auto_1fr] gap-x-2 ${className}`}>
      {lines.map(([label, words]) => (
        <div key={label} className="contents">
          <dt className="quiet">{t(label)}</dt>
          <dd>{words}</dd>
        </div>
      ))}
    </dl>
  );
}
