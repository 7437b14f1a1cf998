import { Plus, Trash2 } from "lucide-react";
import { useTranslation } from "react-i18next";
import type { Group } from "../api/client";

type Band = Group["settings"]["ownRatio"][number];

/** The group's own ratio: from which age on, how many children one adult may have. */
export function OwnRatio({ bands, onChange }: { bands: Band[]; onChange: (bands: Band[]) => void }) {
  const { t } = useTranslation();
  const set = (i: number, change: Partial<Band>) => onChange(bands.map((b, k) => (k === i ? { ...b, ...change } : b)));
  return (
    <fieldset className="col-span-2">
      <legend className="font-bold">{t("settings.ownRatio")}</legend>
      {bands.map((b, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rows are edited in place and have no id
        <div key={i} className="mt-1 flex items-center gap-2">
          <label className="flex items-center gap-2">
            {t("settings.fromMonths")}
            <input
              type="number"
              min={0}
              max={120}
              className="input input-sm w-20"
              value={b.fromMonths}
              onChange={(e) => set(i, { fromMonths: Number(e.target.value) })}
            />
          </label>
          <label className="flex items-center gap-2">
            {t("settings.childrenEach")}
            <input
              type="number"
              min={1}
              max={30}
              className="input input-sm w-20"
              value={b.children}
              onChange={(e) => set(i, { children: Number(e.target.value) })}
            />
          </label>
          {i > 0 && (
            <button
              type="button"
              className="btn btn-ghost btn-sm btn-square"
              aria-label={t("settings.removeBand", { months: b.fromMonths })}
              onClick={() => onChange(bands.filter((_, k) => k !== i))}
            >
              <Trash2 size={15} aria-hidden="true" />
            </button>
          )}
        </div>
      ))}
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        onClick={() => onChange([...bands, { fromMonths: (bands.at(-1)?.fromMonths ?? 0) + 12, children: 8 }])}
      >
        <Plus size={15} aria-hidden="true" /> {t("settings.addBand")}
      </button>
    </fieldset>
  );
}
