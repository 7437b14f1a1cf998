import { useQueryClient } from "@tanstack/react-query";
import { useDeferredValue, useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { $api, type Problem, type ThemeDraft } from "../../api/client";
import { BothEditions } from "../../shared/BothEditions";
import { readAgain } from "../../shared/changed";
import { ErrorNote } from "../../shared/ErrorNote";
import { Labelled, Refused } from "../../shared/form";
import { Gently, Skeleton } from "../../shared/Skeleton";
import { useEdition } from "../../shared/useEdition";
import { useWeek } from "../../shared/useWeek";
import { useSorted } from "../../words/useSorted";
import { Books } from "./Books";
import { TextLines } from "./TextLines";
import { ThemeWord } from "./ThemeWord";
import { type Picture, usePictures } from "./usePictures";

const slots = [
  "small",
  "smalls",
  "flat",
  "flats",
  "long",
  "holder",
  "place",
  "who",
  "route",
  "vehicle",
  "load",
  "sheet",
  "mark",
  "call",
] as const;

const none: Picture[] = [];

/** A theme being written: what it says on the left, its words with pictures on the right. */
export function ThemeForm({ id, draft: first, own }: { id: string | null; draft: ThemeDraft; own: boolean }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { weekId } = useWeek();
  const [draft, setDraft] = useState(first);
  const [text, setText] = useState(first.words.join(", "));
  // Read again, in another language or from another hand, a form nobody wrote in yet shows what was read.
  const [read, setRead] = useState(first);
  if (read !== first) {
    setRead(first);
    if (draft === read && text === read.words.join(", ")) {
      setDraft(first);
      setText(first.words.join(", "));
    }
  }
  const set = (change: Partial<ThemeDraft>) => setDraft((d) => ({ ...d, ...change }));
  const words = text
    .split(/[,;\n]+/)
    .map((w) => w.trim())
    .filter(Boolean);
  const asked = useDeferredValue({ words, letter: draft.letter, language: draft.language ?? "en" });
  const sorted = useSorted(asked.words, asked.letter, asked.language);
  // Thirty pictures are looked for among thousands: between two presses, not before the next.
  const pictures = useDeferredValue(usePictures().data);
  const add = $api.useMutation("post", "/api/themes");
  const change = $api.useMutation("put", "/api/themes/{themeId}");
  const edition = useEdition(`/api/themes/${id}`);
  const { renew } = edition;
  useEffect(() => {
    if (draft === first) {
      renew();
    }
  }, [draft, first, renew]);
  const keep = async (merged?: ThemeDraft) => {
    const body = merged ?? { ...draft, words };
    const kept =
      own && id !== null
        ? await change.mutateAsync({ params: { path: { themeId: id } }, headers: edition.ifMatch(), body })
        : await add.mutateAsync({ body });
    edition.renew();
    await readAgain(queries, "theme");
    navigate(`/w/${weekId}/ideas/theme/${kept.id}`);
  };
  // As high as the words will be, so that nothing moves when they come.
  const toCome = (
    <div style={{ height: 53 * words.length }}>
      <Skeleton lines={8} />
    </div>
  );
  return (
    <form
      className="pane grid min-h-0 flex-1 grid-cols-[minmax(380px,1fr)_1.1fr] max-lg:grid-cols-1 max-lg:overflow-auto"
      onSubmit={(e) => {
        e.preventDefault();
        void keep().catch(() => undefined);
      }}
      data-theme-form
    >
      <Refused error={add.error ?? change.error}>
        <section
          className="pane flex flex-col gap-3 overflow-auto border-base-300 border-r p-4"
          aria-label={t("theme.says")}
        >
          {!own && <p className="quiet">{t("theme.shipped")}</p>}
          <div className="grid grid-cols-[1fr_auto_auto_auto] gap-3 max-md:grid-cols-3 max-md:[&>:first-child]:col-span-3">
            <Labelled name="name" label={t("theme.name")}>
              <input
                className="input w-full"
                value={draft.name}
                onChange={(e) => set({ name: e.target.value })}
                data-theme-name
              />
            </Labelled>
            <Labelled name="letter" label={t("words.letter")}>
              <input
                className="input child w-16 text-center text-xl"
                maxLength={1}
                value={draft.letter}
                onChange={(e) => set({ letter: e.target.value })}
                data-theme-letter
              />
            </Labelled>
            <Labelled name="numbersTo" label={t("theme.numbers")}>
              <input
                type="number"
                className="input w-20"
                value={draft.numbersTo ?? 5}
                onChange={(e) => set({ numbersTo: Number(e.target.value) })}
              />
            </Labelled>
            <Labelled name="olderNumbersTo" label={t("theme.older")}>
              <input
                type="number"
                className="input w-20"
                value={draft.olderNumbersTo ?? 10}
                onChange={(e) => set({ olderNumbersTo: Number(e.target.value) })}
              />
            </Labelled>
          </div>
          <Labelled name="words" label={t("theme.words")}>
            <textarea
              className="textarea h-24 w-full"
              value={text}
              onChange={(e) => setText(e.target.value)}
              data-theme-words
            />
          </Labelled>
          <label className="flex flex-wrap items-center gap-2">
            {t("words.language")}
            <select
              className="select select-sm w-40"
              value={draft.language ?? "en"}
              onChange={(e) => set({ language: e.target.value })}
            >
              <option value="en">English</option>
              <option value="es">Español</option>
            </select>
          </label>
          <TextLines label={t("theme.sayings")} lines={draft.sayings} comma onChange={(sayings) => set({ sayings })} />
          <TextLines
            label={t("theme.questions")}
            lines={draft.questions}
            onChange={(questions) => set({ questions })}
          />
          <TextLines label={t("theme.rhyme")} lines={draft.rhyme} onChange={(rhyme) => set({ rhyme })} />
          {(["greeting", "farewell", "story"] as const).map((k) => (
            <label key={k} className="flex flex-col gap-1">
              {t(`theme.${k}`)}
              <textarea
                className="textarea h-16 w-full"
                value={draft[k] ?? ""}
                onChange={(e) => set({ [k]: e.target.value })}
              />
            </label>
          ))}
          <Books books={draft.books ?? []} onChange={(books) => set({ books })} />
          <details>
            <summary className="cursor-pointer">{t("theme.slots")}</summary>
            <p className="quiet text-[13px]">{t("theme.slotsWhy")}</p>
            <div className="mt-1 grid grid-cols-3 gap-2">
              {slots.map((s) => (
                <label key={s} className="flex flex-col text-[13px]">
                  {t(`theme.slot.${s}`)}
                  <input
                    className="input input-sm w-full"
                    value={draft.slots?.[s] ?? ""}
                    onChange={(e) => set({ slots: { ...draft.slots, [s]: e.target.value } })}
                  />
                </label>
              ))}
            </div>
          </details>
        </section>
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a list longer than the screen is scrolled with the arrows */}
        <section className="pane flex flex-col overflow-auto p-4" aria-label={t("theme.wordsSorted")} tabIndex={0}>
          <div className="mb-2 flex flex-wrap items-center gap-3">
            <h2 className="mr-auto">
              {t("theme.wordsSorted")} <span className="quiet font-normal">{words.length}</span>
            </h2>
            <button type="submit" className="btn btn-primary btn-sm">
              {t(own ? "theme.keep" : "theme.keepOwn")}
            </button>
          </div>
          {(change.error as Problem | null)?.current && (
            <BothEditions
              error={{ current: (change.error as unknown as { current: { draft: unknown } }).current.draft }}
              opened={{ ...first }}
              mine={{ ...draft, words }}
              labels={{ name: t("theme.name") }}
              onMine={(merged) => {
                edition.renew();
                setDraft(merged as unknown as ThemeDraft);
                setText((merged as unknown as ThemeDraft).words.join(", "));
                void keep(merged as unknown as ThemeDraft).catch(() => undefined);
              }}
              onTheirs={(current) => {
                edition.renew();
                change.reset();
                setDraft(current as unknown as ThemeDraft);
                setText((current as unknown as ThemeDraft).words.join(", "));
              }}
            />
          )}
          <ErrorNote
            error={
              add.error ??
              ((change.error as Problem | null)?.current ? null : change.error) ??
              (words.length > 0 && draft.letter ? sorted.error : null)
            }
          />
          {words.length > 0 && sorted.isLoading && toCome}
          {words.length > 0 && sorted.data && (
            <Gently until={toCome}>
              <ul>
                {sorted.data.map((w) => (
                  <ThemeWord key={w.word} word={w} draft={draft} pictures={pictures ?? none} onChange={set} />
                ))}
              </ul>
            </Gently>
          )}
          {!sorted.isLoading && <p className="quiet mt-2 text-[13px]">{t("theme.credit")}</p>}
        </section>
      </Refused>
    </form>
  );
}
