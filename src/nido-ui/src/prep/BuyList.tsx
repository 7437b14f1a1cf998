import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { money, plain } from "../shared/figures";
import { Ticks } from "./Ticks";

type Prep = Schemas["PrepView"];

/** The shopping list, shelf by shelf, with packs and money against the budget. */
export function BuyList({ weekId, prep, currency }: { weekId: string; prep: Prep; currency: string }) {
  const { t } = useTranslation();
  const cents = prep.toBuy.reduce((sum, l) => sum + l.cents, 0);
  const shelves = [...new Set(prep.toBuy.map((l) => l.shelf))];
  return (
    <section className="space-y-2">
      <h2>
        {t("prep.buy", { money: money(cents, currency) })}{" "}
        <span className={`font-normal ${cents > prep.budgetCents ? "text-warning" : "quiet"}`}>
          {t(cents > prep.budgetCents ? "prep.overBudget" : "prep.inBudget", {
            money: money(prep.budgetCents, currency),
            over: money(cents - prep.budgetCents, currency),
          })}
        </span>
      </h2>
      {prep.toBuy.length === 0 && <p className="quiet">{t("prep.buyNothing")}</p>}
      {shelves.map((shelf) => (
        <Ticks
          key={shelf}
          id={`${weekId} buy ${shelf}`}
          title={shelf}
          items={prep.toBuy
            .filter((l) => l.shelf === shelf)
            .map((l) => ({
              what: l.name,
              more: t("prep.packs", {
                count: l.packs,
                money: money(l.cents, currency),
                lacking: plain(l.lacking),
                unit: t(`unit.${l.unit}`, { count: l.lacking }),
              }),
              mind: l.colours.length > 0 && <p className="pb-1 pl-7 text-[13px]">{l.colours.join(". ")}</p>,
            }))}
        />
      ))}
    </section>
  );
}
