import { type Aim, aims } from "../api/client";

interface Shares {
  planned: number[];
  met: number[];
}

/** Planned and met of each aim, in percent of an even share, in the middle of some weeks. */
export function middleOf(weeks: Shares[]): { aim: Aim; planned: number; met: number }[] {
  const middle = (of: "planned" | "met", k: number) =>
    Math.round(weeks.reduce((sum, w) => sum + (w[of][k] ?? 0), 0) / Math.max(1, weeks.length));
  return aims.map((aim, k) => ({ aim, planned: middle("planned", k), met: middle("met", k) }));
}

/** Where the weeks of one aim lie on a small plot: points of planned and met, 0 to 120 percent. */
export function plotOfShares(weeks: Shares[], k: number, width: number, height: number) {
  const x = (i: number) => (weeks.length < 2 ? width / 2 : 4 + (i * (width - 8)) / (weeks.length - 1));
  const y = (percent: number) => height - 3 - (Math.min(120, Math.max(0, percent)) / 120) * (height - 6);
  const line = (of: "planned" | "met") =>
    weeks.map((w, i) => `${x(i).toFixed(1)},${y(w[of][k] ?? 0).toFixed(1)}`).join(" ");
  return { planned: line("planned"), met: line("met"), even: y(100) };
}
