import { Files, Printer } from "lucide-react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/client";
import { Cautions } from "../ideas/Cautions";
import { SetUpPicture } from "../ideas/SetUpPicture";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { duration, plain } from "../shared/figures";
import { PlaceMain, PlaceSkeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { BuyList } from "./BuyList";
import { Layouts } from "./Layouts";
import { RefreshPlan } from "./RefreshPlan";
import { Ticks } from "./Ticks";
import { Timeline } from "./Timeline";

/** Prep: what to do on which evening, what to buy, what to ask for, what to lay out. */
export function PrepPage() {
  const { t } = useTranslation();
  const { weekId, week, path } = useWeek();
  const prep = $api.useQuery("get", "/api/weeks/{weekId}/prep", path);
  const paper = $api.useQuery("get", "/api/weeks/{weekId}/paper", path);
  const data = prep.data;
  const total = data?.evenings.reduce((sum, e) => sum + e.minutes + e.morningMinutes, 0);
  if (!data || !week.data) {
    return <PlaceSkeleton error={week.error ?? prep.error} />;
  }
  return (
    <PlaceMain>
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("places.prep")}</h1>
        <span className="quiet place-said">
          {week.data.theme.name} · {t("prep.total", { time: duration(total ?? 0) })}
        </span>
        <Link to={`/w/${weekId}/prep/paper`} className="btn btn-primary btn-sm no-print" data-paper>
          <Files size={16} aria-hidden="true" />{" "}
          {paper.data ? t("paper.open", { count: paper.data.pages }) : t("paper.title")}
        </Link>
        <button type="button" className="btn btn-outline btn-sm no-print" onClick={() => window.print()}>
          <Printer size={16} aria-hidden="true" /> {t("prep.print")}
        </button>
      </header>
      <section className="pane min-h-0 flex-1 overflow-auto px-4 py-3" aria-label={t("places.prep")}>
        <ErrorNote error={prep.error} />

        <Timeline evenings={data.evenings} capacity={data.evenings[0]?.capacity ?? 0} />
        <div className="mt-4 grid gap-x-8 gap-y-5 md:grid-cols-2 xl:grid-cols-3">
          <div className="space-y-4">
            {data.evenings.map((e) => (
              <Ticks
                key={e.evening}
                id={`${weekId} ${e.evening}`}
                title={[
                  longDay(e.evening),
                  e.morningMinutes > 0 && t("prep.morningMinutes", { minutes: e.morningMinutes }),
                  (e.minutes > 0 || e.morningMinutes === 0) && `${e.minutes} min`,
                ]
                  .filter(Boolean)
                  .join(" · ")}
                items={e.tasks.map((task) => ({
                  what: task.what,
                  more: `${task.for} · ${task.minutes} min${task.waitHours > 0 ? ` · ${t("prep.waits", { hours: task.waitHours })}` : ""}${task.spared > 0 ? ` · ${t("paper.printed", { minutes: task.spared })}` : ""}${task.adultOnly ? ` · ${t("prep.adultOnly")}` : ""}${task.inTheMorning ? ` · ${t("prep.morning")}` : ""}${task.keepsDays !== null ? ` · ${t("prep.keeps", { count: task.keepsDays })}` : ""}`,
                  mind: (task.cautions.length > 0 || task.tooLate !== null) && (
                    <div className="mb-1 pl-7">
                      {task.tooLate && <p className="font-bold text-warning">{task.tooLate}.</p>}
                      <Cautions cautions={task.cautions} />
                    </div>
                  ),
                }))}
              />
            ))}
          </div>
          <div className="space-y-4">
            <BuyList weekId={weekId} prep={data} currency={week.data.currency} />
            <Ticks
              id={`${weekId} ask`}
              title={t("prep.ask")}
              empty={t("prep.askNothing")}
              items={data.toAsk.map(({ line: l, ask }) => ({
                what: l.name,
                mind: (
                  <p className="pb-1 pl-7 text-[13px]" title={ask.trace.join(" ")}>
                    {t("prep.sendBy", { day: longDay(ask.sendBy), count: ask.weeks })}
                  </p>
                ),
                more: t("prep.lacking", {
                  lacking: plain(l.lacking),
                  unit: t(`unit.${l.unit}`, { count: l.lacking }),
                  have: plain(l.have),
                  used: plain(l.used),
                }),
              }))}
            />
            {data.toMix.length > 0 && (
              <Ticks
                id={`${weekId} mix`}
                title={t("prep.mix")}
                items={data.toMix.map((line) => ({ what: line, more: "" }))}
              />
            )}
            <Layouts layouts={data.toCut} />
          </div>
          <div className="space-y-4">
            <RefreshPlan refreshes={data.refreshes} />
            {data.trays.map((day) => (
              <Ticks
                key={day.day}
                id={`${weekId} trays ${day.day}`}
                title={t("prep.trays", { day: longDay(day.day) })}
                items={day.trays.map((x) => ({
                  what: `${x.block}: ${x.title}`,
                  more: x.things.join(" · "),
                  mind: x.setUp && <SetUpPicture setUp={x.setUp} className="mb-2 ml-7 max-w-64" />,
                }))}
              />
            ))}
          </div>
        </div>
      </section>
    </PlaceMain>
  );
}
