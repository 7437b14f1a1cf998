/** How a tool is held, drawn: the tool as a line, the hand as a round of fingers; what moves has an arrow. */
export function GripDrawing({ ladder, grip }: { ladder: string; grip: string }) {
  return (
    <svg viewBox="0 0 64 48" className="h-12 w-16" aria-hidden="true">
      <g fill="none" stroke="currentColor" strokeWidth={2} strokeLinecap="round" strokeLinejoin="round">
        {ladder === "scissors" ? <Scissors grip={grip} /> : <Pencil grip={grip} />}
      </g>
    </svg>
  );
}

function Pencil({ grip }: { grip: string }) {
  switch (grip) {
    case "whole-hand":
      return (
        <>
          <path d="M32 3 L32 45" />
          <rect x={20} y={14} width={24} height={18} rx={8} />
          <path d="M20 19 H44 M20 23 H44 M20 27 H44" strokeWidth={1.2} />
        </>
      );
    case "fingers-down":
      return (
        <>
          <path d="M46 6 L22 44" />
          <path d="M44 8 C56 10 56 26 46 28 L34 27" />
          <path d="M46 12 L30 34 M49 16 L36 33" strokeWidth={1.4} />
        </>
      );
    case "still-three":
      return (
        <>
          <path d="M48 4 L20 44" />
          <path d="M56 22 C48 14 38 22 29 31 M56 30 C48 28 40 30 30 33 M54 38 C46 40 38 38 30 35" />
          <path d="M6 24 H16 M6 24 L9 21 M6 24 L9 27 M16 24 L13 21 M16 24 L13 27" strokeWidth={1.4} />
        </>
      );
    default:
      return (
        <>
          <path d="M48 4 L20 44" />
          <path d="M56 22 C48 14 38 22 29 31 M56 30 C48 28 40 30 30 33 M54 38 C46 40 38 38 30 35" />
          <path d="M12 36 C10 42 16 46 22 46 M12 36 L9 39 M12 36 L15 39" strokeWidth={1.4} />
        </>
      );
  }
}

function Scissors({ grip }: { grip: string }) {
  const blades = (
    <>
      <path d="M30 24 L58 14 M30 24 L58 34" />
      <circle cx={22} cy={17} r={6} />
      <circle cx={22} cy={31} r={6} />
    </>
  );
  switch (grip) {
    case "two-hands":
      return (
        <>
          {blades}
          <rect x={6} y={8} width={12} height={12} rx={5} />
          <rect x={6} y={28} width={12} height={12} rx={5} />
        </>
      );
    case "thumb-down":
      return (
        <>
          {blades}
          <path d="M8 12 C14 10 18 12 20 16" />
          <path d="M8 40 C14 40 18 36 20 33" strokeWidth={3.4} />
        </>
      );
    case "thumb-up":
      return (
        <>
          {blades}
          <path d="M8 8 C14 8 18 12 20 15" strokeWidth={3.4} />
          <path d="M8 38 C14 38 18 36 20 33 M10 43 C16 43 20 40 23 36" />
        </>
      );
    default:
      return (
        <>
          {blades}
          <path d="M8 8 C14 8 18 12 20 15" strokeWidth={3.4} />
          <rect x={40} y={2} width={20} height={26} strokeWidth={1.4} />
          <path d="M46 42 C52 44 58 40 58 34 M58 34 L55 37 M58 34 L61 37" strokeWidth={1.4} />
        </>
      );
  }
}
