import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { money } from "../shared/figures";
import { useWeek } from "../shared/useWeek";

/** The cupboard shared out over all ideas of the week: what would change, before and after, taken over with one press. */
export function SharingDialog({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const { path, week, show } = useWeek();
  const sharing = $api.useQuery("get", "/api/weeks/{weekId}/sharing", path);
  const take = $api.useMutation("post", "/api/weeks/{weekId}/sharing", {
    onSuccess: (view) => {
      show(view);
      onClose();
    },
  });
  const currency = week.data?.currency ?? "USD";
  const data = sharing.data;
  const sum = (of: { cents: number; toBuy: number; toAsk: number }) =>
    t("sharing.sum", { money: money(of.cents, currency), buy: of.toBuy, ask: of.toAsk });
  return (
    <Dialog title={t("sharing.title")} onClose={onClose}>
      <p className="quiet mb-3">{t("sharing.help")}</p>
      <ErrorNote error={sharing.error ?? take.error} />
      {sharing.isLoading && <p aria-live="polite">{t("sharing.looking")}</p>}
      {data && (
        <>
          <dl className="grid grid-cols-[auto_1fr] gap-x-3">
            <dt>{t("sharing.now")}</dt>
            <dd>{sum(data.before)}</dd>
            <dt className="font-bold">{t("sharing.then")}</dt>
            <dd className="font-bold">{sum(data.after)}</dd>
          </dl>
          <p className="quiet my-2 text-[13px]">
            {data.proven ? t("sharing.proven") : t("sharing.gap", { gap: data.gapPercent })}
          </p>
          {data.changes.length === 0 ? (
            <p>{t("sharing.nothing")}</p>
          ) : (
            <ul className="max-h-72 overflow-auto" data-sharing>
              {data.changes.map((c) => (
                <li key={`${c.title} ${c.role} ${c.from}`} className="border-base-300 border-t py-1">
                  <span className="font-semibold">{c.title}</span> <span className="quiet">{c.role}</span>
                  <span className="block">
                    {c.from} → <b>{c.to}</b>
                  </span>
                </li>
              ))}
            </ul>
          )}
          <button
            type="button"
            className="btn btn-primary mt-3"
            disabled={data.changes.length === 0 || take.isPending}
            onClick={() => take.mutate(path)}
          >
            {t("sharing.take", { count: data.changes.length })}
          </button>
        </>
      )}
    </Dialog>
  );
}
