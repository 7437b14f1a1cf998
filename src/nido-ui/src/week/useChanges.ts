import { $api } from "../api/client";
import { useWeek } from "../shared/useWeek";
import type { Place } from "./place";

/** Every change of a plan; the answer is the whole week, shown at once. */
export function useChanges() {
  const { weekId, show, path } = useWeek();
  const onSuccess = show;
  const slot = "/api/weeks/{weekId}/slots/{day}/{blockId}/{offer}" as const;
  const put = $api.useMutation("put", slot, { onSuccess });
  const remove = $api.useMutation("delete", slot, { onSuccess });
  const lock = $api.useMutation("put", `${slot}/lock`, { onSuccess });
  const move = $api.useMutation("post", `${slot}/move`, { onSuccess });
  const words = $api.useMutation("put", "/api/weeks/{weekId}/days/{day}/blocks/{blockId}/words", { onSuccess });
  const title = $api.useMutation("put", `${slot}/title`, { onSuccess });
  const undo = $api.useMutation("post", "/api/weeks/{weekId}/undo", { onSuccess });
  const redo = $api.useMutation("post", "/api/weeks/{weekId}/redo", { onSuccess });
  // What is handed on stays the same from one drawing to the next, so that what it is handed to is not drawn again.
  const [{ mutate: doPut }, { mutate: doRemove }, { mutate: doLock }, { mutate: doMove }] = [put, remove, lock, move];
  const [{ mutate: doWords }, { mutate: doTitle }, { mutate: doUndo }, { mutate: doRedo }] = [words, title, undo, redo];
  const at = (p: Place) => ({ params: { path: { weekId, day: p.day, blockId: p.blockId, offer: p.offer } } });
  const all = [put, remove, lock, move, words, title, undo, redo];
  return {
    put: (p: Place, ideaId: string) => doPut({ ...at(p), body: { ideaId } }),
    remove: (p: Place) => doRemove(at(p)),
    lock: (p: Place, locked: boolean) => doLock({ ...at(p), body: { locked } }),
    move: (from: Place, to: Place) =>
      doMove({ ...at(from), body: { day: to.day, blockId: to.blockId, offer: to.offer } }),
    write: (p: Place, own: string) =>
      doWords({ params: { path: { weekId, day: p.day, blockId: p.blockId } }, body: { words: own } }),
    title: (p: Place, own: string) => doTitle({ ...at(p), body: { title: own } }),
    undo: () => doUndo(path),
    redo: () => doRedo(path),
    error: all.toSorted((a, b) => b.submittedAt - a.submittedAt)[0]?.error ?? null,
    saving: all.some((m) => m.isPending),
  };
}

export type Changes = ReturnType<typeof useChanges>;
