import { useQuery } from "@tanstack/react-query";

export interface Picture {
  id: string;
  name: string;
  words: string[];
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

/** Pictures for a word, best first: of that name, then with the word in the name, then with it among its words. */
export function picturesFor(word: string, all: Picture[]): Picture[] {
  const one = word.trim().toLowerCase();
  const wanted = [one, one.replace(/s$/, ""), one.replace(/es$/, ""), one.replace(/ies$/, "y")];
  const rank = (p: Picture) =>
    wanted.includes(p.name)
      ? 0
      : p.name.split(" ").some((w) => wanted.includes(w))
        ? 1
        : p.words.some((w) => wanted.includes(w))
          ? 2
          : 3;
  return all
    .map((p) => ({ p, rank: rank(p) }))
    .filter((x) => x.rank < 3)
    .toSorted((a, b) => a.rank - b.rank || a.p.name.length - b.p.name.length)
    .map((x) => x.p);
}
