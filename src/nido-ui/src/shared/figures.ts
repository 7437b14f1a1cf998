import i18next from "i18next";
import { numberWriter } from "./intl";

/** "$6.40" of cents. */
export const money = (cents: number, currency: string) =>
  numberWriter({ style: "currency", currency, currencyDisplay: "narrowSymbol" }).format(cents / 100);

/** "2 h 05" from an hour on, else "35 min". */
export const duration = (minutes: number) =>
  minutes >= 60
    ? `${Math.floor(minutes / 60)} h ${`${Math.round(minutes % 60)}`.padStart(2, "0")}`
    : `${Math.round(minutes)} min`;

/** "+14" or "−6". */
export const signed = (value: number, digits = 0) =>
  `${value < 0 ? "−" : "+"}${numberWriter({ maximumFractionDigits: digits }).format(Math.abs(value))}`;

/** A number without needless decimals. */
export const plain = (value: number) => numberWriter({ maximumFractionDigits: 2 }).format(value);

/** An age as a teacher writes it: "3 years 4 months". */
export function age(inMonths: number) {
  const whole = Math.round(inMonths);
  const years = i18next.t("age.years", { count: Math.floor(whole / 12) });
  const months = i18next.t("age.months", { count: whole % 12 });
  return whole < 12 ? months : whole % 12 === 0 ? years : i18next.t("age.both", { years, months });
}
