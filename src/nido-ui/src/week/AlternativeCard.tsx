import { useTranslation } from "react-i18next";
import { type Alternative, aims } from "../api/client";
import { money, signed } from "../shared/figures";
import { Thread } from "../shared/Stitches";

/** An alternative and what it would change: minutes by aim, money, prep, who is left out. */
export function AlternativeCard({
  alternative: a,
  currency,
  onSwap,
}: {
  alternative: Alternative;
  currency: string;
  onSwap: () => void;
}) {
  const { t } = useTranslation();
  const changes = aims
    .map((aim, i) => ({ aim, minutes: a.minutesByAim[i] ?? 0, children: a.childrenByAim[i] ?? 0 }))
    .filter((c) => c.children > 0)
    .sort((x, y) => Math.abs(y.minutes) - Math.abs(x.minutes))
    .slice(0, 2);
  return (
    <li className="w-[232px] shrink-0">
      <button
        type="button"
        disabled={a.keptOut !== null}
        onClick={onSwap}
        className="card-paper flex h-full w-full cursor-pointer flex-col overflow-hidden px-3 py-2 text-left disabled:cursor-not-allowed disabled:border-dashed disabled:bg-transparent"
      >
        <span className="w-full shrink-0 truncate font-semibold">{a.title}</span>
        <span className="quiet w-full shrink-0 truncate text-xs">{a.material ?? t("bench.noMaterial")}</span>
        <span className="flex w-full shrink-0 py-1">
          <Thread shares={a.shares} />
        </span>
        {a.keptOut ? (
          <span className="quiet text-[13px]">{t("bench.keptOut", { rule: a.keptOut })}</span>
        ) : (
          <span className="text-[13px] leading-snug">
            <span className="block">
              {changes.length === 0
                ? t("bench.sameDose")
                : changes
                    .map((c) =>
                      t("bench.dose", { aim: t(`aim.${c.aim}`), minutes: signed(c.minutes), count: c.children }),
                    )
                    .join(" · ")}
            </span>
            <span className="quiet block">
              {a.cents === 0
                ? t("bench.sameMoney")
                : t("bench.money", { money: `${a.cents > 0 ? "+" : "−"}${money(Math.abs(a.cents), currency)}` })}
              {" · "}
              {a.prepMinutes === 0 ? t("bench.samePrep") : t("bench.prep", { minutes: signed(a.prepMinutes) })}
            </span>
            {a.outOfReach.length > 0 && (
              <span className="block text-warning">{t("bench.outOfReach", { names: a.outOfReach.join(", ") })}</span>
            )}
          </span>
        )}
      </button>
    </li>
  );
}
