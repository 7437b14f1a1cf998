import { ArrowLeft } from "lucide-react";
import { useDeferredValue, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { SortedWord } from "../api/client";
import { PrintLink } from "../paper/PrintLink";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import { useSorted } from "./useSorted";
import { WordRow } from "./WordRow";

const order: SortedWord["fit"][] = [
  "clear",
  "blendOrDigraph",
  "otherSound",
  "hidden",
  "otherLetter",
  "notThis",
  "unknown",
];

/** Words of the week sorted for a letter and its sound, with their beats and rhymes; the words can be one's own. */
export function WordsPage() {
  const { t, i18n } = useTranslation();
  const { week, weekId } = useWeek();
  const theme = week.data?.theme;
  const [own, setOwn] = useState<string | null>(null);
  const [letter, setLetter] = useState<string | null>(null);
  const [language, setLanguage] = useState(i18n.language.startsWith("es") && own !== null ? "es" : "en");
  const text = own ?? theme?.words.join(", ") ?? "";
  const asked = useDeferredValue({ text, letter: letter ?? theme?.letter ?? "", language });
  const sorted = useSorted(
    asked.text
      .split(/[,;\n]+/)
      .map((w) => w.trim())
      .filter(Boolean),
    asked.letter,
    asked.language,
  );
  const words = sorted.data ?? [];
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("words.title")}</h1>
        <span className="quiet place-said">{t("words.what")}</span>
        <PrintLink
          kind="word-cards"
          values={{ numbers: null, texts: null, lists: { words: words.map((w) => w.word) } }}
        />
        <Link to={`/w/${weekId}/ideas`} className="btn btn-outline btn-sm">
          <ArrowLeft size={16} aria-hidden="true" /> {t("places.ideas")}
        </Link>
      </header>
      <div className="pane grid min-h-0 flex-1 grid-cols-[330px_1fr] max-md:grid-cols-1">
        <section
          className="pane flex flex-col gap-3 overflow-auto border-base-300 border-r p-4"
          aria-label={t("words.asked")}
        >
          <label className="flex flex-col gap-1">
            {t("words.list")}
            <textarea
              className="textarea h-56 w-full"
              value={text}
              onChange={(e) => setOwn(e.target.value)}
              data-words
            />
          </label>
          <div className="flex gap-3">
            <label className="flex flex-col gap-1">
              {t("words.letter")}
              <input
                className="input w-20 text-center child text-xl"
                maxLength={1}
                value={letter ?? theme?.letter ?? ""}
                onChange={(e) => setLetter(e.target.value)}
              />
            </label>
            <label className="flex flex-1 flex-col gap-1">
              {t("words.language")}
              <select className="select w-full" value={language} onChange={(e) => setLanguage(e.target.value)}>
                <option value="en">English</option>
                <option value="es">Español</option>
              </select>
            </label>
          </div>
          {own !== null && (
            <button type="button" className="btn btn-ghost btn-sm self-start" onClick={() => setOwn(null)}>
              {t("words.theme", { theme: theme?.name })}
            </button>
          )}
          <ErrorNote error={sorted.error} />
          <p className="quiet text-[13px]">{t(language === "es" ? "words.sourceEs" : "words.sourceEn")}</p>
        </section>
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a list longer than the screen is scrolled with the arrows */}
        <section className="pane overflow-auto p-4" aria-label={t("words.sorted")} tabIndex={0}>
          <div className="grid gap-x-8 gap-y-4 xl:grid-cols-2">
            {order
              .map((fit) => ({ fit, of: words.filter((w) => w.fit === fit) }))
              .filter((g) => g.of.length > 0)
              .map((g) => (
                <section key={g.fit} data-fit={g.fit}>
                  <h2>
                    {t(`words.fit.${g.fit}`, { letter: asked.letter.toUpperCase() })}{" "}
                    <span className="quiet font-normal">{g.of.length}</span>
                  </h2>
                  <p className="quiet text-[13px]">{t(`words.why.${g.fit}`, { letter: asked.letter.toUpperCase() })}</p>
                  <ul>
                    {g.of.map((w) => (
                      <WordRow key={w.word} word={w} misleads={g.fit === "otherSound" || g.fit === "hidden"} />
                    ))}
                  </ul>
                </section>
              ))}
          </div>
        </section>
      </div>
    </main>
  );
}
