import { useTranslation } from "react-i18next";
import { type Support, supports } from "../api/client";

/** What a child is given so that it can take part. */
export function SupportChoice({ chosen, onChange }: { chosen: Support[]; onChange: (s: Support[]) => void }) {
  const { t } = useTranslation();
  return (
    <fieldset className="col-span-2">
      <legend className="font-bold">{t("child.supports")}</legend>
      <div className="mt-1 grid grid-cols-2 gap-x-4">
        {supports.map((s) => (
          <label key={s} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={chosen.includes(s)}
              onChange={(e) => onChange(e.target.checked ? [...chosen, s] : chosen.filter((x) => x !== s))}
            />
            {t(`support.${s}`)}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
