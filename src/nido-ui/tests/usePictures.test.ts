import { describe, expect, it } from "vitest";
import { type Picture, pictureOf, picturesFor } from "../src/ideas/theme/usePictures";

const picture = (id: string, name: string, ...words: string[]): Picture => ({ id, name, words, en: [], es: [] });

describe("pictures for a word", () => {
  const all = [
    picture("1", "sheet with train", "paper"),
    picture("2", "night train", "rail"),
    picture("3", "rail", "train"),
    picture("4", "train", "rail"),
    picture("5", "berries", "fruit"),
  ];

  it("come with that name first, then with the word in it, then with it among their words", () => {
    expect(picturesFor("Train ", all).map((p) => p.id)).toEqual(["4", "2", "1", "3"]);
    expect(picturesFor("trains", all).map((p) => p.id)).toEqual(["4", "2", "1", "3"]);
    expect(picturesFor("berry", all)).toEqual([]);
    expect(picturesFor("nothing like it", all)).toEqual([]);
  });

  it("show a word by themselves only where it names them", () => {
    const own = [picture("tiger", "tiger", "big"), { ...picture("box", "package"), en: ["box", "parcel"] }];
    expect(picturesFor("big", own).map((p) => p.id)).toEqual(["tiger"]);
    expect(pictureOf("big", own)).toBeUndefined();
    expect(pictureOf("parcels", own)?.id).toBe("box");
    expect(pictureOf("sheet", all)).toBeUndefined();
    expect(pictureOf("Tiger", own)?.id).toBe("tiger");
  });

  it("are looked for under their Spanish names where the words are Spanish", () => {
    const own = [
      { ...picture("horn", "postal horn", "postal"), es: [] },
      { ...picture("fish", "fish", "pez"), es: ["pez", "pescado"] },
      { ...picture("hen", "chicken"), es: ["gallina"] },
    ];
    expect(picturesFor("postal", own, "es")).toEqual([]);
    expect(picturesFor("postal", own, "en").map((p) => p.id)).toEqual(["horn"]);
    expect(picturesFor("Gallinas", own, "es").map((p) => p.id)).toEqual(["hen"]);
    expect(picturesFor("peces", own, "es")).toEqual([]);
    expect(picturesFor("gallina", own)).toEqual([]);
  });

  it("are those that looking at each picture finds", () => {
    const stock = ["train", "trains", "berry", "berries", "box", "boxes", "red", "night"];
    const some = (from: number, many: number) =>
      Array.from({ length: many }, (_, i) => stock[(from * 7 + i * 3) % 8] ?? "");
    const made = Array.from({ length: 60 }, (_, i) =>
      picture(`${i}`, some(i, 1 + (i % 3)).join(" "), ...some(i * 5 + 1, i % 4)),
    );
    for (const word of stock) {
      const wanted = [word, word.replace(/s$/, ""), word.replace(/es$/, ""), word.replace(/ies$/, "y")];
      const looked = made
        .filter((p) => [p.name, ...p.name.split(" "), ...p.words].some((w) => wanted.includes(w)))
        .map((p) => p.id);
      expect(looked.length).toBeGreaterThan(0);
      const found = picturesFor(word, made).map((p) => p.id);
      expect(found.toSorted()).toEqual(looked.toSorted());
    }
  });
});
