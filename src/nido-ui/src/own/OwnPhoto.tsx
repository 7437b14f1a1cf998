import { useMutation } from "@tanstack/react-query";
import { Camera, X } from "lucide-react";
import { useTranslation } from "react-i18next";
import { $api, sendPicture } from "../api/client";
import { useChanged } from "../shared/changed";
import { ErrorNote } from "../shared/ErrorNote";

/** The photo of a material of one's own, taken here: a helper takes the right box from the shelf. */
export function OwnPhoto({ materialId, name }: { materialId: string; name: string }) {
  const { t } = useTranslation();
  const changed = useChanged("own");
  const own = $api.useQuery("get", "/api/own").data?.find((o) => o.id === materialId);
  const address = `/api/own/materials/${materialId}/photo`;
  const send = useMutation({ mutationFn: (file: File) => sendPicture(address, file), onSuccess: changed });
  const remove = $api.useMutation("delete", "/api/own/materials/{ownId}/photo", { onSuccess: changed });
  return (
    <div className="my-2" data-own-photo>
      {own?.hasPhoto && (
        // Another photo has another address: the one shown before is not shown for it.
        <img
          src={`${address}?${send.submittedAt}`}
          alt={name}
          className="max-h-40 rounded-[10px] border border-base-300"
        />
      )}
      <p className="mt-1 flex flex-wrap gap-2">
        <label className="btn btn-outline btn-sm has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-offset-2">
          <Camera size={15} aria-hidden="true" /> {t(own?.hasPhoto ? "own.photoAgain" : "own.photo")}
          <input
            type="file"
            accept="image/*"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file) {
                send.mutate(file);
              }
            }}
          />
        </label>
        {own?.hasPhoto && (
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => remove.mutate({ params: { path: { ownId: materialId } } })}
          >
            <X size={15} aria-hidden="true" /> {t("own.photoAway")}
          </button>
        )}
      </p>
      <ErrorNote error={send.error ?? remove.error} />
    </div>
  );
}
