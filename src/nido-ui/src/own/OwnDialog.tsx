import { Download, Trash2 } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { IdeaForm } from "./IdeaForm";
import { MaterialForm } from "./MaterialForm";
import { OwnUpload } from "./OwnUpload";
import { useOwn } from "./useOwn";

/** What is one's own: ways of working and materials, made, changed, taken out. */
export function OwnDialog({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const own = $api.useQuery("get", "/api/own");
  const { remove } = useOwn();
  const [open, setOpen] = useState<{ material: boolean; id?: string } | null>(null);
  if (open) {
    const back = () => setOpen(null);
    return open.material ? <MaterialForm id={open.id} onClose={back} /> : <IdeaForm id={open.id} onClose={back} />;
  }
  return (
    <Dialog title={t("own.open")} onClose={onClose}>
      <p className="quiet mb-2">{t("own.what")}</p>
      <ErrorNote error={own.error ?? remove.error} />
      <ul className="divide-y divide-base-300" data-own-list>
        {own.data?.map((o) => (
          <li key={o.id} className="flex items-center gap-2 py-1">
            <span className="mr-auto">
              <b>{o.name}</b>{" "}
              <span className="quiet text-[13px]">{t(o.isMaterial ? "own.aMaterial" : "own.anIdea")}</span>
            </span>
            <button
              type="button"
              className="btn btn-outline btn-sm"
              onClick={() => setOpen({ material: o.isMaterial, id: o.id })}
            >
              {t("own.change")}
            </button>
            <a
              className="btn btn-ghost btn-sm btn-square"
              href={`/api/own/${o.id}/own.yaml`}
              download
              aria-label={t("own.takeAlong", { name: o.name })}
            >
              <Download size={15} aria-hidden="true" />
            </a>
            <button
              type="button"
              className="btn btn-ghost btn-sm btn-square"
              aria-label={t("own.remove", { name: o.name })}
              onClick={() => remove.mutate({ params: { path: { ownId: o.id } } })}
            >
              <Trash2 size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      {own.data?.length === 0 && <p>{t("own.none")}</p>}
      <p className="mt-4 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          onClick={() => setOpen({ material: false })}
          data-own-bare
        >
          {t("own.newIdea")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => setOpen({ material: true })}>
          {t("own.newMaterial")}
        </button>
      </p>
      <OwnUpload />
    </Dialog>
  );
}
