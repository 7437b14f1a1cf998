import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Problem, type Sliders, type WeekView } from "../api/client";
import { BothEditions } from "../shared/BothEditions";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import { BeforeAfter } from "./BeforeAfter";
import { Pays } from "./Pays";

const names = ["fairShares", "theme", "useTheCupboard", "lightPrep", "freshIdeas"] as const;

/** The five things a teacher can weigh: what moving them would do to the plan at hand is shown before it is done. */
export function SlidersDialog({ view, onClose }: { view: WeekView; onClose: () => void }) {
  const { t } = useTranslation();
  const { weekId, show } = useWeek();
  const [now, setNow] = useState(view.sliders);
  const path = { params: { path: { weekId } } };
  // Read for its edition: what is kept is a change of what was seen when the dialog opened.
  $api.useQuery("get", "/api/weeks/{weekId}/sliders", path, { refetchOnMount: "always" });
  const keep = $api.useMutation("put", "/api/weeks/{weekId}/sliders", {
    onSuccess: (week) => {
      show(week);
      onClose();
    },
  });
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
          onClick={() => keep.mutate({ ...path, body: now })}
        >
          {t("sliders.keep")}
        </button>
      </div>
      {(keep.error as Problem | null)?.current ? (
        <BothEditions
          error={keep.error}
          opened={{ ...view.sliders }}
          mine={{ ...now }}
          labels={Object.fromEntries(names.map((n) => [n, t(`sliders.${n}.name`)]))}
          onMine={(merged) => keep.mutate({ ...path, body: merged as unknown as Sliders })}
          onTheirs={(current) => {
            setNow(current as unknown as Sliders);
            keep.reset();
          }}
        />
      ) : (
        <ErrorNote error={look.error ?? take.error ?? keep.error} />
      )}
      {look.data && <BeforeAfter look={look.data} currency={view.currency} />}
      {planned && <Pays currency={view.currency} />}
    </Dialog>
  );
}
