import { describe, expect, it } from "vitest";
import { asked } from "../src/app/pages";

describe("the page an address asks for", () => {
  it.each([
    ["/w/a1/week", "week", "a1"],
    ["/w/a1", "week", "a1"],
    ["/w/a1/ideas/snip-and-cut.card-a4", "ideas", "a1"],
    ["/w/a1/ideas/making/frame", "making", "a1"],
    ["/w/a1/ideas/theme/new", "theme", "a1"],
    ["/w/a1/week/term", "term", "a1"],
    ["/w/a1/prep/paper", "paper", "a1"],
    ["/w/a1/prep/paper/dice", "sheet", "a1"],
    ["/start", "start", null],
    ["/house", "house", null],
    ["/", null, null],
    ["/w/a1/attic", null, "a1"],
    ["/anything", null, null],
  ])("%s", (path, page, weekId) => {
    expect(asked(path)).toMatchObject({ page, weekId });
  });

  it("says what of the page, where it says", () => {
    expect(asked("/w/a1/ideas/theme/night-train").what).toBe("night-train");
    expect(asked("/w/a1/ideas/theme").what).toBeUndefined();
  });
});
