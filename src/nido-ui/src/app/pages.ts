import { dayShownFirst } from "../shared/calendar";

/** The page of each place; fetched when its address is opened, and not before. */
export const pages = {
  start: () => import("./StartPage"),
  group: () => import("../group/GroupPage"),
  cupboard: () => import("../cupboard/CupboardPage"),
  ideas: () => import("../ideas/IdeasPage"),
  making: () => import("../making/MakingPage"),
  words: () => import("../words/WordsPage"),
  theme: () => import("../ideas/theme/ThemePage"),
  week: () => import("../week/WeekPage"),
  term: () => import("../week/term/TermPage"),
  prep: () => import("../prep/PrepPage"),
  paper: () => import("../paper/PaperPage"),
  sheet: () => import("../paper/SheetPage"),
  today: () => import("../today/TodayPage"),
  families: () => import("../families/FamiliesPage"),
  journal: () => import("../journal/JournalPage"),
  house: () => import("../house/HousePage"),
};

const below: Record<string, keyof typeof pages> = {
  "ideas/making": "making",
  "ideas/words": "words",
  "ideas/theme": "theme",
  "week/term": "term",
  "prep/paper": "paper",
};

/** The page and the week an address asks for, null for what it does not name; and what of the page, where it says. */
export function asked(pathname: string): { page: keyof typeof pages | null; weekId: string | null; what?: string } {
  const [first = "", weekId = "", place = "", part = "", what] = pathname.split("/").slice(1);
  if (first !== "w") {
    return { page: first in pages ? (first as keyof typeof pages) : null, weekId: null };
  }
  const page = below[`${place}/${part}`] ?? (place === "" ? "week" : place);
  return {
    page: page === "paper" && what ? "sheet" : page in pages ? (page as keyof typeof pages) : null,
    weekId: weekId || null,
    ...(what && { what }),
  };
}

const first: Partial<Record<keyof typeof pages, (weekId: string) => string[]>> = {
  start: () => ["/api/themes", "/api/weeks", "/api/timetables"],
  cupboard: (id) => [`/api/cupboard?weekId=${id}&all=false`],
  ideas: (id) => [`/api/weeks/${id}/ideas`],
  theme: () => ["/api/themes"],
  making: () => ["/api/making"],
  prep: (id) => [`/api/weeks/${id}/prep`, `/api/weeks/${id}/paper`],
  house: () => ["/api/house", "/api/groups", "/api/weeks"],
};

/** Where a week stands. */
export const weekAddress = (weekId: string) => `/api/weeks/${encodeURIComponent(weekId)}`;

/** What a page asks for first, as far as its address says it: the week and what it shows of it. */
export function needs(page: keyof typeof pages, weekId: string | null): string[] {
  const id = encodeURIComponent(weekId ?? "");
  return [...(weekId ? [weekAddress(weekId)] : []), ...(first[page]?.(id) ?? [])];
}

type Week = { id: string; groupId: string; monday: string; days: { date: string }[]; theme: { id: string } };

const next: Partial<Record<keyof typeof pages, (week: Week) => string[]>> = {
  group: (w) => [`/api/groups/${w.groupId}`, `/api/groups/${w.groupId}/steps?on=${w.monday}`],
  today: (w) => [`${weekAddress(w.id)}/days/${dayShownFirst(w.days)}`],
  journal: (w) => [`/api/groups/${w.groupId}/journal`],
  theme: (w) => [`/api/themes/${w.theme.id}`],
  families: (w) => [`/api/groups/${w.groupId}`],
};

/** What a page asks for next, which only the week it shows can tell: whose it is, and which of its days is today. */
export const needsOfWeek = (page: keyof typeof pages, week: unknown): string[] =>
  week ? (next[page]?.(week as Week) ?? []) : [];
