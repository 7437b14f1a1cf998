import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";
import { longDay } from "../shared/dates";

type WhoAt = IdeaCardData["steps"][number]["who"][number];

/** What is set out for a child here, and what it works towards; nothing where there is nothing of the kind. */
export function WhoNote({ who }: { who: WhoAt }) {
  const { t } = useTranslation();
  const lines = [
    ...who.supports.map((s) => t(`support.${s}`)),
    ...who.cues,
    ...(who.objective
      ? [t("objective.is", { step: who.objective.step, name: who.objective.name, day: longDay(who.objective.by) })]
      : []),
    ...(who.waits ? [who.waits] : []),
  ];
  return lines.length === 0 ? null : (
    <li className="text-[13px]">
      <b>{who.name}:</b> {lines.join(" · ")}
    </li>
  );
}

/** For a drop-in group: how many are expected instead of names. */
export function WhoCount({ who }: { who: WhoAt[] }) {
  const { t } = useTranslation();
  const bands = new Map<string, number>();
  for (const w of who) {
    const band = w.name.split(",")[0] ?? "";
    bands.set(band, (bands.get(band) ?? 0) + 1);
  }
  return (
    <p className="text-[13px]">
      <b>{t("expected.about", { count: who.length })}</b>
      {": "}
      {[...bands].map(([band, n]) => `${n} × ${band}`).join(", ")}
    </p>
  );
}
