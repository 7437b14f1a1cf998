import { describe, expect, it } from "vitest";
import { elsewhere, within } from "../src/shared/form";

const problem = (field: string) => ({ field, value: "", message: "" });

describe("what the server refuses is said at its field", () => {
  it("names the fields of what was sent in a list as the form does", () => {
    const fields = [problem("children[0].bornOn"), problem("bornOn"), problem("adults[0].name")];
    expect(within("children", fields).map((f) => f.field)).toEqual(["bornOn", "bornOn", "adults[0].name"]);
  });

  it("leaves to the note what no field says: an adult's name is not the group's", () => {
    const all = [problem("name"), problem("adults[0].name"), problem("settings.budgetCents")];
    expect(elsewhere(all, new Set(["name", "settings.budgetCents"])).map((f) => f.field)).toEqual(["adults[0].name"]);
    expect(elsewhere(all, new Set())).toHaveLength(3);
  });
});
