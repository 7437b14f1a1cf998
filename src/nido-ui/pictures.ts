import { createHash } from "node:crypto";
import { copyFileSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import type { Plugin } from "vite";

interface Entry {
  hexcode: string;
  group: string;
  subgroups: string;
  annotation: string;
  tags: string;
  openmoji_tags: string;
  skintone: string;
}

// What a young child's theme may show: things, animals, plants, food, places and vehicles.
const groups = ["animals-nature", "food-drink", "objects", "travel-places", "activities"];
const leftOut = /religi|alcohol|place-map|time|medal|medical|phone|computer|money|hotel|award/;
const notForChildren =
  /pistol|dagger|bomb|knife|sword|cigarette|smok|coffin|urn|beer|wine|cocktail|tropical drink|champagne|sake|tumbler|clinking|slot machine|casino|pill|syringe|wedding|vulcan|crystal ball|nazar|hamsa|moai|bikini|brief|underwear|lipstick|cross|joker|pool 8/;

/** Copies the picture set's drawings of plain things, with a list of them by name, to where the pages find them. */
export function pictures(): Plugin {
  return {
    name: "nido-pictures",
    buildStart() {
      const from = "node_modules/openmoji";
      const to = "public/pictures";
      const list = `${to}/list.json`;
      // What each picture shows in words of ours, a name of its own only where nothing else comes to mind at it.
      const ours = { en: readFileSync("pictures.en.json", "utf8"), es: readFileSync("pictures.es.json", "utf8") };
      const set = JSON.parse(readFileSync(`${from}/package.json`, "utf8")) as { version: string };
      const hash = createHash("sha256").update(ours.en).update(ours.es).digest("hex");
      const version = `${set.version} ${hash.slice(0, 8)}`;
      if (existsSync(list) && (JSON.parse(readFileSync(list, "utf8")) as { version: string }).version === version) {
        return;
      }
      rmSync(to, { recursive: true, force: true });
      mkdirSync(to, { recursive: true });
      const all = JSON.parse(readFileSync(`${from}/data/openmoji.json`, "utf8")) as Entry[];
      const kept = all.filter(
        (e) =>
          groups.includes(e.group) &&
          !e.skintone &&
          !leftOut.test(e.subgroups) &&
          !notForChildren.test(e.annotation) &&
          existsSync(`${from}/color/svg/${e.hexcode}.svg`),
      );
      for (const e of kept) {
        copyFileSync(`${from}/color/svg/${e.hexcode}.svg`, `${to}/${e.hexcode}.svg`);
      }
      const wordsOf = (language: keyof typeof ours) => {
        const named = Object.entries(JSON.parse(ours[language]) as Record<string, string>);
        const unknown = named.filter(([, name]) => !kept.some((e) => e.annotation === name));
        if (unknown.length > 0) {
          throw new Error(
            `pictures.${language}.json: there is no picture named ${unknown.map(([, name]) => name).join(", ")}`,
          );
        }
        return (e: Entry) => named.filter(([, name]) => name === e.annotation).map(([word]) => word);
      };
      const [en, es] = [wordsOf("en"), wordsOf("es")];
      const words = (e: Entry) =>
        [...new Set(`${e.tags},${e.openmoji_tags}`.split(",").map((t) => t.trim().toLowerCase()))].filter(Boolean);
      writeFileSync(
        list,
        JSON.stringify({
          version,
          pictures: kept.map((e) => ({ id: e.hexcode, name: e.annotation, words: words(e), en: en(e), es: es(e) })),
        }),
      );
    },
  };
}
