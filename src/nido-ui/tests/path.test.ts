import { describe, expect, it } from "vitest";
import { type LadderPath, plotOf, spread } from "../src/journal/path";

const point = (day: string, mean: number) => ({ day, mean, low: mean - 0.5, high: mean + 0.5 });
const path = {
  steps: ["a", "b", "c", "d"],
  points: [point("2026-10-05", 1.5), point("2026-10-12", 2), point("2026-10-19", 2.5)],
} as LadderPath;

describe("the plot of a ladder", () => {
  it("has higher steps higher and later weeks further right", () => {
    const p = plotOf(path);
    for (let k = 1; k < 4; k++) {
      expect(p.y(k + 1)).toBeLessThan(p.y(k));
    }
    expect(p.x("2026-10-05")).toBeLessThan(p.x("2026-10-12"));
    expect(p.x("2026-10-12") - p.x("2026-10-05")).toBeCloseTo(p.x("2026-10-19") - p.x("2026-10-12"), 6);
  });
  it("keeps everything inside", () => {
    const p = plotOf(path);
    for (const pair of `${p.band} ${p.line}`.split(" ")) {
      const [x = 0, y = 0] = pair.split(",").map(Number);
      expect(x).toBeGreaterThanOrEqual(p.left);
      expect(x).toBeLessThanOrEqual(p.width);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(p.height);
    }
  });
  it("lays what was seen on one day at one step side by side", () => {
    const seen = [
      { on: "2026-10-06", step: 2 },
      { on: "2026-10-06", step: 2 },
      { on: "2026-10-07", step: 2 },
    ] as LadderPath["seen"];
    expect(spread(seen).map((s) => s.place)).toEqual([0, 1, 0]);
  });
});
