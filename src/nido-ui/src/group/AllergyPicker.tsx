import { CircleAlert, X } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type ReadWord } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { useAllergens } from "./useAllergens";

export interface Allergies {
  known: string[];
  unknown: string[];
  /** What is written and not read yet. */
  text: string;
  /** A word so near a known one that it may be meant. */
  asked: ReadWord | null;
}

/** Allergies of a child: picked from the list or written; every word is read, asked back, or kept and loud. */
export function AllergyPicker({ value, onChange }: { value: Allergies; onChange: (a: Allergies) => void }) {
  const { t } = useTranslation();
  const { name, published, craft } = useAllergens();
  const { take, error } = useReadAllergies(value, onChange);
  const [open, setOpen] = useState(false);
  const toggle = (id: string) =>
    onChange({
      ...value,
      known: value.known.includes(id) ? value.known.filter((k) => k !== id) : [...value.known, id],
    });
  return (
    <fieldset className="col-span-2" data-allergies>
      <legend className="font-bold">{t("allergy.title")}</legend>
      <ul className="my-1 flex flex-wrap gap-1.5">
        {value.known.map((id) => (
          <li key={id}>
            <button
              type="button"
              className="btn btn-outline btn-sm"
              aria-label={t("allergy.remove", { name: name(id) })}
              onClick={() => toggle(id)}
            >
              {name(id)} <X size={14} aria-hidden="true" />
            </button>
          </li>
        ))}
        {value.unknown.map((word) => (
          <li key={word}>
            <button
              type="button"
              className="btn btn-outline btn-warning btn-sm"
              aria-label={t("allergy.remove", { name: word })}
              onClick={() => onChange({ ...value, unknown: value.unknown.filter((w) => w !== word) })}
            >
              “{word}” <X size={14} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <div className="flex gap-2">
        <input
          className="input w-full"
          aria-label={t("allergy.write")}
          placeholder={t("allergy.example")}
          maxLength={300}
          value={value.text}
          onChange={(e) => onChange({ ...value, text: e.target.value, asked: null })}
          onKeyDown={(e) => {
            if (e.key === "Enter") {
              e.preventDefault();
              void take();
            }
          }}
        />
        <button type="button" className="btn btn-outline" onClick={() => void take()} disabled={!value.text.trim()}>
          {t("allergy.add")}
        </button>
      </div>
      <div aria-live="polite">
        {value.asked && (
          <p className="mt-1 flex flex-wrap items-center gap-2" data-asked>
            {t("allergy.didYouMean", { word: value.asked.word })}
            {value.asked.didYouMean.map((id) => (
              <button
                key={id}
                type="button"
                className="btn btn-primary btn-sm"
                onClick={() => onChange({ ...value, known: [...new Set([...value.known, id])], text: "", asked: null })}
              >
                {name(id)}
              </button>
            ))}
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() =>
                onChange({ ...value, unknown: [...value.unknown, value.asked?.word ?? ""], text: "", asked: null })
              }
            >
              {t("allergy.keep", { word: value.asked.word })}
            </button>
          </p>
        )}
        {value.unknown.length > 0 && (
          <p className="mt-1 flex gap-2 font-bold text-warning" data-unread>
            <CircleAlert size={18} className="mt-0.5 shrink-0" aria-hidden="true" />
            {t("allergy.unread", { words: value.unknown.map((w) => `“${w}”`).join(", ") })}
          </p>
        )}
      </div>
      <ErrorNote error={error} />
      <details className="mt-1" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
        <summary className="inline-flex min-h-8 cursor-pointer items-center">{t("allergy.list")}</summary>
        {[
          { head: t("allergy.published"), ids: published },
          { head: t("allergy.craft"), ids: craft },
        ].map((group) => (
          <div key={group.head} className="mb-1">
            <p className="quiet text-[13px]">{group.head}</p>
            <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-4">
              {group.ids.map((id) => (
                <label key={id} className="flex min-h-8 items-center gap-2">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    checked={value.known.includes(id)}
                    onChange={() => toggle(id)}
                  />
                  {name(id)}
                </label>
              ))}
            </div>
          </div>
        ))}
      </details>
    </fieldset>
  );
}

/** Reads what is written with the vocabulary of the house; answers what is to be kept, or null while something is asked back. */
export function useReadAllergies(value: Allergies, onChange: (a: Allergies) => void) {
  const read = $api.useMutation("post", "/api/allergens/read");
  const take = async (): Promise<Allergies | null> => {
    if (!value.text.trim()) {
      return value;
    }
    const { words, unknown, asked, allergens } = await read.mutateAsync({ body: { text: value.text } });
    const near = asked[0] ?? null;
    const kept: Allergies = {
      known: [...new Set([...value.known, ...allergens])],
      unknown: [...new Set([...value.unknown, ...unknown.filter((w) => !asked.some((a) => a.word === w))])],
      text: asked.map((a) => a.word).join(", "),
      asked: near,
    };
    onChange(words.length === 0 ? { ...value, text: "" } : kept);
    return near ? null : kept;
  };
  return { take, error: read.error };
}
