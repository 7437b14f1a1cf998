import i18next from "i18next";
import { beforeAll, describe, expect, it, vi } from "vitest";
import { daysFrom, daysLater, fromTo, isoDay, longDay, monday, seenOn, today } from "../src/shared/dates";

beforeAll(() => i18next.init({ lng: "en", resources: {} }));

describe("days of the place one is at", () => {
  it("is still Thursday in the evening, whatever universal time says", () => {
    // The suite runs in Los Angeles: Thursday 17:30 there is Friday 01:30 by universal time.
    vi.useFakeTimers({ now: new Date("2026-12-11T01:30:00Z") });
    expect(today()).toBe("2026-12-10");
    expect(monday()).toBe("2026-12-07");
    vi.useRealTimers();
  });

  it("finds the Monday of every day of a week, over the turn of a year and the change of the clock", () => {
    for (const first of ["2026-12-28", "2026-10-26", "2026-03-02", "2028-02-28"]) {
      for (let k = 0; k < 7; k++) {
        vi.useFakeTimers({ now: new Date(`${daysLater(first, k)}T23:59:00`) });
        expect(monday()).toBe(first);
        vi.useRealTimers();
      }
    }
  });

  it("counts days there and back", () => {
    for (const days of [-400, -1, 0, 1, 31, 366]) {
      expect(daysFrom("2026-03-07", daysLater("2026-03-07", days))).toBe(days);
    }
  });

  it("dates what is seen by the day that is shown, never by one to come", () => {
    vi.useFakeTimers({ now: new Date("2026-12-09T12:00:00") });
    expect([seenOn("2026-12-07"), seenOn("2026-12-09"), seenOn("2026-12-11")]).toEqual([
      "2026-12-07",
      "2026-12-09",
      "2026-12-09",
    ]);
    vi.useRealTimers();
  });

  it("writes days with two digits", () => expect(isoDay(new Date(2026, 0, 5))).toBe("2026-01-05"));
});

describe("days in words", () => {
  it("says them in the reader's language", async () => {
    expect(longDay("2026-12-07")).toBe("Monday 7 December");
    expect(fromTo("2026-12-07", "2026-12-11").replace(/\s/g, " ")).toBe("7–11 December");
    expect(fromTo("2026-11-30", "2026-12-04").replace(/\s/g, " ")).toMatch(/^30 November – 4 December$/);
    await i18next.changeLanguage("es");
    expect(fromTo("2026-12-07", "2026-12-11").replace(/\s/g, " ")).toBe("7–11 de diciembre");
    await i18next.changeLanguage("en");
  });
});
