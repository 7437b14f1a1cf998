import { $api, type Child } from "../api/client";
import { useChanged } from "../shared/changed";

type ChildBody = Omit<Child, "id">;

/** Changes of a group; everything computed from it is read again after. */
export function useGroupChanges(groupId: string) {
  const onSuccess = useChanged("group");
  const add = $api.useMutation("post", "/api/groups/{groupId}/children", { onSuccess });
  const change = $api.useMutation("put", "/api/groups/{groupId}/children/{childId}", { onSuccess });
  const remove = $api.useMutation("delete", "/api/groups/{groupId}/children/{childId}", { onSuccess });
  const settings = $api.useMutation("put", "/api/groups/{groupId}", { onSuccess });
  return {
    add: (children: ChildBody[]) => add.mutateAsync({ params: { path: { groupId } }, body: { children } }),
    change: (childId: string, body: ChildBody, headers: { "If-Match": string }) =>
      change.mutateAsync({ params: { path: { groupId, childId } }, headers, body }),
    remove: (childId: string) => remove.mutateAsync({ params: { path: { groupId, childId } } }),
    settings,
    clear: change.reset,
    error: add.error ?? change.error ?? remove.error,
  };
}
