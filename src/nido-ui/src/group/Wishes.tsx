import { Trash2 } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Group } from "../api/client";

/** How station groups are formed, and who is to be together or apart. */
export function Wishes({
  group,
  onGrouping,
  onWishes,
}: {
  group: Group;
  onGrouping: (g: Group["settings"]["grouping"]) => void;
  onWishes: (w: NonNullable<Group["wishes"]>) => void;
}) {
  const { t } = useTranslation();
  const [one, setOne] = useState("");
  const [other, setOther] = useState("");
  const wishes = group.wishes ?? [];
  const name = (id: string) => group.children.find((c) => c.id === id)?.name ?? "";
  const add = (together: boolean) => {
    onWishes([...wishes, { childId: one, otherId: other, together }]);
    setOne("");
    setOther("");
  };
  const choice = (label: string, value: string, set: (id: string) => void, not: string) => (
    <select className="select select-sm w-40" aria-label={label} value={value} onChange={(e) => set(e.target.value)}>
      <option value="">{label}</option>
      {group.children
        .filter((c) => c.id !== not)
        .map((c) => (
          <option key={c.id} value={c.id}>
            {c.name}
          </option>
        ))}
    </select>
  );
  return (
    <fieldset>
      <legend className="font-bold">{t("rota.settings")}</legend>
      <label className="mt-1 flex flex-wrap items-center gap-2">
        {t("rota.grouping")}
        <select
          className="select select-sm w-72"
          value={group.settings.grouping}
          onChange={(e) => onGrouping(e.target.value as Group["settings"]["grouping"])}
        >
          <option value="nearSteps">{t("rota.nearSteps")}</option>
          <option value="mixed">{t("rota.mixed")}</option>
        </select>
        <span className="quiet text-[13px]">{t("rota.groupingWhy")}</span>
      </label>
      {wishes.map((w) => (
        <p key={`${w.childId} ${w.otherId}`} className="mt-1 flex items-center gap-2">
          {t(w.together ? "rota.areTogether" : "rota.areApart", { one: name(w.childId), other: name(w.otherId) })}
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={t("rota.removeWish", { one: name(w.childId), other: name(w.otherId) })}
            onClick={() => onWishes(wishes.filter((x) => x !== w))}
          >
            <Trash2 size={14} aria-hidden="true" />
          </button>
        </p>
      ))}
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {choice(t("rota.one"), one, setOne, other)}
        {choice(t("rota.other"), other, setOther, one)}
        <button type="button" className="btn btn-outline btn-sm" disabled={!one || !other} onClick={() => add(true)}>
          {t("rota.together")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" disabled={!one || !other} onClick={() => add(false)}>
          {t("rota.apart")}
        </button>
      </div>
    </fieldset>
  );
}
