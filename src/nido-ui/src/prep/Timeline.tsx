import { useTranslation } from "react-i18next";
import type { PrepEvening, PrepTask } from "../api/client";
import { dayAndNumber, daysFrom, daysLater } from "../shared/dates";

const WIDTH = 1118;
const ROWS = 9;
const ROW = 19;
const LEFT = 250;

/** Work and waits on a time axis, a row a task: filled while hands are at it, dotted while it dries, a mark where it is needed. */
export function Timeline({ evenings, capacity }: { evenings: PrepEvening[]; capacity: number }) {
  const { t } = useTranslation();
  const all = evenings.flatMap((e) => e.tasks.map((task) => ({ task, evening: e.evening })));
  // What waits, what must come first and what is late always; the room that is left goes to the longest.
  const weight = ({ task }: (typeof all)[number]) =>
    (task.tooLate || task.isCritical ? 2000 : 0) +
    (task.waitHours > 0 || task.before !== null ? 1000 : 0) +
    task.minutes;
  const chosen = all
    .toSorted((a, b) => weight(b) - weight(a))
    .slice(0, Math.max(ROWS, all.filter((r) => weight(r) >= 1000).length));
  const rows = all.filter((r) => chosen.includes(r));
  const first = evenings[0]?.evening;
  const last = evenings
    .flatMap((e) => e.tasks.map((x) => x.neededOn))
    .toSorted()
    .at(-1);
  if (!first || !last) {
    return null;
  }
  const days = daysFrom(first, last) + 1;
  const day = Math.max(64, (WIDTH - LEFT) / days);
  const most = Math.max(capacity, ...evenings.map((e) => e.minutes));
  const height = 74 + rows.length * ROW + 8;
  const x = (date: string, part = 0) => LEFT + (daysFrom(first, date) + part) * day;
  return (
    <figure className="card-paper p-3">
      <figcaption className="mb-1 font-bold">{t("prep.timeline", { capacity })}</figcaption>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a drawing wider than the screen is scrolled with the arrows */}
      <section className="overflow-x-auto" aria-label={t("prep.timeline", { capacity })} tabIndex={0}>
        <svg role="img" aria-label={words(rows, t)} width={LEFT + days * day} height={height} className="drawing">
          {Array.from({ length: days }, (_, d) => {
            const date = daysLater(first, d);
            const evening = evenings.find((e) => e.evening === date);
            return (
              <g key={date}>
                <line x1={x(date)} x2={x(date)} y1={0} y2={height} className="stroke-base-300" />
                <text x={x(date, 0.5)} y={13} textAnchor="middle" className="fill-base-content text-[12px]">
                  {dayAndNumber(date)}
                </text>
                {evening && <Fill evening={evening} x={x(date)} width={day} most={most} capacity={capacity} />}
              </g>
            );
          })}
          {rows.map(({ task, evening }, k) => (
            <TaskLine
              key={task.number}
              task={task}
              y={74 + k * ROW}
              from={x(evening, 0.62)}
              to={x(task.neededOn, 0.2)}
              day={day}
            />
          ))}
        </svg>
      </section>
      <p className="quiet mt-1 text-[13px]">{t("prep.timelineKey")}</p>
    </figure>
  );
}

/** How full an evening is, its limit as a line. */
function Fill({
  evening,
  x,
  width,
  most,
  capacity,
}: {
  evening: PrepEvening;
  x: number;
  width: number;
  most: number;
  capacity: number;
}) {
  const h = (minutes: number) => (34 * minutes) / most;
  const over = evening.minutes > capacity;
  return (
    <g>
      <rect
        x={x + 26}
        y={54 - h(evening.minutes)}
        width={width - 52}
        height={h(evening.minutes)}
        rx={2}
        className={over ? "fill-warning" : "fill-base-content"}
      />
      <line
        x1={x + 18}
        x2={x + width - 18}
        y1={54 - h(capacity)}
        y2={54 - h(capacity)}
        className="stroke-error"
        strokeWidth={1.5}
      />
      <text x={x + width / 2} y={66} textAnchor="middle" className="fill-base-content text-[11px]">
        {evening.minutes} min{over ? ` (+${evening.minutes - capacity})` : ""}
      </text>
    </g>
  );
}

function TaskLine({ task, y, from, to, day }: { task: PrepTask; y: number; from: number; to: number; day: number }) {
  const work = Math.max(6, Math.min(36, task.minutes));
  return (
    <g className={task.tooLate ? "text-warning" : ""}>
      <text
        x={0}
        y={y + 12}
        className={`fill-current text-[12px] ${task.isCritical || task.tooLate ? "font-bold" : ""}`}
      >
        {shortened(task.what)}
        <title>{`${task.what} · ${task.for}`}</title>
      </text>
      <rect
        x={from}
        y={y + 3}
        width={work}
        height={11}
        rx={2}
        className={task.isCritical ? "fill-error" : "fill-base-content"}
      />
      {task.waitHours > 0 && (
        <line
          x1={from + work + 2}
          x2={Math.max(from + work + 4, Math.min(to, from + work + (task.waitHours / 24) * day))}
          y1={y + 8.5}
          y2={y + 8.5}
          className="stroke-base-content"
          strokeWidth={3}
          strokeDasharray="1 5"
          strokeLinecap="round"
        />
      )}
      <path d={`M${to} ${y + 2} l5 6.5 l-5 6.5 l-5 -6.5 z`} className="fill-primary" />
    </g>
  );
}

const shortened = (text: string) => (text.length > 40 ? `${text.slice(0, 39)}…` : text);

const words = (rows: { task: PrepTask; evening: string }[], t: (key: string, of: Record<string, unknown>) => string) =>
  rows
    .map(({ task, evening }) =>
      t("prep.timelineWords", { what: task.what, evening: dayAndNumber(evening), needed: dayAndNumber(task.neededOn) }),
    )
    .join(". ");
