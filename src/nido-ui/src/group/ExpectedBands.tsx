import { Plus, Trash2 } from "lucide-react";
import { useTranslation } from "react-i18next";
import type { ExpectedBand } from "../api/client";

/** Who is expected at a drop-in session: headcounts by age. */
export function ExpectedBands({ bands, onChange }: { bands: ExpectedBand[]; onChange: (b: ExpectedBand[]) => void }) {
  const { t } = useTranslation();
  const set = (i: number, change: Partial<ExpectedBand>) =>
    onChange(bands.map((b, k) => (k === i ? { ...b, ...change } : b)));
  const years = (months: number) => months / 12;
  const last = bands.at(-1)?.toMonths ?? 12;
  return (
    <fieldset data-expected>
      <legend className="font-bold">{t("expected.title")}</legend>
      <p className="quiet text-[13px]">{t("expected.why")}</p>
      {bands.map((b, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a band has no name of its own
        <div key={i} className="mt-1 flex flex-wrap items-center gap-2">
          <input
            type="number"
            min={0.5}
            max={8}
            step={0.5}
            className="input input-sm w-20"
            aria-label={t("expected.from")}
            value={years(b.fromMonths)}
            onChange={(e) => set(i, { fromMonths: Math.round(12 * Number(e.target.value)) })}
          />
          {t("expected.to")}
          <input
            type="number"
            min={1}
            max={9}
            step={0.5}
            className="input input-sm w-20"
            aria-label={t("expected.upTo")}
            value={years(b.toMonths)}
            onChange={(e) => set(i, { toMonths: Math.round(12 * Number(e.target.value)) })}
          />
          {t("expected.years")}
          <input
            type="number"
            min={0}
            max={100}
            className="input input-sm ml-4 w-20"
            aria-label={t("expected.children")}
            value={b.children}
            onChange={(e) => set(i, { children: Number(e.target.value) })}
          />
          {t("expected.children")}
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label={t("expected.remove")}
            onClick={() => onChange(bands.filter((_, k) => k !== i))}
          >
            <Trash2 size={15} aria-hidden="true" />
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        onClick={() =>
          onChange([...bands, { fromMonths: last, toMonths: Math.min(108, last + 12), children: 4, name: "" }])
        }
      >
        <Plus size={15} aria-hidden="true" /> {t("expected.add")}
      </button>
    </fieldset>
  );
}
