import { useTranslation } from "react-i18next";
import { type WeekDay, weekDays } from "../api/client";

/** Days as a row of boxes. */
export function DayChoice({
  days,
  among,
  onChange,
}: {
  days: WeekDay[];
  among: WeekDay[];
  onChange: (d: WeekDay[]) => void;
}) {
  const { t } = useTranslation();
  return (
    <fieldset className="flex flex-wrap gap-3">
      <legend className="mb-1">{t("child.days")}</legend>
      {weekDays
        .filter((d) => among.includes(d))
        .map((d) => (
          <label key={d} className="flex items-center gap-1.5">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={days.includes(d)}
              onChange={(e) => onChange(weekDays.filter((x) => (x === d ? e.target.checked : days.includes(x))))}
            />
            {t(`day.${d}`)}
          </label>
        ))}
    </fieldset>
  );
}
