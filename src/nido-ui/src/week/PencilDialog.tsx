import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Strip } from "../api/client";
import { Dialog } from "../shared/Dialog";
import type { Place } from "./place";
import type { Changes } from "./useChanges";

/** As many letters as the house takes. */
const most = 80;

/** A title of one's own for what lies at a place, or the whole block in words of one's own. */
export function PencilDialog({
  place,
  strip,
  words,
  changes,
  onClose,
}: {
  place: Place;
  strip: Strip | undefined;
  words: string | undefined;
  changes: Changes;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const [title, setTitle] = useState(strip?.ownTitle ?? "");
  const [own, setOwn] = useState(words ?? "");
  return (
    <Dialog title={t("pencil.title")} onClose={onClose}>
      {strip && (
        <form
          className="mb-4"
          onSubmit={(e) => {
            e.preventDefault();
            changes.title(place, title);
            onClose();
          }}
        >
          <label className="block">
            <b>{t("pencil.ownTitle")}</b>
            <input
              className="input w-full"
              value={title}
              placeholder={strip.title}
              maxLength={most}
              onChange={(e) => setTitle(e.target.value)}
            />
          </label>
          <p className="quiet my-1 text-[13px]">{t("pencil.ownTitleHelp")}</p>
          <button type="submit" className="btn btn-primary btn-sm">
            {t("pencil.keep")}
          </button>
        </form>
      )}
      <form
        onSubmit={(e) => {
          e.preventDefault();
          changes.write(place, own);
          onClose();
        }}
      >
        <label className="block">
          <b>{t("pencil.words")}</b>
          <input
            className="input w-full"
            value={own}
            maxLength={most}
            required
            pattern=".*\S.*"
            onChange={(e) => setOwn(e.target.value)}
          />
        </label>
        <p className="quiet my-1 text-[13px]">{t("pencil.wordsHelp")}</p>
        <button type="submit" className={`btn btn-sm ${strip ? "btn-outline" : "btn-primary"}`}>
          {t("pencil.write")}
        </button>
      </form>
    </Dialog>
  );
}
