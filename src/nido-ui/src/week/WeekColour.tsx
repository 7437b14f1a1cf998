import { useTranslation } from "react-i18next";
import { $api, type WeekView } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";

const colours = ["plain", "clay", "honey", "fern", "pond", "plum"] as const;

/** The colour the week is marked with, to tell weeks apart at a glance. */
export function WeekColour({ view }: { view: WeekView }) {
  const { t } = useTranslation();
  const { weekId, show } = useWeek();
  const set = $api.useMutation("put", "/api/weeks/{weekId}/colour", { onSuccess: show });
  return (
    <fieldset className="mb-4 flex flex-wrap items-center gap-2" data-colours>
      <legend className="mb-1 font-bold">{t("pencil.colour")}</legend>
      {colours.map((colour) => (
        <label
          key={colour}
          className={`flex min-h-11 cursor-pointer items-center gap-1.5 rounded-[10px] border px-2 ${view.colour === colour ? "border-2 border-base-content" : "border-base-300"}`}
        >
          <input
            type="radio"
            name="colour"
            className="sr-only"
            checked={view.colour === colour}
            onChange={() => set.mutate({ params: { path: { weekId } }, body: { colour } })}
          />
          <span className={`week-colour-${colour} size-4 rounded-full`} aria-hidden="true" />
          {t(`pencil.colours.${colour}`)}
        </label>
      ))}
      <ErrorNote error={set.error} />
    </fieldset>
  );
}
