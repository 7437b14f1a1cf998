import { ImageOff, TriangleAlert } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { SortedWord, ThemeDraft } from "../../api/client";
import { type Picture, pictureOf, picturesFor } from "./usePictures";

const fits: SortedWord["fit"][] = ["clear", "blendOrDigraph", "otherSound", "hidden", "otherLetter", "notThis"];

/** A word of the theme: its picture, how it begins, and where no dictionary knows it, what an adult says of it. */
export function ThemeWord({
  word,
  draft,
  pictures,
  onChange,
}: {
  word: SortedWord;
  draft: ThemeDraft;
  pictures: Picture[];
  onChange: (change: Partial<ThemeDraft>) => void;
}) {
  const { t } = useTranslation();
  const [find, setFind] = useState("");
  const [open, setOpen] = useState(false);
  const chosen = draft.pictures?.[word.word];
  const picture = chosen ?? pictureOf(word.word, pictures, draft.language)?.id;
  const choose = (id: string) => {
    onChange({ pictures: { ...draft.pictures, [word.word]: id } });
    setOpen(false);
  };
  const misleads = word.fit === "otherSound" || word.fit === "hidden";
  return (
    <li className="border-base-300 border-t py-1" data-word={word.word}>
      <div className="flex items-center gap-3">
        <button
          type="button"
          className="flex size-11 shrink-0 cursor-pointer items-center justify-center rounded-md border border-base-300 bg-white"
          aria-expanded={open}
          aria-label={t("theme.pictureOf", { word: word.word })}
          onClick={() => setOpen(!open)}
        >
          {picture && picture !== "none" ? (
            <img src={`/pictures/${picture}.svg`} alt="" className="size-9" />
          ) : (
            <ImageOff size={18} className="text-[#1F2F36]" aria-hidden="true" />
          )}
        </button>
        <span className="child w-32 shrink-0 text-lg">{word.word}</span>
        <span className="min-w-0 flex-1 text-[13px]">
          {misleads && (
            <TriangleAlert size={13} className="mr-1 inline text-warning" aria-label={t("words.misleads")} />
          )}
          {word.fit === "unknown" || (!word.said && draft.fits?.[word.word]) ? (
            <label className="flex flex-wrap items-center gap-2">
              <span className="text-warning">{t("theme.notKnown")}</span>
              <select
                className="select select-xs w-56"
                value={draft.fits?.[word.word] ?? ""}
                onChange={(e) =>
                  onChange({ fits: { ...draft.fits, [word.word]: e.target.value as SortedWord["fit"] } })
                }
              >
                <option value="">{t("theme.sayHow")}</option>
                {fits.map((f) => (
                  <option key={f} value={f}>
                    {t(`words.fit.${f}`, { letter: draft.letter.toUpperCase() })}
                  </option>
                ))}
              </select>
            </label>
          ) : (
            <>
              {t(`words.fit.${word.fit}`, { letter: draft.letter.toUpperCase() })}
              {word.said ? ` · ${t("words.beats", { count: word.said.syllables })}` : ""}
              {word.rhymes.length > 0 ? ` · ${t("words.rhymes", { words: word.rhymes.join(", ") })}` : ""}
            </>
          )}
        </span>
      </div>
      {open && (
        <div className="mt-1 rounded-[10px] border border-base-300 p-2">
          <div className="flex gap-2">
            <input
              className="input input-sm w-56"
              aria-label={t("theme.findPicture")}
              placeholder={t("theme.findPicture")}
              value={find}
              onChange={(e) => setFind(e.target.value)}
            />
            <button type="button" className="btn btn-ghost btn-sm" onClick={() => choose("none")}>
              {t("theme.withoutPicture")}
            </button>
          </div>
          <div className="mt-1 flex flex-wrap gap-1">
            {picturesFor(find || word.word, pictures, draft.language)
              .slice(0, 14)
              .map((p) => (
                <button
                  key={p.id}
                  type="button"
                  className="size-11 cursor-pointer rounded-md border border-base-300 bg-white p-1"
                  title={p.name}
                  aria-label={p.name}
                  onClick={() => choose(p.id)}
                >
                  <img src={`/pictures/${p.id}.svg`} alt="" />
                </button>
              ))}
          </div>
        </div>
      )}
    </li>
  );
}
