import { useTranslation } from "react-i18next";
import type { OfferOfDay } from "../api/client";
import { longDay } from "../shared/dates";
import { RefreshWords } from "../shared/RefreshWords";

/** What is different about an offer today: the refresh of a base, practice a step further, things made before. */
export function New({ today }: { today: OfferOfDay }) {
  const { t } = useTranslation();
  const { refresh, stepUp, made } = today;
  return (
    <div className="text-base">
      {refresh && (
        <p className="mt-1 rounded-[10px] bg-secondary px-2 py-1" data-refresh>
          <b>{t("refresh.today")}</b> <RefreshWords refresh={refresh} />
        </p>
      )}
      {today.stays && !refresh && <p className="quiet mt-1">{t("refresh.stays")}</p>}
      {made && (
        <p className="mt-1" data-made>
          {t("made.on", { title: made.title, day: longDay(made.on) })}
          {made.needSpare.length > 0 && <b> {t("made.spare", { names: made.needSpare.join(", ") })}</b>}
        </p>
      )}
      {stepUp.length > 0 && (
        <details className="mt-1" data-step-up>
          <summary className="cursor-pointer font-semibold">{t("stepUp.title", { count: stepUp.length })}</summary>
          <ul>
            {stepUp.map((s) => (
              <li key={s.name}>
                <b>{s.name}</b> {t("stepUp.try", { step: s.step })} {s.do}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
