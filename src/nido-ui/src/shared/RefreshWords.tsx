import { useTranslation } from "react-i18next";
import type { RefreshData } from "../api/client";

/** The one thing about a base that is new, and what was left out because of a rule. */
export function RefreshWords({ refresh }: { refresh: RefreshData }) {
  const { t } = useTranslation();
  return (
    <>
      {refresh.place
        ? t("refresh.place", { place: refresh.place })
        : t(`refresh.${refresh.kind}`, { what: refresh.adds, colour: refresh.colour })}
      {refresh.leftOut.map((line) => (
        <span key={line} className="quiet block">
          {t("refresh.leftOut")} {line}
        </span>
      ))}
    </>
  );
}
