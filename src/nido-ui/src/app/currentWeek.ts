import type { Schemas } from "../api/client";
import { daysFrom } from "../shared/dates";

type WeekName = Schemas["WeekName"];

const key = "nido.group";

/** Remembers on this machine which group was looked at last. */
export const rememberGroup = (groupId: string) => localStorage.setItem(key, groupId);

/** The group looked at last, or null. */
export const lastGroup = () => localStorage.getItem(key);

/**
 * The week to open: of the group used last (of all where there is none) the one that has today in it, else the next to come, else
 * the newest that has been.
 */
export function currentWeek(weeks: WeekName[], group: string | null, today: string): WeekName | undefined {
  const own = weeks.filter((w) => w.groupId === group);
  const among = own.length > 0 ? own : weeks;
  const ahead = among.filter((w) => daysFrom(w.monday, today) < 7).toSorted((a, b) => a.monday.localeCompare(b.monday));
  return ahead[0] ?? among.toSorted((a, b) => b.monday.localeCompare(a.monday))[0];
}
