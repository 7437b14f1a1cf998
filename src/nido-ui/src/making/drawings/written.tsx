import type { ReactNode } from "react";
import type { Schemas } from "../../api/client";
import { colourOf } from "./colours";
import { Sheet } from "./Sheet";

const card = "rounded-[10px] border border-base-300 bg-base-100 p-2";

/** Dot cards, each to scale. */
export function dots(answer: Schemas["DotsAnswer"], ask: Record<string, unknown>): ReactNode {
  const [w, h, d] = [Number(ask.cardWidth), Number(ask.cardHeight), Number(ask.holeDiameter)];
  return (
    <ul className="flex flex-wrap gap-2">
      {answer.layout.map((c) => (
        <li key={c.numeral} className="w-36">
          <Sheet label={`${c.numeral}`} width={w} height={h}>
            <rect
              width={w}
              height={h}
              fill="none"
              stroke={c.fits ? "currentColor" : "var(--aim-fineMotor)"}
              strokeWidth={c.fits ? 0.6 : 2}
              rx={2}
            />
            {c.dots.map((p) => (
              <circle key={`${p.x} ${p.y}`} cx={p.x} cy={p.y} r={d / 2} fill="currentColor" />
            ))}
          </Sheet>
          <p className="child text-center">{c.numeral}</p>
        </li>
      ))}
    </ul>
  );
}

const bead = (colour: string, key: string) => (
  <span
    key={key}
    title={colour}
    className="inline-block size-5 rounded-full border border-base-content"
    style={{ background: colourOf(colour) }}
  />
);

/** Pattern cards in rows, or rings. */
export function patterns(answer: Schemas["PatternCardsAnswer"], ask: Record<string, unknown>): ReactNode {
  if (ask.kind !== "ring") {
    return (
      <ul className="flex flex-wrap gap-2">
        {answer.cards.map((c) => (
          <li key={c.join()} className={`${card} flex gap-1`}>
            {c.map((colour, i) => bead(colour, `${i}`))}
            <span className="inline-block size-5 rounded-full border border-base-content border-dashed" />
          </li>
        ))}
      </ul>
    );
  }
  return (
    <ul className="flex flex-wrap gap-2">
      {answer.cards.map((c) => (
        <li key={c.join()} className="w-24">
          <Sheet label={c.join(", ")} x={-50} y={-50} width={100} height={100}>
            <circle r={38} fill="none" stroke="var(--quiet)" />
            {c.map((colour, i) => {
              const a = (2 * Math.PI * i) / c.length;
              return (
                <circle
                  // biome-ignore lint/suspicious/noArrayIndexKey: a bead is its place
                  key={i}
                  cx={38 * Math.sin(a)}
                  cy={-38 * Math.cos(a)}
                  r={Math.min(12, 100 / c.length)}
                  fill={colourOf(colour)}
                  stroke="currentColor"
                />
              );
            })}
          </Sheet>
        </li>
      ))}
    </ul>
  );
}

/** The number line with its gaps, and the pegs for them. */
export function numberLine(answer: Schemas["MissingNumbersAnswer"]): ReactNode {
  const all = [...answer.shown, ...answer.pegs].toSorted((a, b) => a - b);
  const square = "child flex size-10 items-center justify-center border text-xl";
  return (
    <>
      <p className="flex flex-wrap">
        {all.map((n) => (
          <span
            key={n}
            className={`${square} ${answer.shown.includes(n) ? "border-base-content bg-base-100" : "border-base-content border-dashed"}`}
          >
            {answer.shown.includes(n) ? n : ""}
          </span>
        ))}
      </p>
      <p className="mt-3 flex flex-wrap gap-2">
        {answer.pegs.map((n) => (
          <span key={n} className={`${square} rounded-[10px] border-base-content bg-secondary`}>
            {n}
          </span>
        ))}
      </p>
    </>
  );
}

/** Names in pieces, and how often each letter is written. */
export function names(answer: Schemas["NameSetsAnswer"]): ReactNode {
  return (
    <>
      {Object.entries(answer.sets).map(([name, letters]) => (
        <p key={name} className="mb-1 flex gap-1">
          {letters.map((l, i) => (
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: a letter is its place
              key={i}
              className="child flex size-9 items-center justify-center border border-base-content bg-base-100 text-xl"
            >
              {l}
            </span>
          ))}
        </p>
      ))}
      <p className="mt-2 max-w-[640px]">
        {Object.entries(answer.letterCounts).map(([l, n]) => (
          <span key={l} className="mr-3 inline-block">
            <b className="child">{l}</b> {n}
          </span>
        ))}
      </p>
    </>
  );
}

/** Sticks with a colour at each end. */
export function sticks(answer: Schemas["TwoEndedSticksAnswer"]): ReactNode {
  return (
    <ul className="flex max-w-[640px] flex-wrap gap-2">
      {answer.sticks.map(([a = "", b = ""]) => (
        <li
          key={`${a} ${b}`}
          className="flex h-5 w-24 overflow-hidden rounded border border-base-content"
          title={`${a} – ${b}`}
        >
          <span className="w-7" style={{ background: colourOf(a) }} />
          <span className="flex-1 bg-base-100" />
          <span className="w-7" style={{ background: colourOf(b) }} />
        </li>
      ))}
    </ul>
  );
}

/** Pictures of sticks, side by side, to scale among each other. */
export function stickCards(answer: Schemas["StickCardsAnswer"]): ReactNode {
  return (
    <ul className="flex max-w-[640px] flex-wrap gap-3">
      {answer.cards.map((card) => {
        const xs = card.sticks.flatMap((s) => [s.fromX, s.toX]);
        const ys = card.sticks.flatMap((s) => [s.fromY, s.toY]);
        const [x, y] = [Math.min(...xs), Math.min(...ys)];
        return (
          <li key={card.sticks.map((s) => `${s.fromX} ${s.fromY} ${s.toX} ${s.toY}`).join()} className="w-36">
            <Sheet
              label={`${card.sticks.length} / ${card.joints}`}
              x={x}
              y={y}
              width={Math.max(...xs) - x}
              height={Math.max(...ys) - y}
            >
              {card.sticks.map((s) => (
                <line
                  key={`${s.fromX} ${s.fromY} ${s.toX} ${s.toY}`}
                  x1={s.fromX}
                  y1={s.fromY}
                  x2={s.toX}
                  y2={s.toY}
                  className="stroke-base-content"
                  strokeWidth={3}
                  strokeLinecap="round"
                />
              ))}
            </Sheet>
          </li>
        );
      })}
    </ul>
  );
}

/** Pieces on their lace, to scale. */
export function lace(answer: Schemas["ThreadingAnswer"], ask: Record<string, unknown>): ReactNode {
  const lengths = ask.pieceLengths as Record<string, number>;
  const pattern = ask.pattern as string[];
  const unit = ask.mirrored ? [...pattern, ...pattern.toReversed()] : pattern;
  const tall = Number(ask.hole) * 2.5;
  let x = 0;
  return (
    <>
      <Sheet label={`${answer.repeats}`} x={-20} width={answer.threadedLength + 40} height={tall}>
        <path
          d={`M -20 ${tall / 2} H ${answer.threadedLength + 20}`}
          stroke="var(--quiet)"
          strokeWidth={Number((ask.lace as { diameter: number }).diameter)}
        />
        {Array.from({ length: answer.repeats }, () => unit)
          .flat()
          .map((colour, i) => {
            const length = lengths[colour] ?? 0;
            x += length;
            return (
              <rect
                // biome-ignore lint/suspicious/noArrayIndexKey: a piece is its place
                key={i}
                x={x - length}
                width={length}
                height={tall}
                rx={tall / 5}
                fill={colourOf(colour)}
                stroke="currentColor"
                strokeWidth={0.5}
              />
            );
          })}
      </Sheet>
      <ul className="mt-2 text-[13px]">
        {answer.flags.map((f) => (
          <li key={f} className="font-bold text-warning">
            {f}
          </li>
        ))}
      </ul>
    </>
  );
}

/** Strips of arrows. */
export function arrows(answer: Schemas["DirectionStripsAnswer"]): ReactNode {
  const sign: Record<string, string> = { up: "↑", right: "→", down: "↓", left: "←" };
  return (
    <ul className="flex flex-wrap gap-2">
      {answer.strips.map((s) => (
        <li key={s.join()} className={`${card} child text-2xl tracking-widest`}>
          {s.map((d) => sign[d] ?? `${d} `).join("")}
        </li>
      ))}
    </ul>
  );
}

/** Pairs that are nearly alike. */
export function pairs(answer: Schemas["SimilarSetAnswer"]): ReactNode {
  const picture = (p: Record<string, string>, differ: string[]) => (
    <ul className={card}>
      {Object.entries(p).map(([name, value]) => (
        <li key={name} className={differ.includes(name) ? "font-bold" : ""}>
          {name}: {value}
        </li>
      ))}
    </ul>
  );
  return (
    <ul className="flex flex-wrap gap-4">
      {answer.pairs.map((p) => (
        <li key={JSON.stringify(p)} className="flex gap-1">
          {picture(p.first, p.differ)}
          {picture(p.second, p.differ)}
        </li>
      ))}
    </ul>
  );
}

/** Paints with their parts. */
export function paints(answer: Schemas["MixColoursAnswer"]): ReactNode {
  return (
    <ul className="space-y-1">
      {answer.recipes.map((r) => (
        <li key={r.want} className="flex items-center gap-2">
          {bead(r.want, "w")} <b>{r.want}</b> =
          {r.parts.map((p) => (
            <span key={p.colour} className="flex items-center gap-1">
              {p.parts} × {bead(p.colour, p.colour)} {p.colour}
            </span>
          ))}
        </li>
      ))}
    </ul>
  );
}

/** What to measure of each ingredient. */
export function measures(answer: Schemas["RecipeScaleAnswer"]): ReactNode {
  return (
    <table className="w-full max-w-md">
      <tbody>
        {answer.ingredients.map((i) => (
          <tr key={i.name} className="border-base-300 border-t">
            <td className="py-1">{i.name}</td>
            <td className="py-1 text-right font-bold">
              {i.shownAmount} {i.unit}
            </td>
            <td className="quiet py-1 pl-4 text-right text-[13px]">
              {i.error > 0 ? "+" : ""}
              {(100 * i.error).toFixed(1)}%
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** A piece before its opening, both to scale. */
export function through(answer: Schemas["FitsThroughAnswer"], ask: Record<string, unknown>): ReactNode {
  const piece = ask.piece as Schemas["FitsThroughPiece"];
  const opening = ask.opening as Schemas["FitsThroughOpening"];
  const open = opening.shape === "round" ? [opening.diameter, opening.diameter] : [opening.width, opening.height];
  const [w = 0, h = 0] = open;
  const needed = opening.shape === "round" ? w - answer.clearance : null;
  const size = Math.max(w, h, needed ?? 0, 1);
  const colour = answer.passes ? "var(--aim-sensory)" : "var(--aim-fineMotor)";
  return (
    <Sheet
      label={`${piece.shape}, ${answer.turn}`}
      x={-size * 0.6}
      y={-size * 0.6}
      width={size * 1.2}
      height={size * 1.2}
    >
      {opening.shape === "round" ? (
        <circle r={w / 2} fill="none" stroke="currentColor" strokeWidth={size / 80} />
      ) : (
        <rect x={-w / 2} y={-h / 2} width={w} height={h} fill="none" stroke="currentColor" strokeWidth={size / 80} />
      )}
      {needed !== null && (
        <circle
          r={needed / 2}
          fill={colour}
          fillOpacity={0.25}
          stroke={colour}
          strokeWidth={size / 120}
          strokeDasharray="3 2"
        />
      )}
    </Sheet>
  );
}
