import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

/**
 * What is read and sung from: the greeting where the day begins, the day's part of the story and the rhyme in the circle, the
 * farewell where it ends.
 */
export function Read({
  read,
  kind,
  isFirst,
  isLast,
}: {
  read: Schemas["ReadToday"];
  kind: Schemas["BlockKind"];
  isFirst: boolean;
  isLast: boolean;
}) {
  const { t } = useTranslation();
  return (
    <div className="px-4" data-read>
      {isFirst && read.greeting && (
        <p className="mb-2 text-base">
          <b>{t("read.greeting")}</b> {read.greeting}
        </p>
      )}
      {kind === "circle" && (
        <div className="mb-2 grid gap-3 rounded-[10px] border border-base-300 bg-base-100 p-3 lg:grid-cols-[2fr_1fr]">
          <section>
            <h3 className="font-bold text-base">
              {read.part > 0 ? t("read.part", { part: read.part, of: read.of }) : t("read.story")}
            </h3>
            {read.story.map((p) => (
              <p key={p} className="mb-1">
                {p}
              </p>
            ))}
          </section>
          <section>
            <h3 className="font-bold text-base">{t("read.rhyme")}</h3>
            {read.rhyme.map((line) => (
              <p key={line}>{line}</p>
            ))}
          </section>
        </div>
      )}
      {isLast && read.farewell && (
        <p className="mb-2 text-base">
          <b>{t("read.farewell")}</b> {read.farewell}
        </p>
      )}
    </div>
  );
}
