import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Sliders } from "../api/client";
import { Dialog } from "../shared/Dialog";

const names = ["fairShares", "theme", "useTheCupboard", "lightPrep", "freshIdeas"] as const;

/** The five things a teacher can weigh; they count the next time the week is composed. */
export function SlidersDialog({
  sliders,
  onChange,
  onClose,
}: {
  sliders: Sliders;
  onChange: (s: Sliders) => void;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const [now, setNow] = useState(sliders);
  return (
    <Dialog title={t("sliders.title")} onClose={onClose}>
      <p className="quiet mb-4">{t("sliders.help")}</p>
      {names.map((name) => (
        <label key={name} className="mb-4 block">
          <span className="flex justify-between">
            <b>{t(`sliders.${name}.name`)}</b>
            <span>{now[name]}</span>
          </span>
          <span className="quiet block text-[13px]">{t(`sliders.${name}.what`)}</span>
          <input
            type="range"
            min={0}
            max={10}
            className="range range-sm range-primary mt-1 w-full"
            value={now[name]}
            onChange={(e) => setNow({ ...now, [name]: Number(e.target.value) })}
          />
        </label>
      ))}
      <button
        type="button"
        className="btn btn-primary"
        onClick={() => {
          onChange(now);
          onClose();
        }}
      >
        {t("sliders.keep")}
      </button>
    </Dialog>
  );
}
