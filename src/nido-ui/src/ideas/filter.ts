import type { IdeaName } from "../api/client";

/** What ideas are looked for by; null asks nothing. */
export interface IdeaFilter {
  words: string;
  strand: string | null;
  /** Age in years: an idea fits where one of its steps is typical within half a year of it. */
  age: number | null;
  /** At most so many minutes. */
  minutes: number | null;
  place: string | null;
  /** At most so much mess, 0 to 3. */
  mess: number | null;
  nothingToBuy: boolean;
}

export const everything: IdeaFilter = {
  words: "",
  strand: null,
  age: null,
  minutes: null,
  place: null,
  mess: null,
  nothingToBuy: false,
};

/** Half a year before and after the years of an age still fit. */
const halfAYear = 6;

/** Letters without marks and capitals, so that "plastico" finds "Plástico". */
const plain = (text: string) => text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();

/** Whether an idea is what is looked for: every word stands in its title, its way of working or its things. */
export function fits(idea: IdeaName, filter: IdeaFilter): boolean {
  const text = plain([idea.title, idea.technique, ...idea.things].join(" "));
  return (
    plain(filter.words)
      .split(/\s+/)
      .every((word) => text.includes(word)) &&
    (filter.strand === null || idea.strands.includes(filter.strand)) &&
    (filter.age === null ||
      (idea.fromMonths <= 12 * (filter.age + 1) - 1 + halfAYear && idea.toMonths >= 12 * filter.age - halfAYear)) &&
    (filter.minutes === null || idea.minutes <= filter.minutes) &&
    (filter.place === null || idea.places.some((p) => p === filter.place)) &&
    (filter.mess === null || idea.mess <= filter.mess) &&
    (!filter.nothingToBuy || idea.nothingToBuy)
  );
}

/** How many of the choices beside the words are set. */
export const choices = ({ words: _, ...rest }: IdeaFilter) =>
  Object.values(rest).filter((v) => v !== null && v !== false).length;
