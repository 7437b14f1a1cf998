import { useTranslation } from "react-i18next";
import type { IdeaCardData } from "../api/client";

/** What is said and read beside an idea; at a circle the theme's own routines, rhyme and books. */
export function Talk({ talk }: { talk: IdeaCardData["talk"] }) {
  const { t } = useTranslation();
  return (
    <div className="my-2 space-y-1" data-talk>
      {talk.greeting && (
        <p>
          <b>{t("talk.greeting")}</b> {talk.greeting}
        </p>
      )}
      {talk.story && (
        <p>
          <b>{t("talk.story")}</b> {talk.story}
        </p>
      )}
      {talk.books.map((b) => (
        <p key={b.title}>
          <b>{t("talk.book")}</b> <i>{b.title}</i>, {b.minutes} min
          {b.onShelf ? "" : ` · ${t("talk.notThere")} ${b.instead}`}
        </p>
      ))}
      {talk.rhyme.length > 0 && (
        <p>
          <b>{t("talk.rhyme")}</b> {talk.rhyme.join(" ")}
        </p>
      )}
      {talk.sayings.length > 0 && (
        <p>
          <b>{t("talk.words")}</b> {talk.sayings.join(", ")}
        </p>
      )}
      {talk.questions.length > 0 && (
        <p>
          <b>{t("talk.ask")}</b> {talk.questions.join(" ")}
        </p>
      )}
      {talk.farewell && (
        <p>
          <b>{t("talk.farewell")}</b> {talk.farewell}
        </p>
      )}
    </div>
  );
}
