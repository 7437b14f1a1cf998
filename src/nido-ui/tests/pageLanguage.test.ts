import { describe, expect, it } from "vitest";
import { pageLanguage } from "../src/families/pageLanguage";

describe("the language of a page for a family", () => {
  it("is the one asked for", () => expect(pageLanguage("en", "es", "es")).toBe("en"));
  it("is the one at home where nobody asks", () => expect(pageLanguage(undefined, "es", "en")).toBe("es"));
  it("is the reader's where Nido does not write that of the home", () =>
    expect(pageLanguage(undefined, "tr", "es")).toBe("es"));
  it("is English for a reader of another language", () => expect(pageLanguage(undefined, undefined, "fr")).toBe("en"));
});
