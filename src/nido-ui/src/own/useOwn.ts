import { $api } from "../api/client";
import { useChanged } from "../shared/changed";

/** Changes of what is one's own; what is made of it is read again after. */
export function useOwn() {
  const onSuccess = useChanged("own");
  return {
    addMaterial: $api.useMutation("post", "/api/own/materials", { onSuccess }),
    changeMaterial: $api.useMutation("put", "/api/own/materials/{ownId}", { onSuccess }),
    addIdea: $api.useMutation("post", "/api/own/ideas", { onSuccess }),
    changeIdea: $api.useMutation("put", "/api/own/ideas/{ownId}", { onSuccess }),
    remove: $api.useMutation("delete", "/api/own/{ownId}", { onSuccess }),
  };
}
