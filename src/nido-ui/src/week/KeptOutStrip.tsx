import { Ban } from "lucide-react";
import { useTranslation } from "react-i18next";
import type { KeptOutStripData } from "../api/client";

/** An idea that was planned here and can no longer lie here, with the reason. */
export function KeptOutStrip({ keptOut }: { keptOut: KeptOutStripData }) {
  const { t } = useTranslation();
  return (
    <span className="flex w-full items-start gap-1 text-error" title={keptOut.reason}>
      <Ban size={13} className="mt-0.5 shrink-0" aria-hidden="true" />
      <span className="min-w-0 text-[13px] leading-[15px]">
        <span className="line-clamp-1 font-semibold">{keptOut.title}</span>
        <span className="line-clamp-2 text-xs leading-[14px]">
          {keptOut.bySafety ? t("safety.notHere") : t("week.cannotLie")}: {keptOut.reason}
        </span>
      </span>
    </span>
  );
}
