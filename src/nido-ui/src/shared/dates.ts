import i18next from "i18next";
import { isoDay, today } from "./calendar";
import { dateWriter } from "./intl";

export { isoDay, today };

const at = (iso: string) => new Date(`${iso}T12:00:00`);

/** English days are written as in "4 December", the day before the month. */
const dayFirst = () => (i18next.language === "en" ? "en-GB" : i18next.language);

/** "Mon 7". */
export const dayAndNumber = (iso: string) => `${dateWriter({ weekday: "short" }).format(at(iso))} ${at(iso).getDate()}`;

/** "4 Dec". */
export const dayAndMonth = (iso: string) => dateWriter({ day: "numeric", month: "short" }, dayFirst()).format(at(iso));

/** "Friday 4 December". */
export const longDay = (iso: string) =>
  dateWriter({ weekday: "long", day: "numeric", month: "long" }, dayFirst()).format(at(iso));

/** "7–11 December", "7–11 de diciembre"; the days of one month stand close together. */
export const fromTo = (first: string, last: string) =>
  dateWriter({ day: "numeric", month: "long" }, dayFirst())
    .formatRange(at(first), at(last))
    .replace(/(\d)\s*[–-]\s*(\d)/, "$1–$2");

/** The day something seen is about: that which is shown, never one to come. */
export const seenOn = (shown: string) => (shown <= today() ? shown : today());

/** The Monday of this week, as the server writes dates. */
export const monday = () => {
  const day = new Date();
  day.setDate(day.getDate() - ((day.getDay() + 6) % 7));
  return isoDay(day);
};

/** Whole days from one date to another. */
export const daysFrom = (first: string, last: string) =>
  Math.round((at(last).getTime() - at(first).getTime()) / 86_400_000);

/** A date so many days later. */
export const daysLater = (iso: string, days: number) => {
  const day = new Date(`${iso}T12:00:00Z`);
  day.setUTCDate(day.getUTCDate() + days);
  return day.toISOString().slice(0, 10);
};

const weekDays = ["sunday", "monday", "tuesday", "wednesday", "thursday", "friday", "saturday"] as const;

/** The day of the week of a date, as the server names it; a Sunday counts as the Saturday before it. */
export const weekDayOf = (iso: string) => {
  const day = weekDays[at(iso).getDay()] ?? "monday";
  return day === "sunday" ? "saturday" : day;
};

/** A birth date that gives an age in months on a day. */
export const bornBefore = (iso: string, months: number) => {
  const day = at(iso);
  const born = new Date(day.getFullYear(), day.getMonth() - months, 1, 12);
  // The last day of a shorter month: 31 March less a month is no 31 February.
  const last = new Date(born.getFullYear(), born.getMonth() + 1, 0, 12).getDate();
  born.setDate(Math.min(day.getDate(), last));
  return isoDay(born);
};
