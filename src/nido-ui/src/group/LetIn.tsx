import { useTranslation } from "react-i18next";
import { useAllergens } from "./useAllergens";

/** Allergens of the published lists that a session lets in; the others are kept off the tables, for nobody's allergies are known. */
export function LetIn({ letIn, onChange }: { letIn: string[]; onChange: (ids: string[]) => void }) {
  const { t } = useTranslation();
  const { name, published } = useAllergens();
  return (
    <fieldset data-let-in>
      <legend className="font-bold">{t("letIn.title")}</legend>
      <p className="quiet text-[13px]">{t("letIn.what")}</p>
      <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
        {published.map((id) => (
          <label key={id} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={letIn.includes(id)}
              onChange={(e) => onChange(e.target.checked ? [...letIn, id] : letIn.filter((x) => x !== id))}
            />
            {name(id)}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
