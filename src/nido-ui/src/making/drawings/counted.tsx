import type { ReactNode } from "react";
import type { Schemas } from "../../api/client";
import { colourOf } from "./colours";
import { Sheet } from "./Sheet";

/** Half circles with their pieces on them. */
export function arcs(answer: Schemas["ArcRowsAnswer"], ask: Record<string, unknown>): ReactNode {
  const size = Number(ask.pieceSize);
  const outer = Number(ask.outerRadius);
  const pitch = Number(ask.rowPitch);
  return (
    <Sheet
      label={`${answer.perChild}`}
      x={-outer - size / 2}
      y={-outer - size / 2}
      width={2 * outer + size}
      height={outer + size}
    >
      {answer.piecesPerRow.map((n, k) => {
        const r = outer - k * pitch;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a row is its number
          <g key={k}>
            <path
              d={`M ${-r} 0 A ${r} ${r} 0 0 1 ${r} 0`}
              fill="none"
              stroke="var(--quiet)"
              strokeWidth={0.8}
              strokeDasharray="3 2"
            />
            {Array.from({ length: n }, (_, i) => {
              const a = Math.PI * (1 - (i + 0.5) / n);
              return (
                <circle
                  // biome-ignore lint/suspicious/noArrayIndexKey: a piece is its place
                  key={i}
                  cx={r * Math.cos(a)}
                  cy={-r * Math.sin(a)}
                  r={size / 2}
                  fill={colourOf(["red", "cream", "blue", "green"][k % 4] ?? "")}
                  stroke="currentColor"
                  strokeWidth={0.5}
                />
              );
            })}
          </g>
        );
      })}
    </Sheet>
  );
}

/** A plate with its cuts, sector by sector in the pattern's colours. */
export function plate(answer: Schemas["RadialCutsAnswer"], ask: Record<string, unknown>): ReactNode {
  const r = Number(ask.diameter) / 2;
  const pattern = (ask.pattern as string[] | undefined) ?? [];
  const at = (k: number) => {
    const a = (2 * Math.PI * k) / answer.sectors - Math.PI / 2;
    return `${r * Math.cos(a)} ${r * Math.sin(a)}`;
  };
  return (
    <Sheet label={`${answer.sectors}`} x={-r} y={-r} width={2 * r} height={2 * r}>
      {Array.from({ length: answer.sectors }, (_, k) => (
        <path
          // biome-ignore lint/suspicious/noArrayIndexKey: a sector is its number
          key={k}
          d={`M 0 0 L ${at(k)} A ${r} ${r} 0 0 1 ${at(k + 1)} Z`}
          fill={pattern.length > 0 ? colourOf(pattern[k % pattern.length] ?? "") : "none"}
          stroke="currentColor"
          strokeWidth={r / 100}
        />
      ))}
    </Sheet>
  );
}

/** A sheet with its strips and squares, the leftover edge hatched. */
export function strips(answer: Schemas["StripsSquaresAnswer"], ask: Record<string, unknown>): ReactNode {
  const [w, h, strip, square] = [
    Number(ask.sheetWidth),
    Number(ask.sheetHeight),
    Number(ask.strip),
    Number(ask.square),
  ];
  const tall = ask.stripsAlong !== "width";
  const squares = Array.from({ length: answer.squaresPerSheet }, (_, k) => {
    const across = Math.floor(k / answer.squaresPerStrip) * strip;
    const along = (k % answer.squaresPerStrip) * square;
    return tall ? { x: across, y: along } : { x: along, y: across };
  });
  return (
    <Sheet label={`${answer.cuts}`} width={w} height={h}>
      <rect width={w} height={h} fill="var(--color-base-300)" />
      {squares.map((p) => (
        <rect
          key={`${p.x} ${p.y}`}
          {...p}
          width={tall ? strip : square}
          height={tall ? square : strip}
          className="piece"
          strokeWidth={w / 500}
        />
      ))}
    </Sheet>
  );
}

/** A sheet with the pieces it gives. */
export function sheet(answer: Schemas["SheetYieldAnswer"], ask: Record<string, unknown>): ReactNode {
  const [w, h] = [Number(ask.sheetWidth), Number(ask.sheetHeight)];
  const [a, b] = [Number(ask.pieceWidth), Number(ask.pieceHeight)];
  const d = ask.diameter === undefined ? null : Number(ask.diameter);
  return (
    <Sheet label={`${answer.perSheet}`} width={w} height={h}>
      <rect width={w} height={h} fill="var(--color-base-300)" />
      {answer.positions.map((p) =>
        d ? (
          <circle key={`${p.x} ${p.y}`} cx={p.x} cy={p.y} r={d / 2} className="piece" strokeWidth={w / 500} />
        ) : (
          <rect
            key={`${p.x} ${p.y}`}
            x={p.x}
            y={p.y}
            width={answer.turned ? b : a}
            height={answer.turned ? a : b}
            className="piece"
            strokeWidth={w / 500}
          />
        ),
      )}
    </Sheet>
  );
}

/** Screws on the board. */
export function screws(answer: Schemas["ScrewBoardAnswer"]): ReactNode {
  const width = Math.max(...answer.positions.map((p) => p.x), 1);
  const height = Math.max(...answer.positions.map((p) => p.y), 1);
  const r = Math.max(width, height) / 60;
  return (
    <Sheet label={`${answer.screws}`} width={width} height={height}>
      {answer.positions.map((p) => (
        <g key={`${p.x} ${p.y}`}>
          <circle cx={p.x} cy={p.y} r={r} className="piece" strokeWidth={r / 5} />
          <path
            d={`M ${p.x - r / 2} ${p.y} h ${r} M ${p.x} ${p.y - r / 2} v ${r}`}
            stroke="currentColor"
            strokeWidth={r / 4}
          />
        </g>
      ))}
    </Sheet>
  );
}

/** The stack from the front, with its centre of mass. */
export function stack(answer: Schemas["StackedBlocksAnswer"], ask: Record<string, unknown>): ReactNode {
  const blocks = ask.blocks as { width: number; height: number; offsetX: number }[];
  const [support, ...upper] = blocks;
  if (!support) {
    return null;
  }
  const tall = upper.reduce((sum, b) => sum + b.height, 0);
  const left = Math.min(...blocks.map((b) => b.offsetX - b.width / 2));
  const right = Math.max(...blocks.map((b) => b.offsetX + b.width / 2));
  let ground = 0;
  const [x = 0, , z = 0] = answer.centreOfMass;
  return (
    <Sheet label={`${answer.tipAngleDeg}`} x={left} y={-tall} width={right - left} height={tall + support.height}>
      <rect
        x={-support.width / 2}
        y={0}
        width={support.width}
        height={support.height}
        fill="var(--color-base-300)"
        stroke="currentColor"
      />
      {upper.map((b, k) => {
        ground += b.height;
        return (
          <rect
            // biome-ignore lint/suspicious/noArrayIndexKey: a block is its place in the stack
            key={k}
            x={b.offsetX - b.width / 2}
            y={-ground}
            width={b.width}
            height={b.height}
            className="piece"
            strokeWidth={k === answer.weakestJoint && !answer.stands ? 3 : 1}
          />
        );
      })}
      <path d={`M ${x} ${-z} V 0`} stroke="var(--aim-fineMotor)" strokeDasharray="4 3" />
      <circle cx={x} cy={-z} r={(right - left) / 60} fill="var(--aim-fineMotor)" />
    </Sheet>
  );
}
