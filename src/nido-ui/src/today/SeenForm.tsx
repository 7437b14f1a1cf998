import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type HelpLevel, helpLevels, type Schemas } from "../api/client";
import { GripDrawing } from "./GripDrawing";

export type SeenMore = Pick<
  Schemas["ObservationBody"],
  "note" | "sign" | "tries" | "hits" | "minutes" | "hand" | "grip" | "tool"
>;

/** What signs and grips there are at a way of working: its own signs, else those of its ladder. */
export function useSigns(ladder: string, technique?: string) {
  const signs = $api.useQuery("get", "/api/signs-of-work", {}, { staleTime: Number.POSITIVE_INFINITY });
  const onLadder = signs.data?.signs.filter((s) => s.ladder === ladder) ?? [];
  const own = onLadder.filter((s) => s.technique === technique);
  return {
    signs: own.length > 0 ? own : onLadder.filter((s) => !s.technique),
    grips: signs.data?.grips.filter((g) => g.ladder === ladder) ?? [],
  };
}

const wholeOrNull = (text: string) => (text === "" ? null : Number(text));

/**
 * What was seen: a word for the help is enough, and keeps it at once. What went wrong comes with the one change; tries, minutes,
 * hand, grip, tool and a note go along where somebody adds them first.
 */
export function SeenForm({
  name,
  ladder,
  technique,
  onSee,
}: {
  name: string;
  ladder: string;
  technique: string;
  onSee: (help: HelpLevel, more: SeenMore) => void;
}) {
  const { t } = useTranslation();
  const { signs, grips } = useSigns(ladder, technique);
  const [more, setMore] = useState<SeenMore>({
    note: null,
    sign: null,
    tries: null,
    hits: null,
    minutes: null,
    hand: null,
    grip: null,
    tool: null,
  });
  const set = (change: Partial<SeenMore>) => setMore({ ...more, ...change });
  const sign = signs.find((s) => s.id === more.sign);
  return (
    <span className="my-1 flex flex-wrap gap-1.5" data-one-tap>
      {helpLevels.map((h) => (
        <button key={h} type="button" className="btn btn-outline h-11" onClick={() => onSee(h, more)}>
          {t(`help.${h}`)}
        </button>
      ))}
      <details className="w-full" data-more>
        <summary className="min-h-11 cursor-pointer py-2.5 text-base">{t("seen.more")}</summary>
        <input
          className="input mb-2 h-11 w-full text-base"
          aria-label={t("evidence.note", { name })}
          placeholder={t("evidence.note", { name })}
          maxLength={500}
          value={more.note ?? ""}
          onChange={(e) => set({ note: e.target.value || null })}
        />
        <fieldset className="mb-2">
          <legend className="text-base">{t("seen.sign")}</legend>
          <span className="flex flex-wrap gap-1.5">
            {signs.map((s) => (
              <button
                key={s.id}
                type="button"
                aria-pressed={more.sign === s.id}
                className={`btn h-11 text-base ${more.sign === s.id ? "btn-primary" : "btn-outline"}`}
                onClick={() => set({ sign: more.sign === s.id ? null : s.id })}
              >
                {s.seen}
              </button>
            ))}
          </span>
          {sign && (
            <p className="mt-1 rounded-[10px] bg-secondary px-2 py-1 text-base" data-change>
              <b>{t("seen.change")}</b> {sign.change}
            </p>
          )}
        </fieldset>
        {grips.length > 0 && (
          <fieldset className="mb-2">
            <legend className="text-base">{t("seen.grip")}</legend>
            <span className="flex flex-wrap gap-1.5">
              {grips.map((g) => (
                <button
                  key={g.id}
                  type="button"
                  aria-pressed={more.grip === g.id}
                  className={`btn h-auto w-32 flex-col gap-0 py-1 font-normal text-sm leading-tight ${more.grip === g.id ? "btn-primary" : "btn-outline"}`}
                  onClick={() => set({ grip: more.grip === g.id ? null : g.id })}
                >
                  <GripDrawing ladder={g.ladder} grip={g.id} />
                  {g.name}
                </button>
              ))}
            </span>
          </fieldset>
        )}
        <span className="flex flex-wrap items-end gap-2 text-base">
          <Few label={t("seen.tries")} most={200} value={more.tries} onChange={(tries) => set({ tries })} />
          <Few label={t("seen.hits")} most={200} value={more.hits} onChange={(hits) => set({ hits })} />
          <Few label={t("seen.minutes")} most={180} value={more.minutes} onChange={(minutes) => set({ minutes })} />
          <label className="flex flex-col">
            {t("seen.hand")}
            <select
              className="select h-11 w-32"
              value={more.hand ?? ""}
              onChange={(e) => set({ hand: (e.target.value || null) as SeenMore["hand"] })}
            >
              <option value="">{t("seen.notLooked")}</option>
              <option value="right">{t("hand.right")}</option>
              <option value="left">{t("hand.left")}</option>
            </select>
          </label>
          <label className="flex flex-col">
            {t("seen.tool")}
            <input
              className="input h-11 w-40"
              maxLength={60}
              value={more.tool ?? ""}
              onChange={(e) => set({ tool: e.target.value || null })}
            />
          </label>
        </span>
      </details>
    </span>
  );
}

function Few({
  label,
  most,
  value,
  onChange,
}: {
  label: string;
  most: number;
  value: number | null | undefined;
  onChange: (value: number | null) => void;
}) {
  return (
    <label className="flex flex-col">
      {label}
      <input
        type="number"
        inputMode="numeric"
        className="input h-11 w-20"
        min={0}
        max={most}
        value={value ?? ""}
        onChange={(e) => onChange(wholeOrNull(e.target.value))}
      />
    </label>
  );
}
