import type { Schemas } from "../api/client";

type Seen = Schemas["ObservationBody"];

/** What was seen while the house could not be reached: of which group, and what. */
export interface Waiting {
  groupId: string;
  seen: Seen;
}

const key = "nido.waiting";

/** What waits on this machine; nothing where what lies there cannot be read. */
export function waiting(store: Storage = localStorage): Waiting[] {
  try {
    const all: unknown = JSON.parse(store.getItem(key) ?? "[]");
    return Array.isArray(all) ? (all as Waiting[]) : [];
  } catch {
    return [];
  }
}

/** Lays what was seen aside until the house can be reached again. */
export function layAside(groupId: string, seen: Seen, store: Storage = localStorage) {
  store.setItem(key, JSON.stringify([...waiting(store), { groupId, seen }]));
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
