import { $api } from "../api/client";
import { useChanged } from "../shared/changed";
import { useWeek } from "../shared/useWeek";

/** Lifting a rule and putting it back, and asking an adult; the week is checked again at once. */
export function useSafetyChanges() {
  const { weekId, show, path } = useWeek();
  const onSuccess = useChanged("group");
  const lift = $api.useMutation("post", "/api/weeks/{weekId}/safety/overrides", { onSuccess: show });
  const putBack = $api.useMutation("delete", "/api/weeks/{weekId}/safety/overrides/{overrideId}", { onSuccess: show });
  const ask = $api.useMutation("post", "/api/groups/{groupId}/adults", { onSuccess });
  return {
    lift: (ideaId: string, ruleId: string, adult: string, reason: string, day: string | null) =>
      lift.mutate({ ...path, body: { ideaId, ruleId, adult, reason, day } }),
    putBack: (overrideId: string) => putBack.mutate({ params: { path: { weekId, overrideId } } }),
    ask: (groupId: string, body: Parameters<typeof ask.mutate>[0]["body"]) =>
      ask.mutate({ params: { path: { groupId } }, body }),
    error: lift.error ?? putBack.error ?? ask.error,
  };
}
