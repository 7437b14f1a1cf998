import { CloudRain } from "lucide-react";
import { type CSSProperties, Fragment } from "react";
import { useTranslation } from "react-i18next";
import { type Aim, aims, type Strip, type WeekView } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import { type Place, placeId } from "./place";
import { StripButton } from "./StripButton";

/** An idea counts as serving an aim from this part of its minutes on. */
const leastShare = 0.2;

/** More rows than this are drawn lower, so that the whole week is seen at once. */
const roomyRows = 11;

/** Columns are days, rows are blocks; arrows move, Enter opens. */
export function Board({
  view,
  strips,
  place,
  hand,
  childId,
  aim,
  onDay,
  onPlace,
  onLight,
  onOpen,
  onMove,
}: {
  view: WeekView;
  strips: Strip[];
  place: Place | null;
  /** The strip that is on its way to another place. */
  hand: Place | null;
  childId: string | null;
  aim: Aim | null;
  onDay: (day: number) => void;
  onPlace: (p: Place) => void;
  onLight: (s: Strip | null) => void;
  onOpen: (s: Strip) => void;
  onMove: (from: Place, to: Place) => void;
}) {
  const { t } = useTranslation();
  const serves = (s: Strip) =>
    (childId === null || s.reach.includes(childId)) &&
    (aim === null || (s.shares[aims.indexOf(aim)] ?? 0) >= leastShare);
  const at = new Map(strips.map((s) => [placeId(s), s]));
  const rows = view.blocks.flatMap((block) => Array.from({ length: block.offers }, (_, offer) => ({ block, offer })));
  const go = (row: number, day: number) => {
    const to = rows[(row + rows.length) % rows.length];
    const d = (day + view.days.length) % view.days.length;
    if (to) {
      document.getElementById(`strip-${placeId({ day: d, blockId: to.block.id, offer: to.offer })}`)?.focus();
    }
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys belong to the buttons inside
    <div
      className="board"
      style={{ "--days": view.days.length } as CSSProperties}
      onKeyDown={(e) => {
        const [row, day] = ((e.target as HTMLElement).dataset.at ?? "").split(",").map(Number);
        const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[e.key];
        if (step && row !== undefined && day !== undefined) {
          e.preventDefault();
          go(row + (step[0] ?? 0), day + (step[1] ?? 0));
        }
      }}
    >
      <span className="board-row" />
      {view.days.map((day, d) => (
        <h2 key={day.date} className="board-day py-0.5">
          <button
            type="button"
            className="inline-flex min-h-6 cursor-pointer items-center gap-1 underline decoration-dotted underline-offset-4"
            id={`day-${d}`}
            onClick={() => onDay(d)}
          >
            {dayAndNumber(day.date)}
            <span className="sr-only">, {t("week.whoWhere")}</span>
            {!day.dry && <CloudRain size={14} aria-label={t("week.wet")} />}
          </button>
        </h2>
      ))}
      {rows.map(({ block, offer }, row) => (
        <Fragment key={`${block.id}-${offer}`}>
          <div className={`board-row ${offer === 0 ? "border-base-300 border-t pt-1.5" : ""}`}>
            {offer === 0 && (
              <>
                <h3 className="font-bold leading-tight">{block.name}</h3>
                <p className="quiet text-xs">
                  {block.starts.slice(0, 5).replace(/^0/, "")} · {block.minutes} min
                </p>
              </>
            )}
          </div>
          {view.days.map((day, d) => {
            const here = { day: d, blockId: block.id, offer };
            const strip = at.get(placeId(here));
            return (
              <div key={day.date} className={`pb-[3px] ${offer === 0 ? "border-base-300 border-t pt-1" : ""}`}>
                <StripButton
                  weekId={view.id}
                  here={here}
                  at={`${row},${d}`}
                  strip={strip}
                  keptOut={view.keptOut.find((b) => placeId(b) === placeId(here))}
                  chosen={place !== null && placeId(place) === placeId(here)}
                  first={row === 0 && d === 0}
                  compact={place !== null || rows.length > roomyRows}
                  pencil={view.pencilled?.find((p) => p.day === d && p.blockId === block.id)?.words}
                  inHand={hand !== null && placeId(hand) === placeId(here)}
                  closed={day.closed.includes(block.id) ? (day.nobody.includes(block.id) ? "nobody" : "closed") : null}
                  dimmed={strip !== undefined && !serves(strip)}
                  label={`${dayAndNumber(day.date)}, ${block.name}: `}
                  onPlace={onPlace}
                  onLight={onLight}
                  onOpen={onOpen}
                  onMove={onMove}
                />
              </div>
            );
          })}
        </Fragment>
      ))}
    </div>
  );
}
