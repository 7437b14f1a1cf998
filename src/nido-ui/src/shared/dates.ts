import i18next from "i18next";

const at = (iso: string) => new Date(`${iso}T12:00:00`);

/** "Mon 7". */
export const dayAndNumber = (iso: string) =>
  `${at(iso).toLocaleDateString(i18next.language, { weekday: "short" })} ${at(iso).getDate()}`;

/** "Friday 4 December". */
export const longDay = (iso: string) =>
  at(iso).toLocaleDateString(i18next.language === "en" ? "en-GB" : i18next.language, {
    weekday: "long",
    day: "numeric",
    month: "long",
  });

/** "7–11 December". */
export const fromTo = (first: string, last: string) => {
  const month = (iso: string) => at(iso).toLocaleDateString(i18next.language, { month: "long" });
  return first === last
    ? `${at(first).getDate()} ${month(first)}`
    : month(first) === month(last)
      ? `${at(first).getDate()}–${at(last).getDate()} ${month(last)}`
      : `${at(first).getDate()} ${month(first)} – ${at(last).getDate()} ${month(last)}`;
};

/** The Monday of this week, as the server writes dates. */
export const monday = () => {
  const day = new Date();
  day.setDate(day.getDate() - ((day.getDay() + 6) % 7));
  return day.toISOString().slice(0, 10);
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
