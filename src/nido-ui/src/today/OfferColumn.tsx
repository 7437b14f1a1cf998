import { useTranslation } from "react-i18next";
import type { OfferOfDay, Schemas } from "../api/client";
import { Cautions } from "../ideas/Cautions";
import { Cues } from "../ideas/Cues";
import { SetUpPicture } from "../ideas/SetUpPicture";
import { StepChanges } from "../ideas/StepChanges";
import { Talk } from "../ideas/Talk";
import { WhoCount, WhoNote } from "../ideas/Who";
import { Fold } from "../shared/Fold";
import { Thread } from "../shared/Stitches";
import { useWeek } from "../shared/useWeek";
import { ChildPill } from "./ChildPill";
import { New } from "./New";
import { Otherwise } from "./Otherwise";
import { Picture } from "./Picture";
import { Shown } from "./Shown";
import { Tallies } from "./Tallies";
import { Turns } from "./Turns";
import { Went } from "./Went";

/** An offer of the block: what to mind, who works how, and the words that go with it. */
export function OfferColumn({
  today,
  date,
  day,
  blockId,
  otherwise,
}: {
  today: OfferOfDay;
  date: string;
  day: number;
  blockId: string;
  otherwise: Schemas["OtherwiseView"][];
}) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const offer = today.card;
  const dropIn = week.data?.groupKind === "dropIn";
  return (
    <article className="min-w-0 flex-1 rounded-[10px] border border-base-300 bg-base-100 p-3">
      <h3 className="font-bold text-xl leading-tight">{today.ownTitle ?? offer.title}</h3>
      <p className="quiet text-base">
        {offer.material}
        {offer.adults > 0
          ? ` · ${t("idea.adults", { count: offer.adults })}${today.beside.length > 0 ? `: ${today.beside.join(", ")}` : ""}`
          : ""}
      </p>
      <p className="my-2 flex">
        <Thread shares={offer.shares} />
      </p>
      <div className="text-base">
        <Cautions cautions={offer.cautions} narrow />
      </div>
      <New today={today} />
      {offer.steps.map((s) => (
        <section key={s.step} className="mt-3">
          <p className="font-semibold">{s.do}</p>
          {s.words && <p className="child text-base">{s.words}</p>}
          {dropIn ? (
            <WhoCount who={s.who} />
          ) : (
            <ul className="flex flex-wrap gap-1.5">
              {s.who.map((w) => (
                <ChildPill
                  key={w.childId}
                  who={w}
                  ideaId={offer.ideaId}
                  ladder={offer.ladder}
                  technique={today.techniqueId}
                  step={s.step}
                  date={date}
                  seen={(today.seen ?? []).filter((x) => x.childId === w.childId)}
                />
              ))}
              {s.who.map((w) => (
                <WhoNote key={`note ${w.childId}`} who={w} />
              ))}
            </ul>
          )}
          <p className="text-base">
            <b className="font-semibold">{t("idea.say")}</b> {s.say}
          </p>
          <Fold title={t("idea.change")} className="text-base">
            <StepChanges step={s} className="" />
            {s.setUp && <SetUpPicture setUp={s.setUp} className="mt-2 max-w-[320px]" />}
          </Fold>
          <p className="quiet text-base">{s.with.map((w) => w.name).join(" · ")}</p>
        </section>
      ))}
      {offer.outOfReach.length > 0 && (
        <p className="mt-2 text-base text-warning">
          {t("idea.outOfReach")} {offer.outOfReach.map((w) => w.name).join(", ")}
        </p>
      )}
      <Shown today={today} date={date} />
      <Turns today={today} date={date} />
      {!dropIn && today.turns.length > 0 && <Tallies today={today} date={date} />}
      {!dropIn && <Picture today={today} date={date} />}
      <div className="text-base">
        <Cues cues={offer.cues} />
        <Talk talk={offer.talk} />
      </div>
      <ol className="mt-3 list-decimal pl-6">
        {offer.instructions.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      {offer.cleanUpMinutes > 0 && (
        <p className="quiet mt-2 text-base">{t("idea.cleanUp", { minutes: offer.cleanUpMinutes })}</p>
      )}
      <Went key={`${day} ${offer.ideaId}`} today={today} day={day} />
      <Otherwise place={{ day, blockId, offer: today.slot ?? 0 }} title={offer.title} notes={otherwise} />
    </article>
  );
}
