import { describe, expect, it } from "vitest";
import { elsewhere, isAbout } from "../src/shared/form";

const problem = (field: string) => ({ field, value: "", message: "" });

describe("what the server refuses is said at its field", () => {
  it.each([
    ["name", "name", true],
    ["children[0].name", "name", true],
    ["settings.budgetCents", "budgetCents", true],
    ["surname", "name", false],
    ["name.first", "name", false],
  ])("%s at %s: %s", (field, name, is) => expect(isAbout(field, name)).toBe(is));

  it("leaves to the note what no field says", () => {
    const all = [problem("name"), problem("plans[0].wording"), problem("children[2].bornOn")];
    expect(elsewhere(all, ["name", "bornOn"]).map((f) => f.field)).toEqual(["plans[0].wording"]);
    expect(elsewhere(all, [])).toHaveLength(3);
  });
});
