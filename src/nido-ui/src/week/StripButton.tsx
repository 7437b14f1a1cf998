import { CalendarRange, Lock, PencilLine, ShieldAlert, ShoppingBasket, TriangleAlert } from "lucide-react";
import { memo } from "react";
import { useTranslation } from "react-i18next";
import type { KeptOutStripData, Strip as StripData } from "../api/client";
import { Thread } from "../shared/Stitches";
import { KeptOutStrip } from "./KeptOutStrip";
import { type Place, placeId } from "./place";

interface Props {
  /** The week the place is in. */
  weekId: string;
  here: Place;
  at: string;
  strip: StripData | undefined;
  keptOut: KeptOutStripData | undefined;
  /** What the whole block is, in an adult's own words. */
  pencil: string | undefined;
  /** It is on its way to another place. */
  inHand: boolean;
  chosen: boolean;
  first: boolean;
  dimmed: boolean;
  compact: boolean;
  /** Why nothing lies there, where the block does not take place. */
  closed: "nobody" | "closed" | null;
  label: string;
  onPlace: (p: Place) => void;
  onLight: (s: StripData | null) => void;
  onOpen: (s: StripData) => void;
  onMove: (from: Place, to: Place) => void;
}

/** What is drawn hangs on these; what a press does is the same function of the same week. */
const drawn = [
  "weekId",
  "at",
  "strip",
  "keptOut",
  "pencil",
  "inHand",
  "chosen",
  "first",
  "dimmed",
  "compact",
  "closed",
  "label",
] as const satisfies (keyof Props)[];

/** An idea on the board: title, thread, step spread, marks. Drawn anew only where something of it changed. */
export const StripButton = memo(Strip, (before, now) => drawn.every((key) => before[key] === now[key]));

function Strip({
  here,
  at,
  strip,
  keptOut,
  pencil,
  inHand,
  chosen,
  first,
  dimmed,
  compact,
  closed,
  label,
  onPlace,
  onLight,
  onOpen,
  onMove,
}: Props) {
  const { t } = useTranslation();
  const steps = strip && (strip.stepFrom === strip.stepTo ? `${strip.stepFrom}` : `${strip.stepFrom}–${strip.stepTo}`);
  return (
    <button
      type="button"
      disabled={pencil === undefined ? closed !== null && !keptOut : here.offer > 0}
      id={`strip-${placeId(here)}`}
      data-at={at}
      data-place={JSON.stringify(here)}
      data-pencil={pencil !== undefined && here.offer === 0 ? "" : undefined}
      data-strip={strip?.ideaId ?? ""}
      aria-pressed={chosen}
      tabIndex={chosen || first ? 0 : -1}
      draggable={strip !== undefined || pencil !== undefined}
      onDragStart={(e) => e.dataTransfer.setData("application/nido-place", JSON.stringify(here))}
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => onMove(JSON.parse(e.dataTransfer.getData("application/nido-place")) as Place, here)}
      onClick={() => onPlace(here)}
      onFocus={() => onLight(strip ?? null)}
      onBlur={() => onLight(null)}
      onMouseEnter={() => onLight(strip ?? null)}
      onMouseLeave={() => onLight(null)}
      onDoubleClick={() => strip && onOpen(strip)}
      onKeyDown={(e) => {
        if (e.key === "Enter" && strip) {
          e.preventDefault();
          onPlace(here);
          onOpen(strip);
        }
      }}
      className={`flex h-full ${compact ? "min-h-[40px]" : "min-h-[44px]"} w-full cursor-pointer flex-col justify-between rounded-[10px] border px-2 py-1 text-left transition-opacity ${
        chosen
          ? "border-2 border-base-content bg-base-100"
          : strip
            ? "border-base-300 bg-base-100"
            : pencil !== undefined
              ? here.offer === 0
                ? "border-base-content border-dotted bg-base-100"
                : "border-transparent bg-base-200"
              : closed && !keptOut
                ? "border-transparent bg-base-200"
                : keptOut
                  ? "border-2 border-error border-dashed"
                  : "border-base-300 border-dashed"
      } ${dimmed ? "opacity-35" : ""} ${inHand ? "outline-2 outline-accent outline-dashed" : ""}`}
    >
      <span className="sr-only">{label}</span>
      {pencil !== undefined ? (
        here.offer === 0 && (
          <span className="flex w-full items-start gap-1">
            <span className="child line-clamp-2 min-w-0 flex-1 text-[13px] leading-[15px]" title={pencil}>
              {pencil}
            </span>
            <PencilLine size={12} className="quiet shrink-0" aria-label={t("pencil.own")} />
          </span>
        )
      ) : closed && !keptOut ? (
        <span className="quiet">{t(`week.${closed}`)}</span>
      ) : strip ? (
        <>
          <span className="flex w-full items-start gap-1">
            <span
              className={`${compact ? "line-clamp-1" : "line-clamp-2"} min-w-0 flex-1 font-semibold text-[13px] leading-[15px]`}
              title={`${strip.ownTitle ? `${strip.ownTitle}: ` : ""}${strip.title}${strip.material ? ` · ${strip.material}` : ""}`}
            >
              {strip.ownTitle ?? strip.title}
            </span>
            {strip.cautions > 0 && <TriangleAlert size={12} className="quiet shrink-0" aria-hidden="true" />}
            {strip.lifted && <ShieldAlert size={13} className="shrink-0 text-error" aria-label={t("safety.lifted")} />}
            {strip.stays && <CalendarRange size={12} className="quiet shrink-0" aria-label={t("week.stays")} />}
            {strip.locked && <Lock size={12} className="shrink-0" aria-label={t("week.locked")} />}
            {strip.shortOf && (
              <ShoppingBasket size={13} className="shrink-0 text-warning" aria-label={t("week.short")} />
            )}
          </span>
          <span className="mt-0.5 flex w-full items-center gap-2">
            <Thread shares={strip.shares} />
            <span className="quiet min-w-6 whitespace-nowrap text-right text-xs leading-3">
              <span className="max-xl:sr-only">{t("week.stepsWord")} </span>
              {steps}
            </span>
          </span>
        </>
      ) : keptOut ? (
        <KeptOutStrip keptOut={keptOut} />
      ) : (
        <span className="quiet">{t("week.choose")}</span>
      )}
    </button>
  );
}
