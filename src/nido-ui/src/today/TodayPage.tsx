import { Sunset } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { SessionStrip } from "../session/SessionStrip";
import { dayShownFirst } from "../shared/calendar";
import { dayAndNumber, today as dayHere, longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Gently, PlaceMain, PlaceSkeleton, Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { BlockOfDay } from "./BlockOfDay";
import { Door } from "./Door";
import { EndOfDay } from "./EndOfDay";
import { useClock } from "./useClock";
import { useWaiting } from "./useWaiting";

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
  const shown = day ?? dayShownFirst(days);
  const view = $api.useQuery(
    "get",
    "/api/weeks/{weekId}/days/{day}",
    { params: { path: { weekId, day: shown } } },
    { enabled: week.data !== undefined },
  );
  const data = view.data;
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
              className={`btn join-item h-11 max-sm:px-3 ${i === shown ? "btn-primary" : ""}`}
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
      {data && (
        // The first sight of a day is much at once: in small pieces, between which a press is answered.
        <Gently until={<Skeleton lines={12} className="p-4" />}>
          <BlockOfDay
            view={data}
            day={shown}
            minute={data.date === dayHere() ? minute : null}
            held={held}
            hold={setHeld}
          />
        </Gently>
      )}
    </PlaceMain>
  );
}
