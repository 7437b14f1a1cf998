import { useTranslation } from "react-i18next";
import { $api, type Group } from "../api/client";
import { useGroupChanges } from "../group/useGroupChanges";
import { ErrorNote } from "../shared/ErrorNote";
import { money, plain } from "../shared/figures";
import { useEdition } from "../shared/useEdition";
import { Wide } from "../shared/Wide";

/** Who comes to a session: what was said, what counting has taught, how many kits that makes, and what being wrong costs. */
export function Expected({ group, on }: { group: Group; on: string }) {
  const { t } = useTranslation();
  const expected = $api.useQuery("get", "/api/groups/{groupId}/expected", {
    params: { path: { groupId: group.id }, query: { on } },
  });
  const { settings } = useGroupChanges(group.id);
  const edition = useEdition(`/api/groups/${group.id}`);
  const view = expected.data;
  if (!view) {
    return <ErrorNote error={expected.error} />;
  }
  const take = (runOutPercent: number) =>
    settings.mutate({
      params: { path: { groupId: group.id } },
      headers: edition.ifMatch(),
      body: { ...group, settings: { ...group.settings, runOutPercent } },
    });
  const share = (chance: number) => `${plain(Math.round(1000 * chance) / 10)}%`;
  const bear = view.choice ? Math.min(50, Math.max(1, Math.round(100 * view.choice.runOut))) : 0;
  return (
    <section className="px-4 py-3" data-who-comes>
      <h2 className="font-bold text-lg">{t("comes.title")}</h2>
      <p className="quiet mb-2 text-[13px]">{t("comes.why", { count: view.all.sessions })}</p>
      <Wide label={t("comes.title")}>
        <table className="table table-sm w-auto">
          <thead>
            <tr>
              <th>{t("session.age")}</th>
              <th className="text-right">{t("comes.said")}</th>
              <th className="text-right">{t("comes.expected")}</th>
              <th className="text-right">{t("comes.between")}</th>
              <th className="text-right">{t("comes.kits")}</th>
              <th className="text-right">{t("comes.short")}</th>
            </tr>
          </thead>
          <tbody>
            {[...view.bands, view.all].map((b) => (
              <tr key={b.fromMonths} className={b.name === "" ? "font-bold" : ""}>
                <th scope="row">{b.name || t("comes.all")}</th>
                <td className="text-right">{b.said}</td>
                <td className="text-right">{plain(b.expected)}</td>
                <td className="text-right">
                  {b.low}–{b.high}
                </td>
                <td className="text-right">{b.kits}</td>
                <td className="text-right">{plain(b.runOut)}%</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      <p className="quiet text-[13px]">{t("comes.note", { percent: view.runOutPercent })}</p>
      {view.choice ? (
        <div className="mt-4">
          <h3 className="font-bold">{t("comes.price")}</h3>
          <p className="mb-1">
            {t("comes.best", {
              kits: view.choice.best,
              many: money(group.settings.kitTooManyCents ?? 0, group.settings.currency),
              few: money(group.settings.kitTooFewCents ?? 0, group.settings.currency),
              short: share(view.choice.rows.find((r) => r.kits === view.choice?.best)?.runOut ?? view.choice.runOut),
            })}
          </p>
          <Wide label={t("comes.price")}>
            <table className="table table-sm w-auto">
              <thead>
                <tr>
                  <th className="text-right">{t("comes.kits")}</th>
                  <th className="text-right">{t("comes.short")}</th>
                  <th className="text-right">{t("comes.over")}</th>
                  <th className="text-right">{t("comes.without")}</th>
                  <th className="text-right">{t("comes.cost")}</th>
                </tr>
              </thead>
              <tbody>
                {view.choice.rows.map((r) => (
                  <tr key={r.kits} className={r.kits === view.choice?.best ? "bg-secondary font-bold" : ""}>
                    <td className="text-right">{r.kits}</td>
                    <td className="text-right">{share(r.runOut)}</td>
                    <td className="text-right">{r.leftOver.toFixed(1)}</td>
                    <td className="text-right">{r.without.toFixed(1)}</td>
                    <td className="text-right">{money(r.costCents, group.settings.currency)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Wide>
          <ErrorNote error={settings.error} />
          <button
            type="button"
            className="btn btn-outline mt-2 min-h-11"
            disabled={view.runOutPercent === bear || settings.isPending}
            onClick={() => take(bear)}
          >
            {t(view.runOutPercent === bear ? "comes.taken" : "comes.take", { percent: bear })}
          </button>
          <p className="quiet mt-1 text-[13px]">{t("comes.source")}</p>
        </div>
      ) : (
        <p className="mt-3">{t("comes.sayPrices")}</p>
      )}
    </section>
  );
}
