import { describe, expect, it } from "vitest";
import { changed } from "../src/shared/BothEditions";

describe("what two people changed of the same thing", () => {
  it("is told field by field", () => {
    const opened = { name: "Ana", allergies: ["egg"], note: null };
    expect(changed(opened, { name: "Ana", allergies: ["egg", "milk"], note: "" })).toEqual({
      allergies: ["egg", "milk"],
    });
    expect(changed(opened, opened)).toEqual({});
  });
});
