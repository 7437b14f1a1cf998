import { describe, expect, it } from "vitest";
import { childrenAbout } from "../src/app/about";

const on = "2026-12-07";
const yearsOld = (born: string) => (Date.parse(on) - Date.parse(born)) / 86_400_000 / 365.25;

describe("about so many children", () => {
  it("spreads their ages over the years asked for, the youngest first", () => {
    const made = childrenAbout({ children: 12, from: 2, to: 4 }, on, (n) => `Child ${n}`, "en");
    expect(made.map((c) => c.name).slice(0, 2)).toEqual(["Child 1", "Child 2"]);
    const ages = made.map((c) => yearsOld(c.bornOn));
    expect(ages.every((a) => a >= 2 && a < 5)).toBe(true);
    expect(ages).toEqual(ages.toSorted((a, b) => a - b));
    for (const year of [2, 3, 4]) {
      expect(ages.filter((a) => Math.floor(a + 0.01) === year).length).toBe(4);
    }
  });
  it("takes ages the other way round, and one child", () => {
    expect(childrenAbout({ children: 3, from: 5, to: 3 }, on, String, "en").every((c) => yearsOld(c.bornOn) >= 3)).toBe(
      true,
    );
    expect(childrenAbout({ children: 1, from: 1, to: 1 }, on, String, "en")).toHaveLength(1);
  });
});
