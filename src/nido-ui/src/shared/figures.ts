import i18next from "i18next";

/** "$6.40" of cents. */
export const money = (cents: number, currency: string) =>
  new Intl.NumberFormat(i18next.language, { style: "currency", currency, currencyDisplay: "narrowSymbol" }).format(
    cents / 100,
  );

/** "2 h 05" from an hour on, else "35 min". */
export const duration = (minutes: number) =>
  minutes >= 60
    ? `${Math.floor(minutes / 60)} h ${`${Math.round(minutes % 60)}`.padStart(2, "0")}`
    : `${Math.round(minutes)} min`;

/** "+14" or "−6". */
export const signed = (value: number, digits = 0) =>
  `${value < 0 ? "−" : "+"}${Math.abs(value).toLocaleString(i18next.language, { maximumFractionDigits: digits })}`;

/** A number without needless decimals. */
export const plain = (value: number) => value.toLocaleString(i18next.language, { maximumFractionDigits: 2 });
