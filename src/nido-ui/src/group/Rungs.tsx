/** A ladder drawn as rungs from the bottom up; filled where something was seen, hatched from age alone. */
export function Rungs({ step, of, seen }: { step: number; of: number; seen: boolean }) {
  return (
    <span className="flex w-4 flex-col gap-[1.5px]" aria-hidden="true">
      {Array.from({ length: of }, (_, i) => of - i).map((rung) => (
        <span
          key={rung}
          className={rung > step ? "rung" : seen ? "rung rung-seen" : "rung rung-age"}
          style={{ height: 2.5 }}
        />
      ))}
    </span>
  );
}
