import { useQueryClient } from "@tanstack/react-query";
import { $api, type Rota } from "../api/client";

/** Changes of who goes round the stations with whom. */
export function useRota(at: { weekId: string; day: number; blockId: string }) {
  const queries = useQueryClient();
  const onSuccess = () => queries.invalidateQueries({ predicate: (q) => String(q.queryKey[1]).includes("/rota/") });
  const set = $api.useMutation("put", "/api/weeks/{weekId}/rota/{day}/{blockId}", {
    onSuccess,
    // What another formed meanwhile is shown by reading anew.
    onError: onSuccess,
  });
  const auto = $api.useMutation("delete", "/api/weeks/{weekId}/rota/{day}/{blockId}", { onSuccess });
  return {
    /** Moves a child to another group, and keeps the rest. */
    move: (rota: Rota) => (childId: string, to: number) =>
      set.mutate({
        params: { path: at },
        body: {
          groups: rota.groups.map((g, i) => [
            ...g.children.map((c) => c.childId).filter((id) => id !== childId),
            ...(i === to ? [childId] : []),
          ]),
        },
      }),
    letNidoForm: () => auto.mutate({ params: { path: at } }),
    error: set.error ?? auto.error,
  };
}
