import type { ReactNode } from "react";

/** A drawing to scale: the box is in mm, y downwards, with a little room around it. */
export function Sheet({
  label,
  x = 0,
  y = 0,
  width,
  height,
  children,
}: {
  label: string;
  x?: number;
  y?: number;
  width: number;
  height: number;
  children: ReactNode;
}) {
  const room = Math.max(width, height) * 0.03;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${x - room} ${y - room} ${width + 2 * room} ${height + 2 * room}`}
      className="drawing max-h-[400px] w-full max-w-[640px] rounded-[10px] border border-base-300 bg-base-100"
      preserveAspectRatio="xMidYMid meet"
    >
      {children}
    </svg>
  );
}
