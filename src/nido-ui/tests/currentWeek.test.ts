import { describe, expect, it } from "vitest";
import { currentWeek } from "../src/app/currentWeek";

const week = (id: string, groupId: string, monday: string) => ({ id, groupId, groupName: "", themeName: "", monday });
const weeks = [
  week("a", "wren", "2026-11-30"),
  week("b", "wren", "2026-12-07"),
  week("c", "wren", "2026-12-14"),
  week("d", "other", "2026-12-07"),
];

describe("the week that is opened", () => {
  it("is the one with today in it, of the group used last", () => {
    expect(currentWeek(weeks, "wren", "2026-12-09")?.id).toBe("b");
    expect(currentWeek(weeks, "other", "2026-12-09")?.id).toBe("d");
  });
  it("is still that one on its Sunday", () => expect(currentWeek(weeks, "wren", "2026-12-13")?.id).toBe("b"));
  it("is the next to come where today has none", () =>
    expect(currentWeek(weeks.slice(2, 3), "wren", "2026-12-01")?.id).toBe("c"));
  it("is the newest where all have been", () => expect(currentWeek(weeks, "wren", "2027-03-01")?.id).toBe("c"));
  it("is of any group where the last one is gone", () =>
    expect(currentWeek(weeks, "gone", "2026-11-30")?.id).toBe("a"));
  it("is none in an empty house", () => expect(currentWeek([], null, "2026-12-09")).toBeUndefined());
});
