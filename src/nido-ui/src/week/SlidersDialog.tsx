import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Sliders, type WeekView } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import { BeforeAfter } from "./BeforeAfter";

const names = ["fairShares", "theme", "useTheCupboard", "lightPrep", "freshIdeas"] as const;

/** The five things a teacher can weigh: what moving them would do to the plan at hand is shown before it is done. */
export function SlidersDialog({
  view,
  onKeep,
  onClose,
}: {
  view: WeekView;
  onKeep: (s: Sliders) => void;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const { weekId, show } = useWeek();
  const [now, setNow] = useState(view.sliders);
  const path = { params: { path: { weekId } } };
  const look = $api.useMutation("post", "/api/weeks/{weekId}/sliders/look");
  const take = $api.useMutation("post", "/api/weeks/{weekId}/sliders/take", { onSuccess: show });
  const planned = view.strips.length > 0;
  const move = (name: (typeof names)[number], value: number) => {
    setNow({ ...now, [name]: value });
    look.reset();
  };
  return (
    <Dialog title={t("sliders.title")} onClose={onClose}>
      <p className="quiet mb-3">{t("sliders.help")}</p>
      {names.map((name) => (
        <label key={name} className="mb-2.5 block">
          <span className="flex justify-between">
            <b>{t(`sliders.${name}.name`)}</b>
            <span>{now[name]}</span>
          </span>
          <span className="quiet block text-[13px]">{t(`sliders.${name}.what`)}</span>
          <input
            type="range"
            min={0}
            max={10}
            className="range range-sm range-primary w-full"
            value={now[name]}
            onChange={(e) => move(name, Number(e.target.value))}
          />
        </label>
      ))}
      <div className="flex flex-wrap gap-2">
        {planned && (
          <button
            type="button"
            className="btn btn-outline"
            disabled={look.isPending}
            onClick={() => look.mutate({ ...path, body: now })}
          >
            {look.isPending ? t("cameUp.working") : t("sliders.look")}
          </button>
        )}
        {look.data && (
          <button
            type="button"
            className="btn btn-primary"
            disabled={take.isPending}
            onClick={() => take.mutate({ ...path, body: now }, { onSuccess: onClose })}
          >
            {t("sliders.take")}
          </button>
        )}
        <button
          type="button"
          className={look.data ? "btn btn-ghost" : "btn btn-primary"}
          onClick={() => {
            onKeep(now);
            onClose();
          }}
        >
          {t("sliders.keep")}
        </button>
      </div>
      <ErrorNote error={look.error ?? take.error} />
      {look.data && <BeforeAfter look={look.data} currency={view.currency} />}
    </Dialog>
  );
}
