import { ChevronLeft, ChevronRight } from "lucide-react";
import { useTranslation } from "react-i18next";
import { Marks } from "./Marks";
import { Rungs } from "./Rungs";
import type { StepsOfGroup } from "./StepsGrid";

/** On a phone: one child at a time, its ladders in full words, each opening in its place; the next child is a press away. */
export function OneChild({ group, steps, cell, onCell, onChild, children }: StepsOfGroup) {
  const { t } = useTranslation();
  const row = steps.children[cell.child];
  const child = group.children.find((c) => c.id === row?.childId);
  const turn = (by: number) =>
    onCell({ ...cell, child: (cell.child + by + steps.children.length) % steps.children.length });
  if (!row) {
    return null;
  }
  return (
    <div className="pane flex min-h-0 flex-1 flex-col" data-one-child>
      <div className="flex items-center gap-2 px-3 py-2">
        <button
          type="button"
          className="btn btn-outline btn-square size-11"
          aria-label={t("group.before")}
          onClick={() => turn(-1)}
        >
          <ChevronLeft aria-hidden="true" />
        </button>
        <select
          className="select min-h-11 min-w-0 flex-1"
          aria-label={t("loom.child")}
          value={cell.child}
          onChange={(e) => onCell({ ...cell, child: Number(e.target.value) })}
        >
          {steps.children.map((c, i) => (
            <option key={c.childId} value={i}>
              {c.name}, {c.age}
            </option>
          ))}
        </select>
        <button
          type="button"
          className="btn btn-outline btn-square size-11"
          aria-label={t("group.after")}
          onClick={() => turn(1)}
        >
          <ChevronRight aria-hidden="true" />
        </button>
      </div>
      {child && (
        <div className="flex flex-wrap items-center gap-1.5 px-3 pb-1">
          <Marks child={child} days={group.days} />
          <button type="button" className="btn btn-ghost ml-auto min-h-11" onClick={() => onChild(child)}>
            {t("group.change", { name: row.name })}
          </button>
        </div>
      )}
      <ul className="pane min-h-0 flex-1 overflow-auto border-base-300 border-t px-3">
        {steps.ladders.map((ladder, l) => {
          const offer = row.offers[l];
          const chosen = cell.ladder === l;
          return (
            offer && (
              <li key={ladder.id} className="border-base-300 border-b">
                <button
                  type="button"
                  id={`cell-${cell.child}-${l}`}
                  aria-expanded={chosen}
                  className={`flex min-h-11 w-full cursor-pointer items-center gap-3 px-1 text-left ${chosen ? "bg-base-100 outline-2 outline-base-content" : ""}`}
                  onClick={() => onCell({ ...cell, ladder: l })}
                >
                  <span className={`aim-${ladder.aim} shrink-0`}>
                    <Rungs step={offer.step} of={ladder.steps.length} seen={offer.seen} />
                  </span>
                  <span className="min-w-0 flex-1">
                    <b className={`aim-${ladder.aim}`}>{ladder.name}</b>
                    <span className="quiet block text-[13px]">
                      {t("group.step", { step: offer.step, name: ladder.steps[offer.step - 1]?.name ?? "" })}
                      {" · "}
                      {t(offer.seen ? "group.fromSeen" : "group.fromAge")}
                    </span>
                  </span>
                  {offer.objective && (
                    <span title={t("objective.mark")}>
                      ◎<span className="sr-only">{t("objective.mark")}</span>
                    </span>
                  )}
                  {offer.proposal && <b aria-hidden="true">{offer.proposal.to > offer.proposal.from ? "↑" : "↓"}</b>}
                </button>
                {chosen && children}
              </li>
            )
          );
        })}
      </ul>
    </div>
  );
}
