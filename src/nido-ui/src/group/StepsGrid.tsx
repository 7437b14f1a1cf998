import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import type { Child, Group, StepsView } from "../api/client";
import { Marks } from "./Marks";
import { Rungs } from "./Rungs";

/** A child and a ladder, by their places in the list of steps. */
export interface Cell {
  child: number;
  ladder: number;
}

/** The steps of a group, the cell that is open among them, and what is shown of it. */
export interface StepsOfGroup {
  group: Group;
  steps: StepsView;
  cell: Cell;
  onCell: (c: Cell) => void;
  onChild: (c: Child) => void;
  children: ReactNode;
}

/** The grid: a row a child, a column a ladder; arrows move. */
export function StepsGrid({ group, steps, cell, onCell, onChild, children }: StepsOfGroup) {
  const { t } = useTranslation();
  const go = (child: number, ladder: number) => {
    const to = {
      child: Math.min(steps.children.length - 1, Math.max(0, child)),
      ladder: Math.min(steps.ladders.length - 1, Math.max(0, ladder)),
    };
    onCell(to);
    document.getElementById(`cell-${to.child}-${to.ladder}`)?.focus();
  };
  return (
    <>
      <div className="min-h-0 flex-1 overflow-auto px-3">
        <table
          className="w-full border-separate border-spacing-0"
          onKeyDown={(e) => {
            const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[e.key];
            if (step && (e.target as HTMLElement).id.startsWith("cell-")) {
              e.preventDefault();
              go(cell.child + (step[0] ?? 0), cell.ladder + (step[1] ?? 0));
            }
          }}
        >
          <thead className="sticky top-0 z-10 bg-base-200">
            <tr>
              <th className="sticky left-0 z-10 bg-base-200 py-1.5 text-left font-normal">
                <span className="sr-only">{t("loom.child")}</span>
              </th>
              {steps.ladders.map((l, i) => (
                // Heads stand high and low in turn and take no width, so that all ladders fit a narrow screen.
                <th
                  key={l.id}
                  className={`aim-${l.aim} whitespace-nowrap pl-1 text-left text-xs ${i % 2 ? "pt-6 pb-1" : "pt-1 pb-6"}`}
                  title={l.name}
                >
                  <span className="block w-0">{l.head}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {steps.children.map((row, c) => {
              const child = group.children.find((x) => x.id === row.childId);
              return (
                <tr key={row.childId}>
                  <th
                    scope="row"
                    className="sticky left-0 border-base-300 border-t bg-base-200 pr-2 text-left font-normal"
                  >
                    <button
                      type="button"
                      className="flex min-h-8 cursor-pointer items-center gap-1.5 text-left"
                      onClick={() => child && onChild(child)}
                    >
                      <b>{row.name}</b>
                      <span className="quiet text-xs">{row.age}</span>
                      {child && <Marks child={child} days={group.days} />}
                    </button>
                  </th>
                  {row.offers.map((offer, l) => {
                    const ladder = steps.ladders[l];
                    const chosen = cell.child === c && cell.ladder === l;
                    return (
                      <td key={ladder?.id} className="border-base-300 border-t">
                        <button
                          type="button"
                          id={`cell-${c}-${l}`}
                          tabIndex={chosen ? 0 : -1}
                          aria-pressed={chosen}
                          aria-label={t(offer.seen ? "group.cellSeen" : "group.cell", {
                            name: row.name,
                            ladder: ladder?.name,
                            step: offer.step,
                            of: ladder?.steps.length,
                          })}
                          className={`aim-${ladder?.aim} flex min-h-8 w-full cursor-pointer items-center gap-0.5 rounded-md px-0.5 py-0.5 ${chosen ? "bg-base-100 outline-2 -outline-offset-2 outline-base-content" : ""}`}
                          onClick={() => onCell({ child: c, ladder: l })}
                        >
                          <Rungs step={offer.step} of={ladder?.steps.length ?? 0} seen={offer.seen} />
                          {/* Marks stand above the step, not beside it: all ladders fit a laptop's width. */}
                          <span className="flex flex-col items-center text-base-content text-xs leading-3">
                            {offer.objective && (
                              <span title={t("objective.mark")}>
                                ◎<span className="sr-only">{t("objective.mark")}</span>
                              </span>
                            )}
                            {offer.proposal && (
                              <b aria-hidden="true">{offer.proposal.to > offer.proposal.from ? "↑" : "↓"}</b>
                            )}
                            <span>{offer.step}</span>
                          </span>
                        </button>
                      </td>
                    );
                  })}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {children}
    </>
  );
}
