import { useTranslation } from "react-i18next";
import { useAllergens } from "../group/useAllergens";
import { Labelled } from "../shared/form";

/** Which allergens a thing holds: those, none of them, or nobody has said yet. */
export function Holds({ held, onChange }: { held: string[] | null; onChange: (ids: string[] | null) => void }) {
  const { t } = useTranslation();
  const { name, published, craft } = useAllergens();
  return (
    <fieldset data-holds>
      <legend className="font-bold">{t("own.holds")}</legend>
      <p className="quiet text-[13px]">{t("own.holdsWhy")}</p>
      <Labelled name="contains" label={t("own.holdsNone")} className="flex-row-reverse justify-end">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={held?.length === 0}
          onChange={(e) => onChange(e.target.checked ? [] : null)}
        />
      </Labelled>
      <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-4">
        {[...published, ...craft].map((id) => (
          <label key={id} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={held?.includes(id) ?? false}
              onChange={(e) => {
                const now = e.target.checked ? [...(held ?? []), id] : (held ?? []).filter((x) => x !== id);
                onChange(now.length > 0 ? now : null);
              }}
            />
            {name(id)}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
