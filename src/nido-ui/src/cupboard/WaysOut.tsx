import { useTranslation } from "react-i18next";
import type { Material } from "../api/client";
import { longDay } from "../shared/dates";
import { money, plain } from "../shared/figures";
import { unitKey } from "./ShelfRow";

/** The ways out of a shortage: swap, make or mix, buy, ask. */
export function WaysOut({ material: m, unit, currency }: { material: Material; unit: string; currency: string }) {
  const { t } = useTranslation();
  return (
    <section data-ways-out>
      <h3 className="mt-3 font-bold">{t("cupboard.waysOut")}</h3>
      <ul className="text-[13px]">
        <li className="border-base-300 border-t py-1">
          <b>{t("cupboard.waySwap")}</b>{" "}
          {m.standIns.some((s) => !s.leads && s.against === null) ? t("cupboard.swapBelow") : t("cupboard.swapNone")}
        </li>
        <li className="border-base-300 border-t py-1">
          <b>{t("cupboard.wayMake")}</b> {m.make.length > 0 ? m.make.join(" · ") : t("cupboard.makeNone")}
        </li>
        <li className="border-base-300 border-t py-1">
          <b>{t("cupboard.wayGet")}</b>{" "}
          {m.packs > 0
            ? t("cupboard.buyPacks", { count: m.packs, size: plain(m.packSize ?? 0), money: money(m.cents, currency) })
            : m.ask
              ? `${t("cupboard.askFamilies", {
                  lacking: plain(m.lacking),
                  unit: m.lacking === 1 ? t(`unit.${unitKey(m.unit)}`, { count: 1 }) : unit,
                })} ${t("prep.sendBy", { day: longDay(m.ask.sendBy), count: m.ask.weeks })}.`
              : t("cupboard.getNone")}
          {m.packColours.length > 0 && <span className="quiet block">{m.packColours.join(". ")}</span>}
        </li>
      </ul>
    </section>
  );
}
