import { type QueryClient, useQueryClient } from "@tanstack/react-query";

/** What a person changes. */
export type Part = "week" | "group" | "cupboard" | "seen" | "theme" | "house" | "own";

const everything: Part[] = ["week", "group", "cupboard", "seen", "theme", "house", "own"];

/**
 * What an address shows is made of these parts; the first line that fits decides, and an address nobody thought of is
 * made of everything. What is made of nothing comes with the program and never changes.
 */
const madeOf: [address: RegExp, parts: Part[]][] = [
  [/^\/api\/(making|recipes|timetables|differences|thing-questions|safety-rules|paper|formats|health)/, []],
  [/^\/api\/(own|materials)/, ["own", "house"]],
  [/^\/api\/allergens/, ["group", "cupboard", "house"]],
  [/^\/api\/themes/, ["theme", "week", "house"]],
  [/^\/api\/quick-sets/, ["cupboard", "house"]],
  [/^\/api\/cupboard/, ["cupboard", "week", "group", "theme", "house", "own"]],
  [/^\/api\/groups/, ["group", "seen", "week", "theme", "house"]],
];

/** Whether what an address shows may be another after a change. */
export const isTouched = (address: string, by: Part) =>
  (madeOf.find(([fits]) => fits.test(address))?.[1] ?? everything).includes(by);

/** Lets all be read again that is made of what was changed. */
export const readAgain = (queries: QueryClient, by: Part) =>
  queries.invalidateQueries({ predicate: (q) => isTouched(String(q.queryKey[1]), by) });

/** What is to be called after a change of a part: all that is made of it is read again. */
export function useChanged(part: Part) {
  const queries = useQueryClient();
  return () => readAgain(queries, part);
}
