import { ChevronLeft, ChevronRight, Sunset, Users } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { SessionStrip } from "../session/SessionStrip";
import { dayShownFirst } from "../shared/calendar";
import { dayAndNumber, today as dayHere, longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { later } from "../shared/later";
import { InTurn, PlaceMain, PlaceSkeleton, Skeleton } from "../shared/Skeleton";
import { useKeys } from "../shared/useKeys";
import { useWeek } from "../shared/useWeek";
import { BlockTimer } from "./BlockTimer";
import { blockAt, leftOf } from "./clock";
import { Door } from "./Door";
import { EndOfDay } from "./EndOfDay";
import { OfferColumn } from "./OfferColumn";
import { Otherwise } from "./Otherwise";
import { Read } from "./Read";
import { useClock } from "./useClock";
import { useWaiting } from "./useWaiting";

const RotaDialog = later(async () => (await import("../group/RotaDialog")).RotaDialog);

/** Today: large type, one block at a time; who works how, what to mind, and the minutes that are left. */
export function TodayPage() {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const days = week.data?.days ?? [];
  const [day, setDay] = useState<number | null>(null);
  const minute = useClock();
  const waits = useWaiting();
  const [ended, setEnded] = useState(false);
  // A hand on the clock holds the block until it is let go again; null follows the clock.
  const [held, setHeld] = useState<number | null>(null);
  const [rota, setRota] = useState(false);
  const today = dayHere();
  const shown = day ?? dayShownFirst(days);
  const view = $api.useQuery(
    "get",
    "/api/weeks/{weekId}/days/{day}",
    { params: { path: { weekId, day: shown } } },
    { enabled: week.data !== undefined },
  );
  const data = view.data;
  const blocks = data?.blocks ?? [];
  const isToday = data?.date === today;
  const block = Math.min(held ?? (isToday ? blockAt(blocks, minute) : 0), Math.max(0, blocks.length - 1));
  const now = blocks[block];
  const left = now && isToday ? leftOf(now, minute) : null;
  const go = (by: number) => setHeld(Math.max(0, Math.min(blocks.length - 1, block + by)));
  useKeys([
    ["ArrowRight", () => go(1)],
    ["ArrowLeft", () => go(-1)],
  ]);
  if (!week.data) {
    return <PlaceSkeleton error={week.error} />;
  }
  return (
    <PlaceMain className="text-lg">
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2">
        <h1 className="mr-auto leading-tight">{longDay(days[shown]?.date ?? week.data.monday)}</h1>
        <fieldset className="join flex-wrap">
          <legend className="sr-only">{t("today.day")}</legend>
          {days.map((d, i) => (
            <button
              key={d.date}
              type="button"
              aria-pressed={i === shown}
              className={`btn join-item h-11 ${i === shown ? "btn-primary" : ""}`}
              onClick={() => {
                setDay(i);
                setHeld(null);
              }}
            >
              {dayAndNumber(d.date)}
            </button>
          ))}
        </fieldset>
        <button type="button" className="btn btn-outline h-11" disabled={!data} onClick={() => setEnded(true)}>
          <Sunset size={18} aria-hidden="true" /> {t("endOfDay.open")}
        </button>
      </header>
      {ended && data && <EndOfDay day={shown} date={data.date} onClose={() => setEnded(false)} />}
      <ErrorNote error={view.error} />
      {!data && !view.error && <Skeleton lines={12} className="p-4" />}
      {waits.count > 0 && (
        <p role="status" className="mx-4 mt-2 rounded-[10px] bg-secondary px-3 py-2 text-base" data-waits>
          {t("today.waits", { count: waits.count })}
        </p>
      )}
      {waits.refused.length > 0 && (
        <p role="alert" className="mx-4 mt-2 rounded-[10px] border border-error px-3 py-2 text-base text-error">
          {t("today.refused", { count: waits.refused.length })}
        </p>
      )}
      {data?.door && data.door.length > 0 && <Door door={data.door} day={shown} date={data.date} />}
      {data && week.data.groupKind === "dropIn" && <SessionStrip day={shown} date={data.date} />}
      {data && now && (
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
            {isToday && (
              <span className="quiet text-base tabular-nums" data-clock>
                {t("today.clock", { time: new Date().toTimeString().slice(0, 5).replace(/^0/, "") })}
                {left !== null && ` · ${t("today.left", { count: left })}`}
              </span>
            )}
            {isToday && held !== null && block !== blockAt(blocks, minute) && (
              <button type="button" className="btn btn-ghost h-11" onClick={() => setHeld(null)}>
                {t("today.follow")}
              </button>
            )}
            <BlockTimer key={`${shown} ${now.id}`} minutes={now.minutes} />
            {now.kind === "stations" && (
              <button type="button" className="btn btn-outline h-11" onClick={() => setRota(true)}>
                <Users size={18} aria-hidden="true" /> {t("rota.open")}
              </button>
            )}
            <p className="quiet text-base">
              {t("today.there", { children: data.children, adults: now.adults.join(", ") })}
            </p>
          </div>
          <div className="px-4">
            <Otherwise
              place={{ day: shown, blockId: now.id, offer: null }}
              title={now.name}
              notes={data.otherwise ?? []}
            />
          </div>
          {data.read && week.data.groupKind === "class" && (
            <Read read={data.read} kind={now.kind} isFirst={block === 0} isLast={block === blocks.length - 1} />
          )}
          {now.longWork.length > 0 && (
            <p className="px-4 pb-1 text-base" data-long-work>
              {now.longWork
                .map((w) => t("today.longWork", { name: w.name, minutes: w.minutes, percent: w.percent }))
                .join(" ")}
            </p>
          )}
          {rota && (
            <RotaDialog weekId={weekId} day={shown} blockId={now.id} title={now.name} onClose={() => setRota(false)} />
          )}
          <div className="pane flex min-h-0 flex-1 items-start gap-3 overflow-auto px-4 pb-4 max-md:flex-col max-md:items-stretch">
            <InTurn key={now.id} until={<Skeleton lines={14} className="flex-1" />}>
              {now.offers.map((o) => (
                <OfferColumn
                  key={o.card.ideaId}
                  today={o}
                  date={data.date}
                  day={shown}
                  blockId={now.id}
                  otherwise={data.otherwise ?? []}
                />
              ))}
            </InTurn>
            {now.own ? (
              <p className="child text-3xl">{now.own}</p>
            ) : (
              now.offers.length === 0 && <p>{t("today.nothing")}</p>
            )}
          </div>
        </>
      )}
    </PlaceMain>
  );
}
