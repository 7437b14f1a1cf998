/** A change of Today that the house has not been told of yet: where it goes, and what it says. */
export interface Waiting {
  to: string;
  method: "POST" | "PUT";
  body: unknown;
}

const key = "nido.waiting";
const changed = "nido-waits";

/** What waits on this machine; nothing where what lies there cannot be read. */
export function waiting(store: Storage = localStorage): Waiting[] {
  try {
    const all: unknown = JSON.parse(store.getItem(key) ?? "[]");
    return Array.isArray(all) ? all.filter((w): w is Waiting => typeof (w as Waiting | null)?.to === "string") : [];
  } catch {
    return [];
  }
}

/** Lays a change aside until the house can be reached again. */
export function layAside(one: Waiting, store: Storage = localStorage) {
  store.setItem(key, JSON.stringify([...waiting(store), one]));
  globalThis.window?.dispatchEvent(new Event(changed));
}

/** Tells when something is laid aside. */
export function whenLaidAside(tell: () => void) {
  window.addEventListener(changed, tell);
  return () => window.removeEventListener(changed, tell);
}

/** No answer came at all; a refusal of the house is a problem with its sentence, no Error. */
export const isAway = (error: unknown) => error instanceof Error;

/**
 * Saves a change; where no answer comes at all it waits here and goes up by itself. What the house refuses is thrown on, to be said
 * where it was tapped.
 */
export async function saveOrWait(save: () => Promise<unknown>, one: Waiting, store?: Storage) {
  try {
    await save();
  } catch (e) {
    if (!isAway(e)) {
      throw e;
    }
    layAside(one, store);
  }
}

/**
 * Sends what waits, oldest first, and stops at the first that gets no answer. What the house refuses is not kept for ever: it is
 * given back, so that it can be said. Each leaves the list before the next is sent, so that nothing goes up twice.
 */
export async function sendWaiting(
  send: (one: Waiting) => Promise<"kept" | "refused" | "away">,
  store: Storage = localStorage,
): Promise<{ kept: number; refused: Waiting[] }> {
  const refused: Waiting[] = [];
  let kept = 0;
  for (let [one] = waiting(store); one; [one] = waiting(store)) {
    const answer = await send(one);
    if (answer === "away") {
      break;
    }
    store.setItem(key, JSON.stringify(waiting(store).slice(1)));
    if (answer === "kept") {
      kept++;
    } else {
      refused.push(one);
    }
  }
  return { kept, refused };
}
