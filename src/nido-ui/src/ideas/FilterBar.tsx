import { useTranslation } from "react-i18next";
import type { Block, IdeaName } from "../api/client";
import { choices, everything, type IdeaFilter } from "./filter";

const ages = [0, 1, 2, 3, 4, 5, 6];
const minutes = [8, 10, 15, 20];
const messes = [0, 1, 2];

/** What ideas are looked for by: words and choices; only strands and places that some idea has. */
export function FilterBar({
  ideas,
  filter,
  onChange,
}: {
  ideas: readonly IdeaName[];
  filter: IdeaFilter;
  onChange: (filter: IdeaFilter) => void;
}) {
  const { t } = useTranslation();
  const strands = [...new Set(ideas.flatMap((i) => i.strands))]
    .map((id) => ({ id, name: t(`strand.${id as "pinch"}`) }))
    .toSorted((a, b) => a.name.localeCompare(b.name));
  const places = [...new Set(ideas.flatMap((i) => i.places))];
  const number = (value: string) => (value === "" ? null : Number(value));
  return (
    <fieldset className="flex flex-wrap items-center gap-2 border-base-300 border-b px-4 py-1.5">
      <legend className="sr-only">{t("ideas.filter.title")}</legend>
      <input
        data-find
        className="input input-sm w-44"
        placeholder={t("ideas.find")}
        aria-label={t("ideas.find")}
        value={filter.words}
        onChange={(e) => onChange({ ...filter, words: e.target.value })}
      />
      <Choice
        label={t("ideas.filter.age")}
        value={filter.age}
        onChange={(v) => onChange({ ...filter, age: number(v) })}
      >
        {ages.map((a) => (
          <option key={a} value={a}>
            {t("ideas.filter.years", { count: a })}
          </option>
        ))}
      </Choice>
      <Choice
        label={t("ideas.filter.strand")}
        value={filter.strand}
        onChange={(v) => onChange({ ...filter, strand: v || null })}
      >
        {strands.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name}
          </option>
        ))}
      </Choice>
      <Choice
        label={t("ideas.filter.place")}
        value={filter.place}
        onChange={(v) => onChange({ ...filter, place: v || null })}
      >
        {places.map((p) => (
          <option key={p} value={p}>
            {t(`blockKind.${p as Block["kind"]}`)}
          </option>
        ))}
      </Choice>
      <Choice
        label={t("ideas.filter.minutes")}
        value={filter.minutes}
        onChange={(v) => onChange({ ...filter, minutes: number(v) })}
      >
        {minutes.map((m) => (
          <option key={m} value={m}>
            {t("ideas.filter.upTo", { count: m })}
          </option>
        ))}
      </Choice>
      <Choice
        label={t("ideas.filter.mess")}
        value={filter.mess}
        onChange={(v) => onChange({ ...filter, mess: number(v) })}
      >
        {messes.map((m) => (
          <option key={m} value={m}>
            {t(`ideas.filter.messes.${m as 0}`)}
          </option>
        ))}
      </Choice>
      <label className="flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={filter.nothingToBuy}
          onChange={(e) => onChange({ ...filter, nothingToBuy: e.target.checked })}
        />
        {t("ideas.filter.nothingToBuy")}
      </label>
      {choices(filter) > 0 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => onChange({ ...everything, words: filter.words })}
        >
          {t("ideas.filter.clear")}
        </button>
      )}
    </fieldset>
  );
}

function Choice({
  label,
  value,
  onChange,
  children,
}: {
  label: string;
  value: string | number | null;
  onChange: (value: string) => void;
  children: React.ReactNode;
}) {
  return (
    <select
      className={`select select-sm w-auto ${value === null ? "" : "border-2 border-base-content"}`}
      aria-label={label}
      value={value ?? ""}
      onChange={(e) => onChange(e.target.value)}
    >
      <option value="">{label}</option>
      {children}
    </select>
  );
}
