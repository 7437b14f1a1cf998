import { useTranslation } from "react-i18next";

/** Why a rule fired, where it comes from, and whose word counts more; one press away. */
export function Source({ why, source, deferTo }: { why: string[]; source: string; deferTo: string }) {
  const { t } = useTranslation();
  return (
    <details className="text-[13px]">
      <summary className="quiet cursor-pointer">{t("safety.why")}</summary>
      {why.length > 0 && (
        <ul className="list-disc pl-5">
          {why.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      <p>{t("safety.source", { source })}</p>
      <p>{t("safety.defer", { defer: deferTo })}</p>
    </details>
  );
}
