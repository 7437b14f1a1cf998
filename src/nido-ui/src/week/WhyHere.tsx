import { useTranslation } from "react-i18next";
import type { Bench } from "../api/client";

/** What would fall short without the idea, computed with the rest of the week held. */
export function WhyHere({ why }: { why: NonNullable<Bench["why"]> }) {
  const { t } = useTranslation();
  const falls = why.falls.slice(0, 2);
  return (
    <div className="text-xs leading-snug">
      <b>{t("why.title")}</b>{" "}
      {falls
        .map((f) => t("why.fall", { child: f.child, aim: t(`aim.${f.aim}`), with: f.with, without: f.without }))
        .join("; ")}
      {why.strandsLost.length > 0 &&
        `; ${why.strandsLost.map((s) => t("why.strand", { strand: t(`strand.${s.strand}`), count: s.children })).join("; ")}`}
      {falls.length === 0 && why.strandsLost.length === 0 && t("why.nothing")}
    </div>
  );
}
