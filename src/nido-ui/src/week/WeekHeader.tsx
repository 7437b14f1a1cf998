import { CloudRain, Download, Redo2, SlidersHorizontal, Undo2 } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { WeekView } from "../api/client";
import { fromTo } from "../shared/dates";
import { later } from "../shared/later";
import { TakeAway } from "./TakeAway";
import type { Changes } from "./useChanges";
import type { Composing } from "./useComposing";
import { WeekMenu } from "./WeekMenu";

const CameUpDialog = later(async () => (await import("./CameUpDialog")).CameUpDialog);
const SlidersDialog = later(async () => (await import("./SlidersDialog")).SlidersDialog);

/** What the week is about, and what can be done with it. */
export function WeekHeader({ view, composing, changes }: { view: WeekView; composing: Composing; changes: Changes }) {
  const { t } = useTranslation();
  const [sliders, setSliders] = useState(false);
  const [cameUp, setCameUp] = useState(false);
  const theme = view.theme;
  const first = view.days[0]?.date ?? view.monday;
  const last = view.days.at(-1)?.date ?? view.monday;
  return (
    <>
      {view.colour !== "plain" && (
        <div className={`week-colour-${view.colour} h-1.5 shrink-0`} data-colour={view.colour} />
      )}
      <header className="week-head border-base-300 border-b px-4 py-2.5 max-md:py-1.5">
        <h1 className="min-w-0 leading-tight [grid-area:name]">{theme.name}</h1>
        <p className="quiet min-w-0 [grid-area:about] max-md:text-[13px] max-md:leading-snug">
          {fromTo(first, last)} · {view.groupName} · <b className="text-base-content">{theme.letter}</b>{" "}
          {t("week.asIn")} <i>{theme.letterWord}</i> · 1–{theme.numbersTo},{" "}
          {t("week.olderTo", { to: theme.olderNumbersTo })} · {theme.shapes.join(", ")}
        </p>
        <div className="week-tools flex items-center gap-1.5 [grid-area:tools]">
          <span
            role="status"
            className="quiet w-14 text-right text-xs max-md:sr-only"
            data-saving={changes.saving || undefined}
          >
            {t(changes.saving ? "week.saving" : "week.saved")}
          </span>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            disabled={!view.canUndo}
            aria-label={view.canUndo ? t("week.undoWhat", { what: view.canUndo }) : t("week.undo")}
            title={view.canUndo ? t("week.undoWhat", { what: view.canUndo }) : t("week.undo")}
            onClick={changes.undo}
          >
            <Undo2 size={18} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            disabled={!view.canRedo}
            aria-label={view.canRedo ? t("week.redoWhat", { what: view.canRedo }) : t("week.redo")}
            title={view.canRedo ? t("week.redoWhat", { what: view.canRedo }) : t("week.redo")}
            onClick={changes.redo}
          >
            <Redo2 size={18} aria-hidden="true" />
          </button>
          <WeekMenu />
          <TakeAway
            weekId={view.id}
            dropIn={view.groupKind === "dropIn"}
            icon={<Download size={16} aria-hidden="true" />}
          />
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => setCameUp(true)}>
            <CloudRain size={16} aria-hidden="true" /> {t("cameUp.open")}
            {view.cameUp.length > 0 && <b>{view.cameUp.length}</b>}
          </button>
          <button type="button" className="btn btn-outline btn-sm" onClick={() => setSliders(true)}>
            <SlidersHorizontal size={16} aria-hidden="true" /> {t("week.whatMatters")}
          </button>
        </div>
        <button
          type="button"
          className="btn btn-primary btn-sm [grid-area:compose]"
          disabled={composing.busy}
          onClick={composing.start}
        >
          {composing.busy ? t("week.composing") : t("week.compose")}
        </button>
        {sliders && <SlidersDialog view={view} onClose={() => setSliders(false)} />}
        {cameUp && <CameUpDialog view={view} onClose={() => setCameUp(false)} />}
      </header>
    </>
  );
}
