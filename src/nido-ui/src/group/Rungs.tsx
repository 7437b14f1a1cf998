/** A ladder drawn as rungs from the bottom up; those from age alone are hatched. */
export function Rungs({ step, of }: { step: number; of: number }) {
  return (
    <span className="flex w-4 flex-col gap-[1.5px]" aria-hidden="true">
      {Array.from({ length: of }, (_, i) => of - i).map((rung) => (
        <span key={rung} className={rung <= step ? "rung rung-age" : "rung"} style={{ height: 2.5 }} />
      ))}
    </span>
  );
}
