import { useState } from "react";
import { useTranslation } from "react-i18next";
import { sendFile } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { RestoreDialog } from "./RestoreDialog";
import { age, moment, size } from "./said";
import { type BackupFile, type House, useHouse } from "./useHouse";

/** Backups, newest first, with the age of the newest where the eye falls. */
export function Backups({ house }: { house: House }) {
  const { t, i18n } = useTranslation();
  const { make, drop, readAgain } = useHouse();
  const [open, setOpen] = useState<BackupFile | null>(null);
  const [problem, setProblem] = useState<unknown>(null);
  const bring = (file: File | undefined) =>
    file &&
    sendFile<BackupFile>("/api/house/backups/brought", file, "application/zip").then(
      () => {
        setProblem(null);
        void readAgain();
      },
      (e: unknown) => setProblem(e),
    );
  return (
    <section aria-labelledby="backups" data-backups>
      <h2 id="backups">{t("house.backups")}</h2>
      <p
        className={house.newestHoursAgo === null || Number(house.newestHoursAgo) > 48 ? "font-bold text-error" : ""}
        data-age
      >
        {house.newestHoursAgo === null
          ? t("house.none")
          : t("house.newest", { age: age(t, Number(house.newestHoursAgo)) })}
      </p>
      <p className="quiet text-[13px]">{t("house.backupsWhy")}</p>
      <div className="my-3 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={make.isPending}
          onClick={() => make.mutate({})}
        >
          {t("house.make")}
        </button>
        <label className="btn btn-outline btn-sm">
          {t("house.bring")}
          <input type="file" accept=".zip" className="sr-only" onChange={(e) => void bring(e.target.files?.[0])} />
        </label>
      </div>
      <ErrorNote error={problem ?? make.error ?? drop.error} />
      <ul className="divide-y divide-base-300">
        {house.backups.map((b) => (
          <li key={b.name} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2" data-backup={b.name}>
            <div className="mr-auto">
              <p className="font-bold">{b.manifest ? moment(i18n.language, b.manifest.madeAt) : b.name}</p>
              <p className="quiet text-[13px]">
                {b.manifest
                  ? t("house.holds", {
                      why: t(`house.why.${b.manifest.why}`),
                      children: b.manifest.contents.children,
                      weeks: b.manifest.contents.weeks,
                      seen: b.manifest.contents.observations,
                      size: size(i18n.language, Number(b.fileBytes)),
                    })
                  : t("house.unreadable")}
              </p>
            </div>
            <a className="btn btn-ghost btn-sm" href={`/api/house/backups/${b.name}`} download>
              {t("house.fetch")}
            </a>
            {b.manifest && (
              <button type="button" className="btn btn-outline btn-sm" onClick={() => setOpen(b)}>
                {t("house.restore")}
              </button>
            )}
          </li>
        ))}
      </ul>
      {open && <RestoreDialog here={house.here} backup={open} onClose={() => setOpen(null)} />}
    </section>
  );
}
