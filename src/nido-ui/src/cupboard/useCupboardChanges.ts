import { $api } from "../api/client";
import { useChanged } from "../shared/changed";

/** Changes of the ledger; everything computed from the cupboard is read again after. */
export function useCupboardChanges() {
  const onSuccess = useChanged("cupboard");
  const counts = $api.useMutation("post", "/api/cupboard/counts", { onSuccess });
  const movement = $api.useMutation("post", "/api/cupboard/{materialId}/movements", { onSuccess });
  return {
    count: (items: { materialId: string; amount: number; note: string }[]) =>
      counts.mutateAsync({ body: { counts: items } }),
    countError: counts.error,
    movement,
  };
}
