import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";

type Seen = Schemas["ObservationBody"];
type Where = { childId: string; ladder: string };

/** What is seen and what adults choose; steps, cards and plan are read again after. */
export function useObservations(groupId: string) {
  const onSuccess = useChanged("seen");
  const add = $api.useMutation("post", "/api/groups/{groupId}/observations", { onSuccess });
  const back = $api.useMutation("delete", "/api/groups/{groupId}/observations/{id}", { onSuccess });
  // What another chose meanwhile is refused, and shown by reading anew.
  const onError = onSuccess;
  const choose = $api.useMutation("put", "/api/groups/{groupId}/children/{childId}/ladders/{ladder}/step", {
    onSuccess,
    onError,
  });
  const auto = $api.useMutation("delete", "/api/groups/{groupId}/children/{childId}/ladders/{ladder}/step", {
    onSuccess,
  });
  const objective = $api.useMutation("put", "/api/groups/{groupId}/children/{childId}/ladders/{ladder}/objective", {
    onSuccess,
    onError,
  });
  const drop = $api.useMutation("delete", "/api/groups/{groupId}/children/{childId}/ladders/{ladder}/objective", {
    onSuccess,
  });
  return {
    setObjective: (at: Where, step: number, by: string) =>
      objective.mutate({ params: { path: { groupId, ...at } }, body: { step, by } }),
    dropObjective: (at: Where) => drop.mutate({ params: { path: { groupId, ...at } } }),
    see: (observations: Seen[]) => add.mutateAsync({ params: { path: { groupId } }, body: { observations } }),
    takeBack: (id: number) => back.mutate({ params: { path: { groupId, id } } }),
    choose: (at: Where, step: number, knowsBetter: boolean) =>
      choose.mutate({ params: { path: { groupId, ...at } }, body: { step, knowsBetter } }),
    letNidoChoose: (at: Where) => auto.mutate({ params: { path: { groupId, ...at } } }),
    error: add.error ?? back.error ?? choose.error ?? auto.error ?? objective.error ?? drop.error,
  };
}
