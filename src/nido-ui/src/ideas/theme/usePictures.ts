import { useQuery } from "@tanstack/react-query";

export interface Picture {
  id: string;
  name: string;
  words: string[];
  /** What it shows beside its name, in English. */
  en: string[];
  /** What it shows, in Spanish; empty where nobody said. */
  es: string[];
}

/** The shipped pictures by name; fetched once, when a theme is opened. */
export function usePictures() {
  return useQuery({
    queryKey: ["pictures"],
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: async () => {
      const answer = await fetch("/pictures/list.json");
      return ((await answer.json()) as { pictures: Picture[] }).pictures;
    },
  });
}

interface Ranked {
  picture: Picture;
  /** 0 where the word is a name of it, 1 where it stands in the name, 2 where it is among its words. */
  rank: number;
}

const indexes = {
  en: new WeakMap<Picture[], Map<string, Ranked[]>>(),
  es: new WeakMap<Picture[], Map<string, Ranked[]>>(),
};

/** The pictures under each of their words; made once for a list, since a theme asks for two dozen words at once. */
function indexOf(all: Picture[], language: "en" | "es"): Map<string, Ranked[]> {
  const known = indexes[language].get(all);
  if (known) {
    return known;
  }
  const index = new Map<string, Ranked[]>();
  for (const picture of all) {
    const ranks = new Map<string, number>();
    const named =
      language === "es" ? [picture.es] : [[picture.name, ...picture.en], picture.name.split(" "), picture.words];
    for (const [rank, words] of named.entries()) {
      for (const word of words) {
        ranks.set(word, ranks.get(word) ?? rank);
      }
    }
    for (const [word, rank] of ranks) {
      const under = index.get(word) ?? [];
      under.push({ picture, rank });
      index.set(word, under);
    }
  }
  indexes[language].set(all, index);
  return index;
}

/**
 * Pictures for a word, best first: of that name, then with the word in the name, then with it among its words. A Spanish word is only
 * looked for among Spanish names: "postal" is a card there, not a horn.
 */
export const picturesFor = (word: string, all: Picture[], language = "en"): Picture[] =>
  ranked(word, all, language).map((r) => r.picture);

/** The picture that shows a word, if one is named by it: what only has to do with it (a tiger with "big") is none. */
export const pictureOf = (word: string, all: Picture[], language = "en"): Picture | undefined =>
  ranked(word, all, language).find((r) => r.rank === 0)?.picture;

function ranked(word: string, all: Picture[], language: string): Ranked[] {
  const one = word.trim().toLowerCase();
  const wanted = new Set([one, one.replace(/s$/, ""), one.replace(/es$/, ""), one.replace(/ies$/, "y")]);
  const index = indexOf(all, language === "es" ? "es" : "en");
  const best = new Map<Picture, number>();
  for (const { picture, rank } of [...wanted].flatMap((w) => index.get(w) ?? [])) {
    best.set(picture, Math.min(rank, best.get(picture) ?? rank));
  }
  return [...best]
    .toSorted(([a, rankA], [b, rankB]) => rankA - rankB || a.name.length - b.name.length)
    .map(([picture, rank]) => ({ picture, rank }));
}
