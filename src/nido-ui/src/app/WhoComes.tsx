import { useTranslation } from "react-i18next";
import { type About, usual } from "./about";

const ages = [1, 2, 3, 4, 5, 6];
const mostChildren = 40;

/** Who comes: named later, or about so many of such ages, so that a first week can be looked at at once. */
export function WhoComes({ about, onChange }: { about: About | null; onChange: (about: About | null) => void }) {
  const { t } = useTranslation();
  return (
    <fieldset className="flex flex-col gap-1" data-who>
      <legend>{t("start.who")}</legend>
      <label className="flex min-h-11 items-center gap-2">
        <input type="radio" className="radio radio-sm" checked={about === null} onChange={() => onChange(null)} />
        {t("start.named")}
      </label>
      <label className="flex min-h-11 items-center gap-2">
        <input type="radio" className="radio radio-sm" checked={about !== null} onChange={() => onChange(usual)} />
        {t("start.about")}
      </label>
      {about && (
        <span className="flex flex-wrap items-center gap-2 pl-7">
          <input
            type="number"
            className="input w-20"
            aria-label={t("start.children")}
            min={1}
            max={mostChildren}
            value={about.children}
            onChange={(e) =>
              onChange({ ...about, children: Math.max(1, Math.min(mostChildren, Number(e.target.value) || 1)) })
            }
          />
          {t("start.childrenOf")}
          <Age label={t("start.from")} value={about.from} onChange={(from) => onChange({ ...about, from })} />
          {t("start.to")}
          <Age label={t("start.to")} value={about.to} onChange={(to) => onChange({ ...about, to })} />
          {t("start.years")}
        </span>
      )}
    </fieldset>
  );
}

function Age({ label, value, onChange }: { label: string; value: number; onChange: (age: number) => void }) {
  return (
    <select className="select w-18" aria-label={label} value={value} onChange={(e) => onChange(Number(e.target.value))}>
      {ages.map((a) => (
        <option key={a}>{a}</option>
      ))}
    </select>
  );
}
