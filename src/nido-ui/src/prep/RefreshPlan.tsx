import { useTranslation } from "react-i18next";
import type { RefreshOfDay } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import { RefreshWords } from "../shared/RefreshWords";

/** The base stays, one thing about it changes each day. */
export function RefreshPlan({ refreshes }: { refreshes: RefreshOfDay[] }) {
  const { t } = useTranslation();
  if (refreshes.length === 0) {
    return null;
  }
  return (
    <section data-refresh-plan>
      <h2>{t("refresh.plan", { title: refreshes[0]?.title ?? "" })}</h2>
      <p className="quiet">{t("refresh.planWhat")}</p>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3">
        {refreshes.map((r) => (
          <div key={`${r.day} ${r.title}`} className="contents">
            <dt className="font-semibold">{dayAndNumber(r.day)}</dt>
            <dd>
              <RefreshWords refresh={r.refresh} />
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
