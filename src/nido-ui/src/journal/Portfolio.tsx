import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { Dialog } from "../shared/Dialog";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";

const fileOf = (groupId: string, id: number, small: boolean) =>
  `/api/groups/${groupId}/pictures/${id}/file${small ? "?small=true" : ""}`;

/** What was kept of a child's work: small pictures that open; each is fetched when it comes into view. */
export function Portfolio({
  groupId,
  pictures,
  count,
}: {
  groupId: string;
  pictures: Schemas["PictureView"][];
  count: number;
}) {
  const { t } = useTranslation();
  const [open, setOpen] = useState<Schemas["PictureView"] | null>(null);
  const back = $api.useMutation("delete", "/api/groups/{groupId}/pictures/{id}", { onSuccess: useChanged("seen") });
  if (pictures.length === 0) {
    return null;
  }
  const named = (p: Schemas["PictureView"]) => t("picture.named", { day: longDay(p.on), words: p.words });
  return (
    <section className="mt-4" data-portfolio>
      <h2>{t("picture.kept", { count })}</h2>
      <ul className="mt-1 flex flex-wrap gap-2">
        {pictures.map((p) => (
          <li key={p.id}>
            <button
              type="button"
              className="card-paper block cursor-pointer overflow-hidden"
              onClick={() => setOpen(p)}
              aria-label={named(p)}
            >
              <img
                src={fileOf(groupId, p.id, true)}
                alt=""
                loading="lazy"
                width={128}
                height={96}
                className="h-24 w-32 object-cover"
              />
            </button>
          </li>
        ))}
      </ul>
      {count > pictures.length && <p className="quiet">{t("picture.newest", { count: pictures.length })}</p>}
      {open && (
        <Dialog title={longDay(open.on)} wide onClose={() => setOpen(null)}>
          <img
            src={fileOf(groupId, open.id, false)}
            alt={open.words || longDay(open.on)}
            className="max-h-[66vh] max-w-full"
          />
          <p className="mt-2">{open.words}</p>
          <p className="quiet text-[13px]">
            {t(open.forAll ? "consent.allFamilies" : open.forFamily ? "consent.ownFamily" : "consent.fileOnly")}
          </p>
          <ErrorNote error={back.error} />
          <button
            type="button"
            className="btn btn-outline btn-sm mt-2"
            onClick={() =>
              back.mutate({ params: { path: { groupId, id: open.id } } }, { onSuccess: () => setOpen(null) })
            }
          >
            {t("picture.away")}
          </button>
        </Dialog>
      )}
    </section>
  );
}
