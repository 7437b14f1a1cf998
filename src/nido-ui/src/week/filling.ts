import type { WeekView } from "../api/client";
import type { News } from "./useComposing";

/** The week with the loom as far as a plan that is still being looked for fills it; which strands it meets is said at the end. */
export function filling(view: WeekView, filled: News["filled"]): WeekView {
  const byChild = new Map(filled.map((f) => [f.childId, f.percents]));
  return {
    ...view,
    loom: view.loom.map((row) => {
      const percents = byChild.get(row.childId);
      return percents
        ? {
            ...row,
            strandsMissing: [],
            aims: row.aims.map((cell, i) => ({ ...cell, percent: percents[i] ?? cell.percent })),
          }
        : row;
    }),
  };
}
