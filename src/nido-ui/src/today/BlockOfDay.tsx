import { ChevronLeft, ChevronRight, Users } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { later } from "../shared/later";
import { InTurn, Skeleton } from "../shared/Skeleton";
import { useKeys } from "../shared/useKeys";
import { useWeek } from "../shared/useWeek";
import { BlockTimer } from "./BlockTimer";
import { blockAt, leftOf } from "./clock";
import { OfferColumn } from "./OfferColumn";
import { Otherwise } from "./Otherwise";
import { Read } from "./Read";

const RotaDialog = later(async () => (await import("../group/RotaDialog")).RotaDialog);

/** A block of a day: its time, what may go otherwise, and what is offered beside each other. */
export function BlockOfDay({
  view,
  day,
  minute,
  held,
  hold,
}: {
  view: Schemas["TodayView"];
  day: number;
  /** The minute of the day by the clock here; null on any other day. */
  minute: number | null;
  /** The block that a hand on the clock holds; null follows the clock. */
  held: number | null;
  hold: (block: number | null) => void;
}) {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const [rota, setRota] = useState(false);
  const { blocks } = view;
  const byClock = minute === null ? 0 : blockAt(blocks, minute);
  const block = Math.max(0, Math.min(held ?? byClock, blocks.length - 1));
  const go = (by: number) => hold(Math.max(0, Math.min(blocks.length - 1, block + by)));
  useKeys([
    ["ArrowRight", () => go(1)],
    ["ArrowLeft", () => go(-1)],
  ]);
  const now = blocks[block];
  if (!now) {
    return null;
  }
  const left = minute === null ? null : leftOf(now, minute);
  return (
    <>
      <div className="flex flex-wrap items-center gap-3 px-4 py-2">
        <button
          type="button"
          className="btn btn-outline btn-square size-11"
          aria-label={t("today.before")}
          disabled={block === 0}
          onClick={() => go(-1)}
        >
          <ChevronLeft aria-hidden="true" />
        </button>
        <h2 className="text-2xl">
          {now.name}{" "}
          <span className="quiet text-lg">
            {now.starts.slice(0, 5).replace(/^0/, "")} · {now.minutes} min
          </span>
        </h2>
        <button
          type="button"
          className="btn btn-outline btn-square size-11"
          aria-label={t("today.after")}
          disabled={block >= blocks.length - 1}
          onClick={() => go(1)}
        >
          <ChevronRight aria-hidden="true" />
        </button>
        {minute !== null && (
          <span className="quiet text-base tabular-nums" data-clock>
            {t("today.clock", { time: new Date().toTimeString().slice(0, 5).replace(/^0/, "") })}
            {left !== null && ` · ${t("today.left", { count: left })}`}
          </span>
        )}
        {minute !== null && held !== null && block !== byClock && (
          <button type="button" className="btn btn-ghost h-11" onClick={() => hold(null)}>
            {t("today.follow")}
          </button>
        )}
        <BlockTimer key={`${day} ${now.id}`} minutes={now.minutes} />
        {now.kind === "stations" && (
          <button type="button" className="btn btn-outline h-11" onClick={() => setRota(true)}>
            <Users size={18} aria-hidden="true" /> {t("rota.open")}
          </button>
        )}
        <p className="quiet text-base">
          {t("today.there", { children: view.children, adults: now.adults.join(", ") })}
        </p>
      </div>
      <div className="px-4">
        <Otherwise place={{ day, blockId: now.id, offer: null }} title={now.name} notes={view.otherwise ?? []} />
      </div>
      {view.read && week.data?.groupKind === "class" && (
        <Read read={view.read} kind={now.kind} isFirst={block === 0} isLast={block === blocks.length - 1} />
      )}
      {now.longWork.length > 0 && (
        <p className="px-4 pb-1 text-base" data-long-work>
          {now.longWork
            .map((w) => t("today.longWork", { name: w.name, minutes: w.minutes, percent: w.percent }))
            .join(" ")}
        </p>
      )}
      {rota && (
        <RotaDialog weekId={weekId} day={day} blockId={now.id} title={now.name} onClose={() => setRota(false)} />
      )}
      <div className="pane flex min-h-0 flex-1 items-start gap-3 overflow-auto px-4 pb-4 max-md:flex-col max-md:items-stretch">
        <InTurn key={now.id} until={<Skeleton lines={14} className="flex-1" />}>
          {now.offers.map((o) => (
            <OfferColumn
              key={o.card.ideaId}
              today={o}
              date={view.date}
              day={day}
              blockId={now.id}
              otherwise={view.otherwise ?? []}
            />
          ))}
        </InTurn>
        {now.own ? <p className="child text-3xl">{now.own}</p> : now.offers.length === 0 && <p>{t("today.nothing")}</p>}
      </div>
    </>
  );
}
