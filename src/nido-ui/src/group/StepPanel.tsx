import { useTranslation } from "react-i18next";
import type { StepsView } from "../api/client";

/** A cell opened: the step, what it asks of the adult, why it is offered, the next one. */
export function StepPanel({ steps, cell }: { steps: StepsView; cell: { child: number; ladder: number } }) {
  const { t } = useTranslation();
  const row = steps.children[cell.child];
  const ladder = steps.ladders[cell.ladder];
  const offer = row?.offers[cell.ladder];
  const step = ladder?.steps[(offer?.step ?? 1) - 1];
  const next = ladder?.steps[offer?.step ?? 0];
  if (!row || !ladder || !offer || !step) {
    return null;
  }
  return (
    <section
      className="stitched-top grid min-h-[150px] shrink-0 grid-cols-[1.2fr_1.2fr_1.4fr] gap-6 bg-secondary px-4 py-3 text-secondary-content"
      aria-label={t("group.opened")}
    >
      <div>
        <h2>{t("group.childAnd", { name: row.name, ladder: ladder.name })}</h2>
        <p className="font-bold">{t("group.step", { step: offer.step, name: step.name })}</p>
        <p className="quiet text-[13px]">{t("group.typical", { months: step.typicalMonths, source: step.source })}</p>
        {next && <p className="mt-1 text-[13px]">{t("group.next", { name: next.name })}</p>}
      </div>
      <div className="text-[13px]">
        <p>{t("idea.adultDoes", { what: step.adult })}</p>
        <p>{t("idea.easier", { what: step.easier })}</p>
        <p>{t("idea.harder", { what: step.harder })}</p>
      </div>
      <div className="text-[13px]">
        <p className="font-bold">{t("group.why")}</p>
        {offer.trace.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </div>
    </section>
  );
}
