import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";
import { plain } from "../shared/figures";
import { Thread } from "../shared/Stitches";
import { useWeek } from "../shared/useWeek";
import { Cautions } from "./Cautions";
import { Cues } from "./Cues";
import { GoesWrong } from "./GoesWrong";
import { Kits } from "./Kits";
import { StepRow } from "./StepRow";
import { Talk } from "./Talk";

/** Who works at which step with what, how many, how long, and what to mind. */
export function IdeaCard({ card }: { card: IdeaCardData }) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const dropIn = week.data?.groupKind === "dropIn";
  return (
    <article>
      <p className="quiet">
        {card.technique}
        {card.material ? ` · ${card.material}` : ""} · {card.blockName} · {card.minutes} min
        {card.minutesWritten ? ` ${t("idea.learned", { minutes: card.minutesWritten })}` : ""}
        {card.cleanUpMinutes > 0 ? `, ${t("idea.cleanUp", { minutes: card.cleanUpMinutes })}` : ""} ·{" "}
        {t(`handLoad.${card.handLoad}`)}
        {card.adults > 0 ? ` · ${t("idea.adults", { count: card.adults })}` : ""}
      </p>
      <p className="my-2 flex max-w-md">
        <Thread shares={card.shares} />
      </p>
      <p className="mb-3 text-[13px]">
        {card.strands.map((s) => (
          <span key={s.strand} className={`aim-${s.aim} mr-3 inline-block`}>
            {t(`strand.${s.strand}`)} {s.percent}%
          </span>
        ))}
      </p>
      <Cautions cautions={card.cautions} />
      <ol className="my-3 list-decimal pl-5">
        {card.instructions.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <Talk talk={card.talk} />
      <Cues cues={card.cues} />
      <h3 className="mt-4 mb-1 font-bold">{t("idea.who")}</h3>
      {card.steps.map((s) => (
        <StepRow key={s.step} step={s} dropIn={dropIn} />
      ))}
      <GoesWrong signs={card.goesWrong} />
      <Kits kits={card.kits} />
      {card.outOfReach.length > 0 && (
        <p className="mt-2 text-warning">
          {t("idea.outOfReach")}{" "}
          {card.outOfReach.map((w) => (
            <span key={w.childId} title={w.trace.join(" ")} className="mr-2">
              <b>{w.name}</b>: {w.waits ?? w.trace[0]}
            </span>
          ))}
        </p>
      )}
      <h3 className="mt-4 mb-1 font-bold">{t("idea.quantities")}</h3>
      <table className="w-full max-w-2xl">
        <tbody>
          {card.quantities.map((q) => (
            <tr key={q.materialId} className="border-base-300 border-t align-top">
              <td className="py-1 pr-3">
                <details>
                  <summary className="cursor-pointer">{q.name}</summary>
                  <ul className="quiet text-[13px]">
                    {q.trace.map((line) => (
                      <li key={line}>{line}</li>
                    ))}
                  </ul>
                </details>
              </td>
              <td className="whitespace-nowrap py-1 text-right">
                {plain(q.amount)} {t(`unit.${q.unit}`)}
              </td>
              <td
                className={`whitespace-nowrap py-1 pl-3 text-right ${q.have < q.amount ? "font-bold text-warning" : "quiet"}`}
              >
                {t("idea.have", { have: plain(q.have) })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {card.prep.length > 0 && (
        <>
          <h3 className="mt-4 mb-1 font-bold">{t("idea.prep")}</h3>
          <ul className="list-disc pl-5">
            {card.prep.map((p) => (
              <li key={p}>{p}</li>
            ))}
          </ul>
        </>
      )}
    </article>
  );
}
