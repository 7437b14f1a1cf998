import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { Labelled } from "../shared/form";

/** The colours a thing comes in: two make a pattern, one to sort by. */
export function Colours({ chosen, onChange }: { chosen: string[]; onChange: (ids: string[]) => void }) {
  const { t } = useTranslation();
  const choices = $api.useQuery("get", "/api/own/choices");
  return (
    <fieldset data-colours>
      <legend className="font-bold">{t("own.colours")}</legend>
      <p className="quiet text-[13px]">{t("own.coloursWhy")}</p>
      <div className="flex flex-wrap gap-x-4">
        {choices.data?.colours.map((c) => (
          <Labelled
            key={c.id}
            name={`colours.${c.id}`}
            label={c.name}
            className="min-h-8 flex-row-reverse items-center"
          >
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={chosen.includes(c.id)}
              onChange={(e) => onChange(e.target.checked ? [...chosen, c.id] : chosen.filter((x) => x !== c.id))}
            />
          </Labelled>
        ))}
      </div>
    </fieldset>
  );
}
