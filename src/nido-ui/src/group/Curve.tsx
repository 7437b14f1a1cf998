import { useTranslation } from "react-i18next";
import type { Evidence } from "../api/client";

const WIDTH = 330;
const HEIGHT = 92;

/** The belief as a curve over ages, the steps as marks under it, the middle eighty percent shaded. */
export function Curve({ evidence: e }: { evidence: Evidence }) {
  const { t } = useTranslation();
  const from = Math.min(e.months - 30, ...e.rungs.map((r) => r.typicalMonths)) - 2;
  const to = Math.max(e.months + 30, ...e.rungs.map((r) => r.typicalMonths)) + 2;
  const most = Math.max(...e.curve.map((p) => p.weight));
  const x = (months: number) => ((months - from) / (to - from)) * WIDTH;
  const y = (weight: number) => HEIGHT - 22 - (weight / most) * (HEIGHT - 30);
  const points = e.curve.filter((p) => p.months >= from && p.months <= to);
  const line = points.map((p) => `${x(p.months).toFixed(1)},${y(p.weight).toFixed(1)}`).join(" ");
  return (
    <svg
      role="img"
      aria-label={t("evidence.curve", { mean: e.mean, low: e.low, high: e.high })}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="drawing w-full max-w-[420px]"
    >
      <rect x={x(e.low)} width={x(e.high) - x(e.low)} y={4} height={HEIGHT - 26} className="fill-base-300" />
      <polyline points={line} fill="none" className="stroke-base-content" strokeWidth={2} />
      <line x1={0} x2={WIDTH} y1={HEIGHT - 22} y2={HEIGHT - 22} className="stroke-base-content" />
      <line
        x1={x(e.months)}
        x2={x(e.months)}
        y1={4}
        y2={HEIGHT - 22}
        className="stroke-primary"
        strokeDasharray="3 3"
      />
      {e.rungs.map((r) => (
        <g key={r.step}>
          <line
            x1={x(r.typicalMonths)}
            x2={x(r.typicalMonths)}
            y1={HEIGHT - 26}
            y2={HEIGHT - 18}
            className="stroke-base-content"
          />
          <text
            x={x(r.typicalMonths)}
            y={HEIGHT - 5}
            textAnchor="middle"
            className={`fill-base-content text-[11px] ${r.step === e.offer.step ? "font-bold" : ""}`}
          >
            {r.step}
          </text>
        </g>
      ))}
    </svg>
  );
}
