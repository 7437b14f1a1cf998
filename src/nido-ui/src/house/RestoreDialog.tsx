import { useTranslation } from "react-i18next";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { moment } from "./said";
import { type BackupFile, type Contents, useHouse } from "./useHouse";

const counts = ["groups", "children", "weeks", "observations", "movements"] as const;

/** What is in a backup beside what is here, before one takes the other's place. */
export function RestoreDialog({ here, backup, onClose }: { here: Contents; backup: BackupFile; onClose: () => void }) {
  const { t, i18n } = useTranslation();
  const { restore, drop } = useHouse();
  const then = backup.manifest?.contents;
  if (!then) {
    return null;
  }
  const done = restore.data;
  return (
    <Dialog
      title={t("house.restoreTitle", { when: moment(i18n.language, backup.manifest?.madeAt ?? "") })}
      onClose={onClose}
    >
      {done ? (
        <p data-restored>{t("house.restored", { name: done.name })}</p>
      ) : (
        <>
          <table className="table table-sm">
            <thead>
              <tr>
                <th />
                <th>{t("house.hereNow")}</th>
                <th>{t("house.inBackup")}</th>
              </tr>
            </thead>
            <tbody>
              {counts.map((c) => (
                <tr key={c} className={here[c] === then[c] ? "" : "font-bold"}>
                  <th scope="row">{t(`house.count.${c}`)}</th>
                  <td>{here[c]}</td>
                  <td>{then[c]}</td>
                </tr>
              ))}
              <tr>
                <th scope="row">{t("house.lastChange")}</th>
                <td>{here.lastChange ? moment(i18n.language, here.lastChange) : "—"}</td>
                <td>{then.lastChange ? moment(i18n.language, then.lastChange) : "—"}</td>
              </tr>
            </tbody>
          </table>
          <p className="my-3">{t("house.restoreWhy")}</p>
          <ErrorNote error={restore.error ?? drop.error} />
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="btn btn-primary"
              disabled={restore.isPending}
              onClick={() => restore.mutate({ params: { path: { name: backup.name } } })}
            >
              {t("house.restoreNow")}
            </button>
            <button
              type="button"
              className="btn btn-outline"
              onClick={() => drop.mutate({ params: { path: { name: backup.name } } }, { onSuccess: onClose })}
            >
              {t("house.dropBackup")}
            </button>
            <button type="button" className="btn btn-ghost" onClick={onClose}>
              {t("cancel")}
            </button>
          </div>
        </>
      )}
    </Dialog>
  );
}
