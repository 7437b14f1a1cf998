import { useTranslation } from "react-i18next";
import type { HelpLevel } from "../api/client";
import { dayAndMonth, longDay } from "../shared/dates";
import { type LadderPath, plotOf, spread } from "./path";

/** Steps over weeks: the belief with its interval, and what was seen as marks that differ by shape. */
export function PathPlot({ path }: { path: LadderPath }) {
  const { t } = useTranslation();
  const p = plotOf(path);
  const last = path.points.at(-1);
  return (
    <svg
      role="img"
      aria-label={t("journal.plot", {
        ladder: path.name,
        step: last?.mean.toFixed(1),
        low: last?.low.toFixed(1),
        high: last?.high.toFixed(1),
      })}
      viewBox={`0 0 ${p.width} ${p.height}`}
      className="drawing my-1 w-full"
    >
      {path.steps.map((name, k) => (
        <g key={name}>
          <line
            x1={p.left}
            x2={p.width}
            y1={p.y(k + 1)}
            y2={p.y(k + 1)}
            className="stroke-base-300"
            strokeDasharray={path.objective?.step === k + 1 ? "6 3" : undefined}
            strokeWidth={path.objective?.step === k + 1 ? 2 : 1}
          />
          <text x={p.left - 6} y={p.y(k + 1) + 4} textAnchor="end" className="fill-base-content text-[12px]">
            {k + 1}
          </text>
        </g>
      ))}
      <polygon points={p.band} className="fill-secondary" />
      <polyline points={p.line} fill="none" className="stroke-base-content" strokeWidth={2} />
      {spread(path.seen).map(({ seen: o, place }) => (
        <g key={o.id} transform={`translate(${p.x(o.on) + place * 9} ${p.y(o.step)})`}>
          <title>{`${longDay(o.on)}, ${o.step}: ${t(`help.${o.help}`)}${o.note ? `. ${o.note}` : ""}`}</title>
          <Mark help={o.help} />
        </g>
      ))}
      {path.points
        .filter((_, k) => (path.points.length - 1 - k) % Math.ceil(path.points.length / 6) === 0)
        .map((w) => (
          <text
            key={w.day}
            x={p.x(w.day)}
            y={p.height - 3}
            textAnchor={w === last ? "end" : "middle"}
            className="fill-base-content text-[11px]"
          >
            {dayAndMonth(w.day)}
          </text>
        ))}
    </svg>
  );
}

/** Alone is full, shown half, with hands empty, not yet a cross: told apart without colour. */
export function Mark({ help }: { help: HelpLevel | null }) {
  if (help === "notYet") {
    return <path d="M-4 -4 L4 4 M-4 4 L4 -4" className="stroke-base-content" strokeWidth={2} />;
  }
  return (
    <>
      <circle
        r={4.5}
        className={`stroke-base-content ${help === "alone" ? "fill-base-content" : "fill-base-100"}`}
        strokeWidth={1.6}
      />
      {help === "shown" && <path d="M0 -4.5 A4.5 4.5 0 0 0 0 4.5 Z" className="fill-base-content" />}
    </>
  );
}
