import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Dialog } from "../shared/Dialog";
import { KeyList } from "./KeyList";
import { Legend } from "./Legend";
import { Tour } from "./Tour";

const parts = ["tour", "legend", "keys"] as const;
export type HelpPart = (typeof parts)[number];

/** One press away: the tour of two minutes, what the signs mean, what the keys do. */
export function HelpDialog({ first, onClose }: { first: HelpPart; onClose: () => void }) {
  const { t } = useTranslation();
  const [part, setPart] = useState(first);
  return (
    <Dialog title={t("help.title")} onClose={onClose}>
      <fieldset className="join mb-4 flex-wrap">
        <legend className="sr-only">{t("help.title")}</legend>
        {parts.map((p) => (
          <button
            key={p}
            type="button"
            aria-pressed={p === part}
            className={`btn join-item min-h-11 ${p === part ? "btn-primary" : "btn-outline"}`}
            onClick={() => setPart(p)}
          >
            {t(`help.${p}`)}
          </button>
        ))}
      </fieldset>
      {part === "tour" && <Tour onGo={onClose} />}
      {part === "legend" && <Legend />}
      {part === "keys" && <KeyList />}
    </Dialog>
  );
}
