import { Plus, Trash2 } from "lucide-react";
import { useTranslation } from "react-i18next";
import { type Group, type WeekDay, weekDays } from "../api/client";

type Adult = Group["adults"][number];

/** The adults and when they are there. */
export function AdultRows({ adults, onChange }: { adults: Adult[]; onChange: (a: Adult[]) => void }) {
  const { t } = useTranslation();
  const set = (i: number, change: Partial<Adult>) =>
    onChange(adults.map((a, k) => (k === i ? { ...a, ...change } : a)));
  return (
    <fieldset>
      <legend className="font-bold">{t("settings.adults")}</legend>
      {adults.map((a, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rows are edited in place and a new adult has no id yet
        <div key={i} className="mt-1 flex flex-wrap items-center gap-2">
          <input
            className="input input-sm w-32"
            aria-label={t("settings.adultName")}
            value={a.name}
            required
            onChange={(e) => set(i, { name: e.target.value })}
          />
          <input
            type="time"
            className="input input-sm w-28"
            aria-label={t("settings.from")}
            value={a.from.slice(0, 5)}
            onChange={(e) => set(i, { from: `${e.target.value}:00` })}
          />
          <input
            type="time"
            className="input input-sm w-28"
            aria-label={t("settings.to")}
            value={a.to.slice(0, 5)}
            onChange={(e) => set(i, { to: `${e.target.value}:00` })}
          />
          {weekDays.map((d) => (
            <label key={d} className="flex items-center gap-1 text-[13px]">
              <input
                type="checkbox"
                className="checkbox checkbox-xs"
                checked={(a.days as WeekDay[]).includes(d)}
                onChange={(e) =>
                  set(i, {
                    days: weekDays.filter((x) => (x === d ? e.target.checked : (a.days as WeekDay[]).includes(x))),
                  })
                }
              />
              {t(`day.${d}`)}
            </label>
          ))}
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label={t("settings.removeAdult", { name: a.name })}
            onClick={() => onChange(adults.filter((_, k) => k !== i))}
          >
            <Trash2 size={15} aria-hidden="true" />
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        onClick={() =>
          onChange([...adults, { id: "", name: "", days: weekDays.slice(0, 5), from: "08:00:00", to: "16:00:00" }])
        }
      >
        <Plus size={15} aria-hidden="true" /> {t("settings.addAdult")}
      </button>
    </fieldset>
  );
}
