import type { TFunction } from "i18next";
import { dateWriter, numberWriter } from "../shared/intl";

/** A moment in the reader's words: day and time. */
export const moment = (language: string, at: string): string =>
  dateWriter({ dateStyle: "medium", timeStyle: "short" }, language).format(new Date(at));

/** A day in the reader's words; a day has no time of its own, so none is added. */
export const day = (language: string, iso: string): string =>
  dateWriter({ dateStyle: "medium", timeZone: "UTC" }, language).format(new Date(`${iso.slice(0, 10)}T00:00:00Z`));

/** How large, in the unit one would say. */
export const size = (language: string, bytes: number): string => {
  const mega = bytes >= 1_000_000;
  return numberWriter(
    { style: "unit", unit: mega ? "megabyte" : "kilobyte", maximumFractionDigits: mega ? 1 : 0 },
    language,
  ).format(bytes / (mega ? 1_000_000 : 1000));
};

/** How old, in hours up to two days, then in days. */
export const age = (t: TFunction, hours: number): string =>
  hours < 1
    ? t("house.justNow")
    : hours < 48
      ? t("house.hours", { count: Math.round(hours) })
      : t("house.days", { count: Math.round(hours / 24) });
