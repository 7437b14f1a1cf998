/** Minutes since midnight of a time "09:30". */
export const minutesOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

interface Timed {
  starts: string;
  minutes: number;
}

/** The block that goes on at a minute of the day: the one begun last, or the first before any has begun. */
export function blockAt(blocks: Timed[], minute: number) {
  const begun = blocks.findLastIndex((b) => minutesOf(b.starts) <= minute);
  return Math.max(0, begun);
}

/** Minutes left of a block, or null where it does not go on. */
export function leftOf(block: Timed, minute: number) {
  const into = minute - minutesOf(block.starts);
  return into >= 0 && into < block.minutes ? block.minutes - into : null;
}

/** Minutes of the day by the clock of the place one is at. */
export const minuteNow = (now = new Date()) => now.getHours() * 60 + now.getMinutes();
