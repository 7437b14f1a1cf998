import { useTranslation } from "react-i18next";
import { $api, type WrittenPlan } from "../api/client";

/** What a child's written plan allows in spite of an allergy: one material, with date, wording and who entered it. */
export function PlanRows({
  plans,
  adults,
  onChange,
}: {
  plans: WrittenPlan[];
  adults: string[];
  onChange: (plans: WrittenPlan[]) => void;
}) {
  const { t } = useTranslation();
  const materials = $api.useQuery("get", "/api/materials", {}, { staleTime: Number.POSITIVE_INFINITY }).data ?? [];
  const held = materials.filter((m) => m.contains.length + m.mayContain.length + m.held.length > 0);
  const set = (at: number, change: Partial<WrittenPlan>) =>
    onChange(plans.map((p, i) => (i === at ? { ...p, ...change } : p)));
  return (
    <fieldset className="col-span-2" data-plans>
      <legend className="font-bold">{t("plan.title")}</legend>
      <p className="quiet text-[13px]">{t("plan.what")}</p>
      {plans.map((p, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a row has no name of its own until it is saved
        <div key={at} className="my-1 grid grid-cols-2 gap-2 sm:grid-cols-[2fr_1fr_1fr_2fr_auto]">
          <select
            className="select select-sm w-full"
            aria-label={t("plan.material")}
            required
            value={p.materialId}
            onChange={(e) => set(at, { materialId: e.target.value })}
          >
            <option value="">{t("plan.material")}</option>
            {held.map((m) => (
              <option key={m.id} value={m.id}>
                {m.name}
              </option>
            ))}
          </select>
          <input
            type="date"
            className="input input-sm w-full"
            aria-label={t("plan.on")}
            required
            value={p.on}
            onChange={(e) => set(at, { on: e.target.value })}
          />
          <select
            className="select select-sm w-full"
            aria-label={t("plan.adult")}
            value={p.adult}
            onChange={(e) => set(at, { adult: e.target.value })}
          >
            {[...new Set([p.adult, ...adults])].filter(Boolean).map((a) => (
              <option key={a}>{a}</option>
            ))}
          </select>
          <input
            className="input input-sm w-full"
            aria-label={t("plan.wording")}
            placeholder={t("plan.example")}
            required
            minLength={3}
            maxLength={200}
            value={p.wording}
            onChange={(e) => set(at, { wording: e.target.value })}
          />
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => onChange(plans.filter((_, i) => i !== at))}
          >
            {t("plan.remove")}
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-outline btn-sm mt-1"
        onClick={() => onChange([...plans, { materialId: "", adult: adults[0] ?? "", on: "", wording: "" }])}
      >
        {t("plan.add")}
      </button>
    </fieldset>
  );
}
