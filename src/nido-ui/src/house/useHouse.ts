import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";

export type House = Schemas["HouseView"];
export type Contents = Schemas["BackupContents"];
export type BackupFile = Schemas["BackupFile"];
export type InBin = Schemas["InBin"];

/** What can be done with the house; everything is read again after. */
export function useHouse() {
  const onSuccess = useChanged("house");
  return {
    make: $api.useMutation("post", "/api/house/backups", { onSuccess }),
    drop: $api.useMutation("delete", "/api/house/backups/{name}", { onSuccess }),
    restore: $api.useMutation("post", "/api/house/backups/{name}/restore", { onSuccess }),
    bringBack: $api.useMutation("post", "/api/house/bin/{id}/back", { onSuccess }),
    erase: $api.useMutation("delete", "/api/house/bin/{id}", { onSuccess }),
    removeGroup: $api.useMutation("delete", "/api/groups/{groupId}", { onSuccess }),
    removeWeek: $api.useMutation("delete", "/api/weeks/{weekId}", { onSuccess }),
    readAgain: onSuccess,
  };
}
