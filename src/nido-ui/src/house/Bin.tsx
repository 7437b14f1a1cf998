import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { day } from "./said";
import { type InBin, useHouse } from "./useHouse";

/** What was taken away: back by one press for thirty days, or gone for good. */
export function Bin() {
  const { t, i18n } = useTranslation();
  const bin = $api.useQuery("get", "/api/house/bin");
  const { bringBack, erase } = useHouse();
  const [open, setOpen] = useState<InBin | null>(null);
  const close = () => {
    setOpen(null);
    erase.reset();
  };
  return (
    <section aria-labelledby="bin" data-bin>
      <h2 id="bin">{t("house.bin")}</h2>
      <p className="quiet text-[13px]">{t("house.binWhy")}</p>
      <ErrorNote error={bin.error ?? bringBack.error} />
      {bin.data?.length === 0 && <p className="mt-2">{t("house.binEmpty")}</p>}
      <ul className="divide-y divide-base-300">
        {bin.data?.map((b) => (
          <li key={b.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
            <div className="mr-auto">
              <p className="font-bold">
                {t(`house.kind.${b.kind}`)} {b.kind === "week" ? day(i18n.language, b.name) : b.name}
              </p>
              <p className="quiet text-[13px]">
                {b.of ? `${b.of} · ` : ""}
                {t("house.until", { day: day(i18n.language, b.until) })}
              </p>
            </div>
            <button
              type="button"
              className="btn btn-outline btn-sm"
              onClick={() => bringBack.mutate({ params: { path: { id: b.id } } })}
            >
              {t("house.bringBack")}
            </button>
            <button type="button" className="btn btn-ghost btn-sm text-error" onClick={() => setOpen(b)}>
              {t("house.erase")}
            </button>
          </li>
        ))}
      </ul>
      {open && (
        <Dialog
          title={t("house.eraseTitle", { name: open.kind === "week" ? day(i18n.language, open.name) : open.name })}
          onClose={close}
        >
          {erase.data ? (
            <div data-erased>
              <p>{t("house.erased")}</p>
              {erase.data.stillIn.length > 0 && (
                <>
                  <p className="mt-2">{t("house.stillIn")}</p>
                  <ul className="list-disc pl-5">
                    {erase.data.stillIn.map((s) => (
                      <li key={s.name}>
                        {s.name} ·{" "}
                        {s.until ? t("house.goesBy", { day: day(i18n.language, s.until) }) : t("house.goesByHand")}
                      </li>
                    ))}
                  </ul>
                </>
              )}
            </div>
          ) : (
            <>
              <p>{t(`house.eraseWhat.${open.kind}`)}</p>
              <ErrorNote error={erase.error} />
              <div className="mt-4 flex gap-2">
                <button
                  type="button"
                  className="btn btn-error"
                  disabled={erase.isPending}
                  onClick={() => erase.mutate({ params: { path: { id: open.id } } })}
                >
                  {t("house.eraseNow")}
                </button>
                <button type="button" className="btn btn-ghost" onClick={close}>
                  {t("cancel")}
                </button>
              </div>
            </>
          )}
        </Dialog>
      )}
    </section>
  );
}
