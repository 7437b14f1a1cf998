import { useTranslation } from "react-i18next";
import type { IdeaCardData, Schemas } from "../api/client";
import { colourOf } from "../making/drawings/colours";
import { plain } from "../shared/figures";

type SetUp = NonNullable<IdeaCardData["steps"][number]["setUp"]>;

const ink = "var(--color-base-content)";
const rim = 14;

/** How a step lies before one child: from above, to scale, in the sizes and colours of the things themselves. */
export function SetUpPicture({ setUp, className = "" }: { setUp: SetUp; className?: string }) {
  const { t } = useTranslation();
  const width = setUp.trayLength ?? setUp.width;
  const depth = setUp.trayWidth ?? setUp.depth;
  const left = (width - setUp.width) / 2;
  const top = (depth - setUp.depth) / 2;
  const says = setUp.things
    .map((x) => `${plain(x.amount)} ${t(`unit.${x.unit}`, { count: x.amount })} ${x.name}`)
    .join(", ");
  return (
    <figure className={className} data-set-up>
      <svg
        viewBox={`${-rim} ${-rim} ${width + 2 * rim} ${depth + 2 * rim}`}
        role="img"
        aria-label={t("setUp.label", { things: says })}
        className="w-full"
      >
        <rect
          x={-rim / 2}
          y={-rim / 2}
          width={width + rim}
          height={depth + rim}
          rx={12}
          fill="var(--color-base-200)"
          stroke={ink}
          strokeWidth={setUp.trayLength ? 3 : 1}
          strokeDasharray={setUp.trayLength ? undefined : "8 6"}
        />
        <g transform={`translate(${left} ${top})`} stroke={ink} strokeWidth={1.6} strokeLinejoin="round">
          {setUp.shapes.map((s, i) => (
            <Shape
              // biome-ignore lint/suspicious/noArrayIndexKey: shapes have no names and never move
              key={i}
              shape={s}
              fill={setUp.things[s.thing]?.colour}
            />
          ))}
        </g>
      </svg>
      <figcaption className="quiet text-[13px]">
        {says}
        <br />
        {setUp.trayLength
          ? t("setUp.onTray", { length: setUp.trayLength, width: setUp.trayWidth, count: setUp.atTable })
          : t("setUp.onTable", { width: setUp.width, depth: setUp.depth, count: setUp.atTable })}
      </figcaption>
    </figure>
  );
}

/** One thing from above. */
function Shape({ shape: s, fill }: { shape: Schemas["SetUpShapeView"]; fill: string | null | undefined }) {
  const colour = fill ? colourOf(fill) : "var(--color-base-100)";
  const box = { x: s.x - s.width / 2, y: s.y - s.depth / 2, width: s.width, height: s.depth };
  switch (s.form) {
    case "round":
      return <ellipse cx={s.x} cy={s.y} rx={s.width / 2} ry={s.depth / 2} fill={colour} />;
    case "openRound":
      return (
        <>
          <ellipse cx={s.x} cy={s.y} rx={s.width / 2} ry={s.depth / 2} fill={colour} />
          <ellipse cx={s.x} cy={s.y} rx={s.width / 2 - 5} ry={s.depth / 2 - 5} fill="none" strokeWidth={0.8} />
        </>
      );
    case "openSquare":
      return (
        <>
          <rect {...box} rx={4} fill={colour} />
          <rect
            x={box.x + 5}
            y={box.y + 5}
            width={Math.max(0, s.width - 10)}
            height={Math.max(0, s.depth - 10)}
            rx={2}
            fill="none"
            strokeWidth={0.8}
          />
        </>
      );
    case "filling":
      return (
        <ellipse
          cx={s.x}
          cy={s.y}
          rx={s.width / 2}
          ry={s.depth / 2}
          fill={colour}
          strokeDasharray="1 5"
          strokeLinecap="round"
        />
      );
    case "coil":
      return (
        <>
          {[1, 0.7, 0.4].map((k) => (
            <ellipse
              key={k}
              cx={s.x}
              cy={s.y}
              rx={(k * s.width) / 2}
              ry={(k * s.depth) / 2}
              fill="none"
              stroke={fill && fill !== "white" ? colour : ink}
              strokeWidth={4}
            />
          ))}
        </>
      );
    case "thin":
      return <rect {...box} rx={Math.min(s.width, s.depth) / 2} fill={colour} />;
    default:
      return <rect {...box} rx={2} fill={colour} />;
  }
}
