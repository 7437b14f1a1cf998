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
  const at = (p: Place) => ({ params: { path: { weekId, day: p.day, blockId: p.blockId, offer: p.offer } } });
  const all = [put, remove, lock, move, words, title, undo, redo];
  return {
    put: (p: Place, ideaId: string) => put.mutate({ ...at(p), body: { ideaId } }),
    remove: (p: Place) => remove.mutate(at(p)),
    lock: (p: Place, locked: boolean) => lock.mutate({ ...at(p), body: { locked } }),
    move: (from: Place, to: Place) =>
      move.mutate({ ...at(from), body: { day: to.day, blockId: to.blockId, offer: to.offer } }),
    write: (p: Place, own: string) =>
      words.mutate({ params: { path: { weekId, day: p.day, blockId: p.blockId } }, body: { words: own } }),
    title: (p: Place, own: string) => title.mutate({ ...at(p), body: { title: own } }),
    undo: () => undo.mutate(path),
    redo: () => redo.mutate(path),
    error: all.toSorted((a, b) => b.submittedAt - a.submittedAt)[0]?.error ?? null,
    saving: all.some((m) => m.isPending),
  };
}

export type Changes = ReturnType<typeof useChanges>;
