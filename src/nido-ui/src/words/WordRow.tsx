import { TriangleAlert } from "lucide-react";
import { useTranslation } from "react-i18next";
import type { SortedWord } from "../api/client";
import { spelledSound } from "./sounds";

/** A word: how it begins, its beats, what rhymes with it. */
export function WordRow({ word: w, misleads }: { word: SortedWord; misleads: boolean }) {
  const { t } = useTranslation();
  return (
    <li className="flex flex-wrap items-baseline gap-x-3 border-base-300 border-t py-1">
      <span className="child text-lg">{w.word}</span>
      {misleads && <TriangleAlert size={13} className="text-warning" aria-label={t("words.misleads")} />}
      {w.said ? (
        <span className="quiet text-[13px]">
          {t("words.first", { sound: spelledSound(w.said.sounds[0] ?? "") })} ·{" "}
          {t("words.beats", { count: w.said.syllables })} · {t("words.sounds", { count: w.said.sounds.length })}
          {w.rhymes.length > 0 ? ` · ${t("words.rhymes", { words: w.rhymes.join(", ") })}` : ""}
        </span>
      ) : (
        <span className="text-[13px] text-warning">{t("words.notKnown")}</span>
      )}
    </li>
  );
}
