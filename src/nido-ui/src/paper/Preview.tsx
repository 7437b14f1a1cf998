import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { Skeleton } from "../shared/Skeleton";

/** The pages as they will be printed: the same drawing, only smaller. */
export function Preview({ sheet, stale }: { sheet: Schemas["SheetView"] | undefined; stale: boolean }) {
  const { t } = useTranslation();
  if (!sheet) {
    return <Skeleton lines={8} className="p-4" />;
  }
  return (
    <section
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls takes the focus, so that pages are scrolled by keyboard
      tabIndex={0}
      className={`pane min-w-0 flex-1 overflow-auto bg-base-300 p-4 ${stale ? "opacity-40" : ""}`}
      aria-label={t("paper.preview")}
      data-preview
    >
      <p className="mb-2" aria-live="polite">
        {t("paper.total", { count: sheet.pages })}
        {sheet.pages > sheet.shown.length && ` · ${t("paper.firstShown", { count: sheet.shown.length })}`}
      </p>
      {sheet.notes.map((n) => (
        <p key={n} className="mb-2 rounded-[10px] border border-warning bg-base-100 p-2">
          {n}
        </p>
      ))}
      <ol className="flex flex-wrap gap-4">
        {sheet.shown.map((svg, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a place a page
          <li key={k}>
            <img
              className="h-auto w-[min(560px,86vw)] border border-base-content/30 bg-white shadow"
              alt={t("paper.pageOf", { title: sheet.title, page: k + 1, of: sheet.pages })}
              src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`}
            />
          </li>
        ))}
      </ol>
    </section>
  );
}
