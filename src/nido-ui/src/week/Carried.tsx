import { useTranslation } from "react-i18next";
import type { WeekView } from "../api/client";

/** What the week before fell short of, child by child; this week is asked for it besides, up to a fifth of an aim. */
export function Carried({ carried }: { carried: NonNullable<WeekView["carried"]> }) {
  const { t } = useTranslation();
  const names = [...new Set(carried.map((c) => c.name))];
  if (names.length === 0) {
    return null;
  }
  return (
    <details className="mt-2 text-xs" data-carried>
      <summary className="min-h-6 cursor-pointer">{t("loom.carried", { count: names.length })}</summary>
      <ul>
        {names.map((name) => (
          <li key={name}>
            <b>{name}</b>{" "}
            {carried
              .filter((c) => c.name === name)
              .map((c) => t("loom.carriedOne", { aim: t(`aim.${c.aim}`), minutes: Math.round(c.minutes) }))
              .join(", ")}
          </li>
        ))}
      </ul>
    </details>
  );
}
