import { useTranslation } from "react-i18next";
import { plain } from "../shared/figures";
import type { News } from "./useComposing";

/** Best so far and bound while composing, and the way to stop. */
export function ComposeLine({ news, onStop }: { news: News; onStop: () => void }) {
  const { t } = useTranslation();
  return (
    <p className="flex items-center gap-6 border-base-300 border-b px-4 py-1.5" aria-live="polite" data-composing>
      <span className="loading loading-dots loading-sm" aria-hidden="true" />
      <b>{t(`compose.${news.stage}`)}</b>
      <span>{t("compose.best", { minutes: plain(Math.round(news.bestMinutes)) })}</span>
      <span className="quiet">{t("compose.bound", { minutes: plain(Math.round(news.boundMinutes)) })}</span>
      <span className="quiet">{t("compose.seconds", { seconds: news.seconds.toFixed(0) })}</span>
      <button type="button" className="btn btn-outline btn-sm ml-auto" onClick={onStop}>
        {t("compose.stop")}
      </button>
    </p>
  );
}
