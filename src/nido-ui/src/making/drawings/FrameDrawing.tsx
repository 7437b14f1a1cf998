import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../../api/client";
import { Sheet } from "./Sheet";

/** A frame as lines that can be turned: sticks full, braces dashed, joints as dots. */
export function FrameDrawing({ frame }: { frame: Schemas["FrameAnswer"] }) {
  const { t } = useTranslation();
  const [turn, setTurn] = useState(30);
  const angle = (turn * Math.PI) / 180;
  const points = frame.points.map(([x = 0, y = 0, z = 0]) => {
    const across = x * Math.cos(angle) - y * Math.sin(angle);
    const deep = x * Math.sin(angle) + y * Math.cos(angle);
    return { x: across, y: -z * 0.94 - deep * 0.34 };
  });
  const xs = points.map((p) => p.x);
  const ys = points.map((p) => p.y);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const width = Math.max(...xs) - left || 1;
  const height = Math.max(...ys) - top || 1;
  const size = Math.max(width, height);
  const line = (i: number, j: number) => ({ x1: points[i]?.x, y1: points[i]?.y, x2: points[j]?.x, y2: points[j]?.y });
  return (
    <>
      <Sheet label={t("making.name.frame")} x={left} y={top} width={width} height={height}>
        {frame.lines.map(([i = 0, j = 0]) => (
          <line
            key={`${i} ${j}`}
            {...line(i, j)}
            stroke="currentColor"
            strokeWidth={size / 110}
            strokeLinecap="round"
          />
        ))}
        {frame.braces.map((b) => (
          <line
            key={`b ${b.i} ${b.j}`}
            {...line(b.i, b.j)}
            stroke="var(--aim-fineMotor)"
            strokeWidth={size / 130}
            strokeDasharray={`${size / 40} ${size / 60}`}
          />
        ))}
        {points.map((p, i) => (
          <circle
            // biome-ignore lint/suspicious/noArrayIndexKey: a joint is its number
            key={i}
            cx={p.x}
            cy={p.y}
            r={size / 60}
            fill={frame.crowdedJoints.includes(i) ? "var(--aim-fineMotor)" : "currentColor"}
          />
        ))}
      </Sheet>
      <label className="mt-2 flex max-w-[640px] items-center gap-3 text-[13px]">
        {t("making.turn")}
        <input
          type="range"
          min={0}
          max={360}
          className="range range-xs flex-1"
          value={turn}
          onChange={(e) => setTurn(Number(e.target.value))}
        />
      </label>
    </>
  );
}
