import { describe, expect, it } from "vitest";
import openapi from "../openapi.json";
import { isTouched, type Part } from "../src/shared/changed";

const read = Object.entries(openapi.paths)
  .filter(([, methods]) => "get" in methods)
  .map(([path]) => path);
const touchedBy = (part: Part) => read.filter((path) => isTouched(path, part));

describe("what is read again after a change", () => {
  it("is never what comes with the program", () => {
    for (const part of ["week", "group", "cupboard", "seen", "theme", "house", "own"] as const) {
      expect(touchedBy(part)).not.toContain("/api/making");
      expect(touchedBy(part)).not.toContain("/api/recipes");
    }
  });

  it("is every address of a week, whatever was changed: a plan is made of all", () => {
    const weeks = read.filter((path) => path.startsWith("/api/weeks"));
    expect(weeks.length).toBeGreaterThan(15);
    for (const part of ["week", "group", "cupboard", "seen", "theme", "house", "own"] as const) {
      expect(touchedBy(part)).toEqual(expect.arrayContaining(weeks));
    }
  });

  it("is not the cupboard after something was seen, nor a child's journal after a count", () => {
    expect(touchedBy("seen")).not.toContain("/api/cupboard");
    expect(touchedBy("cupboard")).not.toContain("/api/groups/{groupId}/children/{childId}/journal");
  });

  it("is whatever names a material or an idea after something of one's own changed, and materials after nothing else", () => {
    expect(touchedBy("own")).toEqual(
      expect.arrayContaining(["/api/materials", "/api/own", "/api/cupboard", "/api/weeks/{weekId}/ideas"]),
    );
    for (const part of ["week", "group", "cupboard", "seen", "theme"] as const) {
      expect(touchedBy(part)).not.toContain("/api/materials");
    }
  });

  it("is everything that is the house's own after a backup came back", () => {
    expect(touchedBy("house")).toEqual(expect.arrayContaining(["/api/groups", "/api/cupboard", "/api/themes"]));
  });

  it("is an address nobody thought of", () => expect(isTouched("/api/something/new", "seen")).toBe(true));
});
