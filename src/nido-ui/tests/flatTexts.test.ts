import { readFileSync } from "node:fs";
import i18next from "i18next";
import { describe, expect, it } from "vitest";
import { flat } from "../flatTexts";

const tree = (language: string) =>
  JSON.parse(readFileSync(new URL(`../src/i18n/${language}.json`, import.meta.url), "utf8")) as object;

describe("texts laid flat", () => {
  it.each(["en", "es"])("say what the tree says, name by name (%s)", async (language) => {
    const whole = i18next.createInstance();
    await whole.init({ resources: { [language]: { translation: tree(language) } }, lng: language });
    const laid = i18next.createInstance();
    await laid.init({
      resources: { [language]: { translation: flat(tree(language)) } },
      lng: language,
      keySeparator: false,
      nsSeparator: false,
    });
    const names = Object.keys(flat(tree(language)));
    expect(names.length).toBeGreaterThan(500);
    for (const name of names) {
      const asked = name.replace(/_(one|other|many)$/, "");
      for (const count of [0, 1, 2]) {
        expect(laid.t(asked, { count })).toBe(whole.t(asked, { count }));
      }
    }
    expect(laid.t("week.nothing like it", { defaultValue: "given" })).toBe("given");
  });
});
