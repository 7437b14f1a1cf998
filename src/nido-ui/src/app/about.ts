import type { Schemas } from "../api/client";
import { bornBefore } from "../shared/dates";

/** Children of whom only the number and the ages are known. Ages in years. */
export interface About {
  children: number;
  from: number;
  to: number;
}

export const usual: About = { children: 12, from: 2, to: 4 };

/** So many children, their ages spread evenly from the youngest to the end of the oldest year, to be named and dated later. */
export function childrenAbout(
  about: About,
  on: string,
  name: (n: number) => string,
  language: string,
): Schemas["ChildBody"][] {
  const youngest = 12 * Math.min(about.from, about.to);
  const months = 12 * (Math.abs(about.to - about.from) + 1);
  return Array.from({ length: about.children }, (_, k) => ({
    name: name(k + 1),
    bornOn: bornBefore(on, youngest + Math.floor(((k + 0.5) * months) / about.children)),
    days: ["monday", "tuesday", "wednesday", "thursday", "friday"] as unknown as Schemas["ChildBody"]["days"],
    mouths: false,
    hand: "undecided",
    avoidsTouch: false,
    allergies: [],
    homeLanguage: language,
    note: "",
  }));
}
