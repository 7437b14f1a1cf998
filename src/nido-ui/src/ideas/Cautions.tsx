import { TriangleAlert } from "lucide-react";
import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";

/** Every caution, with its source and whose word decides. */
export function Cautions({ cautions }: { cautions: IdeaCardData["cautions"] }) {
  const { t } = useTranslation();
  return (
    <ul className="space-y-1.5">
      {cautions.map((c) => (
        <li key={c.message} className="flex gap-2 border-warning border-l-4 bg-base-200 px-3 py-1.5">
          <TriangleAlert size={16} className="mt-0.5 shrink-0 text-warning" aria-hidden="true" />
          <span>
            <b>{t(`severity.${c.severity}`)}:</b> {c.message}{" "}
            <span className="quiet text-[13px]">
              {t("idea.because", { what: c.what.join(", ") })}{" "}
              {t("idea.source", { source: c.source, defer: c.deferTo })}
            </span>
          </span>
        </li>
      ))}
    </ul>
  );
}
