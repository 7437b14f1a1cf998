/** A day as the server writes it, by the clock and calendar of the place one is at: not by universal time, which is another day. */
export const isoDay = (day: Date) =>
  `${day.getFullYear()}-${`${day.getMonth() + 1}`.padStart(2, "0")}-${`${day.getDate()}`.padStart(2, "0")}`;

/** Today here. */
export const today = () => isoDay(new Date());

/** The day of a week that is shown first: today's, else its first. */
export const dayShownFirst = (days: { date: string }[]) =>
  Math.max(
    0,
    days.findIndex((d) => d.date === today()),
  );
