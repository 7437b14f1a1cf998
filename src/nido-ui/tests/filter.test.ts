import { describe, expect, it } from "vitest";
import type { IdeaName } from "../src/api/client";
import { choices, everything, fits, type IdeaFilter } from "../src/ideas/filter";

const idea: IdeaName = {
  ideaId: "a",
  title: "Parcels to the letter box",
  technique: "Carry with tools",
  techniqueId: "carry-dry",
  material: null,
  shares: [60, 25, 0, 15],
  blockIds: ["b"],
  minutes: 12,
  mess: 1,
  stepFrom: 1,
  stepTo: 4,
  inReach: 5,
  children: 6,
  placedTimes: 0,
  strands: ["counting", "pinch"],
  things: ["Cucharas de plástico", "Bowls"],
  places: ["shelf", "table"],
  fromMonths: 22,
  toMonths: 38,
  nothingToBuy: false,
};
const asked = (by: Partial<IdeaFilter>) => fits(idea, { ...everything, ...by });

describe("ideas are looked for", () => {
  it("asks nothing at first", () => expect(asked({})).toBe(true));

  it.each([
    ["letter parcels", true],
    ["PLASTICO", true],
    ["bowls tools", true],
    ["bowls scissors", false],
  ])("by words: %s", (words, found) => expect(asked({ words })).toBe(found));

  it.each([
    [1, true],
    [2, true],
    [3, true],
    [4, false],
  ])("by age: %i years", (age, found) => expect(asked({ age })).toBe(found));

  it.each<[Partial<IdeaFilter>, boolean]>([
    [{ strand: "pinch" }, true],
    [{ strand: "rhyme-and-syllables" }, false],
    [{ minutes: 12 }, true],
    [{ minutes: 10 }, false],
    [{ place: "table" }, true],
    [{ place: "circle" }, false],
    [{ mess: 1 }, true],
    [{ mess: 0 }, false],
    [{ nothingToBuy: true }, false],
  ])("by %o", (by, found) => expect(asked(by)).toBe(found));

  it("counts what is chosen beside the words", () => {
    expect(choices(everything)).toBe(0);
    expect(choices({ ...everything, words: "x", mess: 0, nothingToBuy: true })).toBe(2);
  });
});
