import { useTranslation } from "react-i18next";
import type { StepsView } from "../api/client";

/** A drop-in group: nobody is named, so each ladder shows about how many are expected at which step. */
export function Spread({ steps }: { steps: StepsView }) {
  const { t } = useTranslation();
  const most = Math.max(...steps.ladders.map((l) => l.steps.length));
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a table longer than the screen is scrolled with the arrows
    <section className="min-h-0 flex-1 overflow-auto px-4" aria-label={t("expected.spread")} tabIndex={0} data-spread>
      <p className="quiet py-2">{t("expected.spreadWhy", { count: steps.children.length })}</p>
      <table className="w-full">
        <thead>
          <tr>
            <th className="text-left font-normal">
              <span className="sr-only">{t("expected.ladder")}</span>
            </th>
            {Array.from({ length: most }, (_, i) => i + 1).map((n) => (
              <th key={n} className="px-1 text-left text-xs">
                {t("idea.step", { step: n })}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {steps.ladders.map((l, at) => (
            <tr key={l.id} className="border-base-300 border-t">
              <th scope="row" className={`aim-${l.aim} whitespace-nowrap py-1 pr-3 text-left text-[13px]`}>
                {l.name}
              </th>
              {l.steps.map((s) => {
                const count = steps.children.filter((c) => c.offers[at]?.step === s.number).length;
                return (
                  <td key={s.number} className="px-1 text-[13px]" title={s.name}>
                    {count > 0 && (
                      <span className="block">
                        <span
                          className={`aim-${l.aim} block h-1.5 rounded bg-current`}
                          style={{ width: `${(100 * count) / steps.children.length}%`, minWidth: 4 }}
                        />
                        <span className="tabular-nums">{t("expected.about", { count })}</span>
                      </span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
