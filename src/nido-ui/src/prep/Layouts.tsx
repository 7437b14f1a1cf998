import { useTranslation } from "react-i18next";
import type { CuttingLayout } from "../api/client";

/** What is cut from sheets, to scale: where the pieces lie and how many sheets it takes. */
export function Layouts({ layouts }: { layouts: CuttingLayout[] }) {
  const { t } = useTranslation();
  if (layouts.length === 0) {
    return null;
  }
  return (
    <section className="break-inside-avoid">
      <h2 className="mb-1">{t("prep.cut")}</h2>
      <ul className="grid grid-cols-2 gap-3">
        {layouts.map((l) => (
          <li key={l.what} className="card-paper p-2 text-[13px]">
            <p className="font-semibold">{l.what}</p>
            <svg
              role="img"
              aria-label={t("prep.cutWords", { what: l.what, each: l.layout.perSheet, sheet: l.sheet })}
              viewBox={`-4 -4 ${l.sheetWidth + 8} ${l.sheetHeight + 8}`}
              className="drawing my-1 max-h-[170px] w-full"
            >
              <rect
                width={l.sheetWidth}
                height={l.sheetHeight}
                className="fill-base-100 stroke-base-content"
                strokeWidth={2}
              />
              {l.layout.positions.map((p) => (
                <rect
                  key={`${p.x} ${p.y}`}
                  x={p.x}
                  y={p.y}
                  width={l.pieceWidth}
                  height={l.pieceHeight}
                  className="fill-secondary stroke-base-content"
                  strokeWidth={1}
                />
              ))}
            </svg>
            <p className="quiet">
              {t("prep.cutSheets", {
                count: l.layout.sheets,
                sheet: l.sheet,
                each: l.layout.perSheet,
                waste: l.layout.wastePercent,
              })}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
