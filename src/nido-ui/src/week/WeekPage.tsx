import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Aim, Strip } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { focusOn } from "../shared/focusOn";
import { later } from "../shared/later";
import { keyFor } from "../shared/letterKeys";
import { PlaceMain, PlaceSkeleton } from "../shared/Skeleton";
import { useKeys } from "../shared/useKeys";
import { useWeek } from "../shared/useWeek";
import { BenchBar } from "./BenchBar";
import { Board } from "./Board";
import { ComposeLine } from "./ComposeLine";
import { DayBoard } from "./DayBoard";
import { filling } from "./filling";
import { Loom } from "./Loom";
import { MayGoWrong } from "./MayGoWrong";
import { type Place, placeId, placeUnderHand } from "./place";
import { TruthLine } from "./TruthLine";
import { useChanges } from "./useChanges";
import { useComposing } from "./useComposing";
import { WeekHeader } from "./WeekHeader";

const IdeaDialog = later(async () => (await import("../ideas/IdeaDialog")).IdeaDialog);
const SafetyDialog = later(async () => (await import("../safety/SafetyDialog")).SafetyDialog);
const UnknownDialog = later(async () => (await import("../safety/UnknownDialog")).UnknownDialog);
const PencilDialog = later(async () => (await import("./PencilDialog")).PencilDialog);

/** Week: the board, the loom, the bench, and one line of truth. */
export function WeekPage() {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const [place, setPlace] = useState<Place | null>(null);
  const [childId, setChildId] = useState<string | null>(null);
  const [aim, setAim] = useState<Aim | null>(null);
  const [day, setDay] = useState<number | null>(null);
  const [lit, setLit] = useState<Strip | null>(null);
  const [open, setOpen] = useState<Strip | null>(null);
  const [hand, setHand] = useState<Place | null>(null);
  const [pencil, setPencil] = useState(false);
  const [safety, setSafety] = useState(false);
  const [unread, setUnread] = useState(false);
  const [playing, setPlaying] = useState(false);
  const changes = useChanges();
  const composing = useComposing(weekId, week.data?.composing ?? false);
  const view = week.data;
  const strip = view?.strips.find(
    (s) => s.day === place?.day && s.blockId === place.blockId && s.offer === place.offer,
  );
  const wordsAt = (at: Place | null) =>
    view?.pencilled?.find((p) => p.day === at?.day && p.blockId === at.blockId)?.words;
  const words = wordsAt(place);
  const inHand = hand && view?.strips.find((s) => placeId(s) === placeId(hand));
  const closeDay = () => {
    if (day !== null) {
      setDay(null);
      focusOn(`day-${day}`);
    }
  };
  /** Takes the strip under the hand, or lays the one in hand down at this place. */
  const carry = () => {
    const at = placeUnderHand() ?? place;
    if (hand && at) {
      // Laid down where it was taken, it only leaves the hand.
      if (placeId(hand) !== placeId(at)) {
        changes.move(hand, at);
      }
      setHand(null);
    } else if (at && document.getElementById(`strip-${placeId(at)}`)?.draggable) {
      setHand(at);
    }
  };
  /** Back to the strip a press was about. */
  const andBack = (change: () => void) => () => {
    change();
    if (place) {
      focusOn(`strip-${placeId(place)}`);
    }
  };
  useKeys([
    ["c", composing.start],
    ["u", changes.undo],
    ["U", changes.redo],
    ["l", () => strip && changes.lock(strip, !strip.locked)],
    ["x", () => document.querySelector<HTMLElement>("[data-bench] button:enabled")?.focus()],
    ["s", () => setSafety(true)],
    ["d", () => (day === null ? setDay(placeUnderHand()?.day ?? place?.day ?? 0) : closeDay())],
    ["m", carry],
    ["w", () => place && setPencil(true)],
    ["Delete", () => place && (strip || words !== undefined) && changes.remove(place)],
    ["Escape", () => (hand ? setHand(null) : day !== null ? closeDay() : andBack(() => setPlace(null))())],
  ]);
  if (!view) {
    return <PlaceSkeleton error={week.error} />;
  }
  const homeless = view.keptOut.filter(
    (b) => b.day >= view.days.length || !view.blocks.some((k) => k.id === b.blockId && b.offer < k.offers),
  );
  const shown = composing.preview ?? view.strips;
  return (
    <PlaceMain>
      <WeekHeader view={view} composing={composing} changes={changes} />
      {composing.news ? (
        <ComposeLine news={composing.news} onStop={composing.stop} />
      ) : (
        <TruthLine
          truth={view.truth}
          short={view.strips.find((s) => s.shortOf)?.shortOf ?? undefined}
          currency={view.currency}
          onSafety={() => setSafety(true)}
          onUnread={() => setUnread(true)}
          onPlay={() => setPlaying(true)}
        />
      )}
      <p role="status" className={hand ? "border-base-300 border-b bg-secondary px-4 py-1.5" : "sr-only"} data-hand>
        {hand &&
          t("week.inHand", {
            title: inHand?.ownTitle ?? inHand?.title ?? wordsAt(hand) ?? "",
            key: keyFor("m") ?? "m",
          })}
      </p>
      <div className="pane flex min-h-0 flex-1 max-lg:flex-col max-lg:overflow-auto">
        <section
          className="min-w-0 flex-1 overflow-auto px-3 pb-2 max-lg:flex-none max-lg:overflow-visible"
          aria-label={t("week.board")}
        >
          <ErrorNote error={composing.error ?? changes.error} />
          {homeless.length > 0 && (
            <p className="my-1 text-warning">
              <b>{t("week.homeless", { count: homeless.length })}</b>{" "}
              {[...new Set(homeless.map((b) => b.title))].join(", ")}. {t("week.homelessWay")}
            </p>
          )}
          {day !== null ? (
            <DayBoard view={view} day={day} onDay={setDay} onClose={closeDay} />
          ) : (
            <Board
              view={view}
              strips={shown}
              place={place}
              hand={hand}
              childId={childId}
              aim={aim}
              onDay={setDay}
              onPlace={setPlace}
              onLight={setLit}
              onOpen={setOpen}
              onMove={changes.move}
            />
          )}
        </section>
        <Loom
          view={composing.filled.length > 0 ? filling(view, composing.filled) : view}
          lit={lit ?? strip ?? null}
          childId={childId}
          aim={aim}
          onChild={setChildId}
          onAim={setAim}
        />
      </div>
      {place && day === null && !composing.news && (
        <BenchBar
          view={view}
          place={place}
          onSwap={(ideaId) => andBack(() => changes.put(place, ideaId))()}
          onOpen={() => strip && setOpen(strip)}
          onLock={() => strip && changes.lock(strip, !strip.locked)}
          onPencil={() => setPencil(true)}
          onRemove={andBack(() => changes.remove(place))}
          onClose={andBack(() => setPlace(null))}
        />
      )}
      {pencil && place && (
        <PencilDialog place={place} strip={strip} words={words} changes={changes} onClose={() => setPencil(false)} />
      )}
      {unread && <UnknownDialog onClose={() => setUnread(false)} />}
      {safety && <SafetyDialog view={view} changes={changes} onClose={() => setSafety(false)} />}
      {playing && <MayGoWrong currency={view.currency} onClose={() => setPlaying(false)} />}
      {open && <IdeaDialog ideaId={open.ideaId} blockId={open.blockId} onClose={() => setOpen(null)} />}
    </PlaceMain>
  );
}
