import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { dayAndMonth } from "../shared/dates";
import { plain } from "../shared/figures";
import { GripDrawing } from "../today/GripDrawing";

/** What a child loves, its own best at games, and how it held tools. Never beside another child. */
export function Likes({ child }: { child: Schemas["ChildJournal"] }) {
  const { t } = useTranslation();
  // Only where the way of holding changed: the same grip week after week says nothing new.
  const grips = child.grips.filter(
    (g, i) => child.grips.slice(i + 1).find((x) => x.ladder === g.ladder)?.grip !== g.grip,
  );
  if (child.loves.length + child.games.length + grips.length === 0) {
    return null;
  }
  return (
    <section className="card-paper break-inside-avoid p-3" data-likes>
      {child.loves.length > 0 && (
        <>
          <h3 className="font-bold">{t("likes.title", { name: child.name })}</h3>
          <ul>
            {child.loves.map((l) => (
              <li key={l.idea}>{t("likes.stays", { idea: l.idea, minutes: l.minutes, count: l.times })}</li>
            ))}
          </ul>
        </>
      )}
      {child.games.length > 0 && (
        <>
          <h3 className="mt-2 font-bold">{t("likes.best")}</h3>
          <ul>
            {child.games.map((g) => (
              <li key={g.idea}>
                {t("likes.game", { idea: g.idea, hits: g.best.hits, tries: g.best.tries })}
                {g.best.distance && ` ${t("tally.from", { metres: plain(g.best.distance / 1000) })}`}
              </li>
            ))}
          </ul>
        </>
      )}
      {grips.length > 0 && (
        <>
          <h3 className="mt-2 font-bold">{t("likes.grips")}</h3>
          <ul className="flex flex-wrap gap-3">
            {grips.map((g) => (
              <li key={`${g.on} ${g.ladder}`} className="w-32 text-[13px]">
                <GripDrawing ladder={g.ladder} grip={g.grip} />
                {t("likes.since", { day: dayAndMonth(g.on) })} {g.name}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
