import { describe, expect, it } from "vitest";
import type { StepsView } from "../src/api/client";
import { quickLine } from "../src/group/quickLine";

const steps = {
  children: [
    { childId: "1", name: "Zoë" },
    { childId: "2", name: "Ana" },
    { childId: "3", name: "Anouk" },
  ],
  ladders: [{ id: "scissors", head: "Scissors", name: "Scissors", steps: Array.from({ length: 7 }) }],
} as unknown as StepsView;
const words = { alone: "alone", shown: "when shown", hands: "with hands", notYet: "not yet" } as never;

describe("a line as it is typed", () => {
  it("is understood without marks and by beginnings", () =>
    expect(quickLine("zoe sci 5 a", steps, words).seen).toMatchObject({
      childId: "1",
      ladder: "scissors",
      step: 5,
      help: "alone",
    }));
  it("takes a whole name though another begins with it", () =>
    expect(quickLine("ana sci 1 n", steps, words).seen?.childId).toBe("2"));
  it("says which word it does not know, and loses nothing", () => {
    expect(quickLine("an sci 1 a", steps, words).wrong).toBe("an");
    expect(quickLine("zoe jump 1 a", steps, words)).toMatchObject({ child: "Zoë", wrong: "jump" });
    expect(quickLine("zoe sci 9 a", steps, words)).toMatchObject({ ladder: "Scissors", wrong: "9" });
    expect(quickLine("zoe sci 5", steps, words).seen).toBeNull();
  });
});
