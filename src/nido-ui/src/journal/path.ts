import type { Schemas } from "../api/client";
import { daysFrom } from "../shared/dates";

export type LadderPath = Schemas["LadderPath"];

const WIDTH = 520;
const LEFT = 26;
const STEP = 24;

/** Where things lie on the plot of a ladder: weeks to the right, steps upwards. */
export function plotOf(path: LadderPath) {
  const steps = path.steps.length;
  const first = path.points[0]?.day ?? "";
  const last = path.points.at(-1)?.day ?? "";
  const span = Math.max(1, daysFrom(first, last));
  const height = (steps + 0.6) * STEP + 18;
  const x = (day: string) =>
    LEFT + 6 + (Math.min(span, Math.max(0, daysFrom(first, day))) / span) * (WIDTH - LEFT - 14);
  const y = (step: number) => (steps + 0.6 - step) * STEP + 6;
  const band = [
    ...path.points.map((p) => `${x(p.day).toFixed(1)},${y(p.high).toFixed(1)}`),
    ...path.points.toReversed().map((p) => `${x(p.day).toFixed(1)},${y(p.low).toFixed(1)}`),
  ].join(" ");
  const line = path.points.map((p) => `${x(p.day).toFixed(1)},${y(p.mean).toFixed(1)}`).join(" ");
  return { width: WIDTH, left: LEFT, height, x, y, band, line };
}

/** What was seen on one day at one step lies side by side, not on top of each other. */
export function spread(seen: LadderPath["seen"]) {
  const taken = new Map<string, number>();
  return seen.map((o) => {
    const key = `${o.on} ${o.step}`;
    const place = taken.get(key) ?? 0;
    taken.set(key, place + 1);
    return { seen: o, place };
  });
}
