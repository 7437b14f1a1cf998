/** Keys of one letter can be in the way of who dictates or rests a hand on the keyboard: they are moved or switched off here. */
export interface LetterKeys {
  off: boolean;
  /** The key that does now what the letter did at first. */
  moved: Record<string, string>;
}

const kept = "nido.keys";
const usual: LetterKeys = { off: false, moved: {} };
let now: LetterKeys = usual;
try {
  now = { ...usual, ...(JSON.parse(localStorage.getItem(kept) ?? "{}") as Partial<LetterKeys>) };
} catch {
  // What cannot be read is as if it had never been chosen.
}

/** As they are chosen on this machine. */
export const letterKeys = () => now;

/** Keeps a choice on this machine. */
export function keepLetterKeys(chosen: LetterKeys) {
  now = chosen;
  localStorage.setItem(kept, JSON.stringify(chosen));
}

/** The key to press for what a key did at first: one of several letters (Enter, Delete) stays; null where it is switched off. */
export const keyFor = (first: string, keys = now): string | null =>
  first.length > 1 ? first : keys.off ? null : (keys.moved[first] ?? first);

/** The keys with one moved; null where the new key is none or does something else already. */
export function moveKey(keys: LetterKeys, first: string, to: string, all: readonly string[]): LetterKeys | null {
  const taken = all.some((other) => other !== first && keyFor(other, { ...keys, off: false }) === to);
  if (to.length !== 1 || to === " " || taken) {
    return null;
  }
  const { [first]: _, ...others } = keys.moved;
  return { ...keys, moved: to === first ? others : { ...others, [first]: to } };
}
