import { ChevronLeft, ChevronRight } from "lucide-react";
import { useEffect } from "react";
import { useTranslation } from "react-i18next";
import { $api, type IdeaCardData, type WeekView } from "../api/client";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { focusOn } from "../shared/focusOn";
import { Thread } from "../shared/Stitches";

/** One day of the board: each offer with the children it serves, by step. */
export function DayBoard({
  view,
  day,
  onDay,
  onClose,
}: {
  view: WeekView;
  day: number;
  onDay: (day: number) => void;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const now = $api.useQuery("get", "/api/weeks/{weekId}/days/{day}", { params: { path: { weekId: view.id, day } } });
  const date = view.days[day]?.date ?? view.monday;
  const go = (by: number) => onDay((day + by + view.days.length) % view.days.length);
  // Who opened a day goes on in it.
  useEffect(() => focusOn("day-board"), []);
  return (
    <section aria-label={longDay(date)} data-day-board>
      <div className="flex items-center gap-2 py-1">
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={t("week.dayBefore")}
          onClick={() => go(-1)}
        >
          <ChevronLeft size={18} aria-hidden="true" />
        </button>
        <h2 className="text-base" id="day-board" tabIndex={-1}>
          {longDay(date)}
        </h2>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={t("week.dayAfter")}
          onClick={() => go(1)}
        >
          <ChevronRight size={18} aria-hidden="true" />
        </button>
        <button type="button" className="btn btn-outline btn-sm ml-auto" onClick={onClose}>
          {t("week.wholeWeek")}
        </button>
      </div>
      <ErrorNote error={now.error} />
      {now.data?.blocks.map((block) => (
        <div key={block.id} className="flex gap-2 border-base-300 border-t py-1.5">
          <div className="w-[84px] shrink-0">
            <h3 className="font-bold leading-tight">{block.name}</h3>
            <p className="quiet text-xs">
              {block.starts.slice(0, 5).replace(/^0/, "")} · {block.minutes} min
            </p>
          </div>
          {block.own && <p className="child">{block.own}</p>}
          {block.offers.map((o) => (
            <Served
              key={o.card.ideaId}
              card={o.card}
              called={o.ownTitle ?? o.card.title}
              dropIn={view.groupKind === "dropIn"}
              wide={block.offers.length === 1}
            />
          ))}
        </div>
      ))}
    </section>
  );
}

function Served({
  card,
  called,
  dropIn,
  wide,
}: {
  card: IdeaCardData;
  called: string;
  dropIn: boolean;
  wide: boolean;
}) {
  const { t } = useTranslation();
  return (
    <article className="min-w-0 flex-1 rounded-[10px] border border-base-300 bg-base-100 px-2 py-1">
      <h4 className="truncate font-semibold text-[13px]" title={card.title}>
        {called}
      </h4>
      <p className="my-0.5 flex">
        <Thread shares={card.shares} />
      </p>
      <ul className={`text-xs ${wide ? "flex flex-wrap gap-x-4" : ""}`}>
        {card.steps.map((s) => (
          <li key={s.step}>
            <b>{s.step}</b> {dropIn ? s.who.length : s.who.map((w) => w.name).join(", ")}
          </li>
        ))}
        {card.outOfReach.length > 0 && (
          <li className="text-warning">
            {t("idea.outOfReach")} {dropIn ? card.outOfReach.length : card.outOfReach.map((w) => w.name).join(", ")}
          </li>
        )}
      </ul>
    </article>
  );
}
