import { useTranslation } from "react-i18next";
import type { LoomRow, StrandHead } from "../api/client";

/** A column a strand, in the colour of its aim. */
export function StrandHeads({ strands }: { strands: StrandHead[] }) {
  const { t } = useTranslation();
  return strands.map((s) => (
    <th key={s.id} className={`aim-${s.aim} h-[136px] w-[13px] px-0 align-bottom font-normal text-[11px] leading-none`}>
      <span className="block max-h-[134px] rotate-180 overflow-hidden whitespace-nowrap [writing-mode:vertical-rl]">
        {t(`strand.${s.id}`)}
      </span>
    </th>
  ));
}

/** How often a child meets each strand; a strand it does not meet stands out. */
export function StrandCells({ row, strands }: { row: LoomRow; strands: StrandHead[] }) {
  const { t } = useTranslation();
  return strands.map((s, i) => {
    const times = row.strands?.[i] ?? null;
    return (
      <td
        key={s.id}
        className={`px-0 text-center text-[11px] ${i > 0 && strands[i - 1]?.aim !== s.aim ? "border-base-300 border-l" : ""}`}
        title={t("loom.strandTimes", { strand: t(`strand.${s.id}`), count: times ?? 0 })}
      >
        {times === null ? (
          <span className="quiet">·</span>
        ) : times === 0 ? (
          <b className="text-error">0</b>
        ) : (
          <span className={`aim-${s.aim}`}>
            {times > 9 ? "+" : times}
            {times > 9 && <span className="sr-only">{times}</span>}
          </span>
        )}
      </td>
    );
  });
}
