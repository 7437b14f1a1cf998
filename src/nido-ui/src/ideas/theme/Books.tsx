import { Plus, Trash2 } from "lucide-react";
import { useTranslation } from "react-i18next";
import type { Book } from "../../api/client";

/** Books of a theme: there or not, how long, and what to tell instead. */
export function Books({ books, onChange }: { books: Book[]; onChange: (b: Book[]) => void }) {
  const { t } = useTranslation();
  const set = (i: number, change: Partial<Book>) => onChange(books.map((b, k) => (k === i ? { ...b, ...change } : b)));
  return (
    <fieldset>
      <legend>{t("theme.books")}</legend>
      {books.map((b, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a book has no name until it is written
        <div key={i} className="mt-1 flex flex-wrap items-center gap-2 border-base-300 border-t pt-1">
          <input
            className="input input-sm min-w-40 flex-1"
            aria-label={t("theme.bookTitle")}
            placeholder={t("theme.bookTitle")}
            value={b.title}
            onChange={(e) => set(i, { title: e.target.value })}
          />
          <label className="flex items-center gap-1">
            <input
              type="number"
              min={1}
              max={60}
              className="input input-sm w-16"
              value={b.minutes}
              onChange={(e) => set(i, { minutes: Number(e.target.value) })}
            />
            min
          </label>
          <label className="flex items-center gap-1">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={b.onShelf}
              onChange={(e) => set(i, { onShelf: e.target.checked })}
            />
            {t("theme.onShelf")}
          </label>
          {!b.onShelf && (
            <input
              className="input input-sm min-w-40 flex-1"
              aria-label={t("theme.instead")}
              placeholder={t("theme.instead")}
              value={b.instead}
              onChange={(e) => set(i, { instead: e.target.value })}
            />
          )}
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label={t("theme.removeBook", { title: b.title })}
            onClick={() => onChange(books.filter((_, k) => k !== i))}
          >
            <Trash2 size={15} aria-hidden="true" />
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        onClick={() => onChange([...books, { title: "", onShelf: true, minutes: 8, instead: "" }])}
      >
        <Plus size={15} aria-hidden="true" /> {t("theme.addBook")}
      </button>
    </fieldset>
  );
}
