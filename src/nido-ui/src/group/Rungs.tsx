/** Height of a rung with the gap above it, in px; as in the styles. */
const rung = 4;

/**
 * A ladder drawn as rungs from the bottom up; filled where something was seen, hatched from age alone. One element a ladder: a group has
 * hundreds of them on one page.
 */
export function Rungs({ step, of, seen }: { step: number; of: number; seen: boolean }) {
  return (
    <span
      aria-hidden="true"
      className={`rungs ${seen ? "rungs-seen" : "rungs-age"}`}
      style={{
        height: of * rung - 1.5,
        backgroundSize: `100% ${step * rung - 1.5}px, 100% ${Math.max(0, (of - step) * rung - 1.5)}px`,
      }}
    />
  );
}
