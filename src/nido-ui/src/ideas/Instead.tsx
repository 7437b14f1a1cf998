import { useTranslation } from "react-i18next";
import type { InsteadData } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import type { Place } from "../week/place";

/** What would serve instead of an idea that may not lie out; one press puts it into its best place. */
export function Instead({ instead, onTake }: { instead: InsteadData; onTake: (place: Place, ideaId: string) => void }) {
  const { t } = useTranslation();
  const place =
    instead.day !== null && instead.blockId !== null && instead.offer !== null
      ? { day: instead.day, blockId: instead.blockId, offer: instead.offer }
      : null;
  return (
    <p className="my-1 flex flex-wrap items-center gap-2 text-[13px]" data-instead>
      <span>
        {t("safety.instead")} <b>{instead.title}</b>
        {instead.material ? `, ${instead.material}` : ""}
        {instead.sameWork ? ` (${t("safety.sameWork")})` : instead.sameLadder ? ` (${t("safety.sameLadder")})` : ""}
      </span>
      {place && instead.date && (
        <button type="button" className="btn btn-outline btn-sm" onClick={() => onTake(place, instead.ideaId)}>
          {t("safety.putIn", { day: dayAndNumber(instead.date), block: instead.blockName })}
        </button>
      )}
    </p>
  );
}
