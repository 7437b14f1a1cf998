import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type Aim, aims, type LoomRow, type Strip, type WeekView } from "../api/client";
import { Carried } from "./Carried";
import { DayCells, DayHeads } from "./LoomDays";
import { StrandCells, StrandHeads } from "./LoomStrands";

const looks = ["aims", "days", "strands"] as const;

/** A row a child, worst off first: four threads that fill towards the week's target, or its days, or its strands. */
export function Loom({
  view,
  lit,
  childId,
  aim,
  onChild,
  onAim,
}: {
  view: WeekView;
  lit: Strip | null;
  childId: string | null;
  aim: Aim | null;
  onChild: (id: string | null) => void;
  onAim: (aim: Aim | null) => void;
}) {
  const { t } = useTranslation();
  const [look, setLook] = useState<(typeof looks)[number]>("aims");
  const many = view.loom.length > 20;
  return (
    <aside
      className={`${look === "strands" ? "w-[508px]" : "w-[250px]"} shrink-0 overflow-auto border-base-300 border-l px-2.5 py-2 max-lg:w-full max-lg:overflow-visible max-lg:border-t max-lg:border-l-0`}
      aria-label={t("loom.title")}
      data-loom={look}
    >
      <div className="flex items-baseline justify-between">
        <h2>{t("loom.title")}</h2>
        <fieldset className="join">
          <legend className="sr-only">{t("loom.by")}</legend>
          {looks.map((l) => (
            <button
              key={l}
              type="button"
              aria-pressed={l === look}
              className={`btn join-item btn-xs ${l === look ? "btn-primary" : ""}`}
              onClick={() => setLook(l)}
            >
              {t(`loom.${l}`)}
            </button>
          ))}
        </fieldset>
      </div>
      <p className="quiet text-xs">
        {t(`loom.help.${look}`)}
        {look === "aims" &&
          view.loom.some((r) => r.aims.some((a) => typeof a.met === "number")) &&
          ` ${t("loom.metHelp")}`}
      </p>
      <table className={`mt-1 w-full ${look === "strands" ? "" : "max-lg:max-w-md"}`}>
        <thead className="sticky top-0 z-10 bg-base-200">
          <tr className="text-left text-xs">
            <th className="font-normal">
              <span className="sr-only">{t("loom.child")}</span>
            </th>
            {look === "aims" &&
              aims.map((a) => (
                <th key={a} className={`aim-${a} px-0.5`} title={t(`aim.${a}`)}>
                  <button
                    type="button"
                    aria-pressed={a === aim}
                    aria-label={`${t(`aimShort.${a}`)}, ${t("loom.lightAim", { aim: t(`aim.${a}`) })}`}
                    className={`min-h-6 w-full cursor-pointer text-left ${a === aim ? "rounded bg-secondary underline" : ""}`}
                    onClick={() => onAim(a === aim ? null : a)}
                  >
                    {t(`aimShort.${a}`)}
                  </button>
                </th>
              ))}
            {look === "days" && <DayHeads days={view.days} />}
            {look === "strands" && <StrandHeads strands={view.strands ?? []} />}
          </tr>
        </thead>
        <tbody>
          {view.loom.map((row) => (
            <tr
              key={row.childId}
              className={`border-base-300 border-t ${lit?.reach.includes(row.childId) ? "bg-secondary" : ""}`}
            >
              <Name row={row} many={many} chosen={childId === row.childId} onChild={onChild} />
              {look === "aims" && <AimCells row={row} />}
              {look === "days" && <DayCells row={row} />}
              {look === "strands" && <StrandCells row={row} strands={view.strands ?? []} />}
            </tr>
          ))}
        </tbody>
      </table>
      <Carried carried={view.carried ?? []} />
    </aside>
  );
}

function Name({
  row,
  many,
  chosen,
  onChild,
}: {
  row: LoomRow;
  many: boolean;
  chosen: boolean;
  onChild: (id: string | null) => void;
}) {
  const { t } = useTranslation();
  const missing = row.strandsMissing.length;
  return (
    <th scope="row" className="pr-1 text-left font-semibold">
      <button
        type="button"
        className={`min-h-6 w-full cursor-pointer rounded px-1 text-left leading-tight ${chosen ? "bg-primary text-primary-content" : ""}`}
        aria-pressed={chosen}
        title={
          missing
            ? t("loom.missing", { strands: row.strandsMissing.map((s) => t(`strand.${s}`)).join(", ") })
            : undefined
        }
        onClick={() => onChild(chosen ? null : row.childId)}
      >
        <span className="block max-w-[92px] truncate">
          {row.name} <span className={`font-normal text-xs ${chosen ? "" : "quiet"}`}>{row.age}</span>
        </span>
        {missing > 0 && !many && (
          <span className="block font-normal text-xs">{t("loom.strandsMissing", { count: missing })}</span>
        )}
      </button>
    </th>
  );
}

function AimCells({ row }: { row: LoomRow }) {
  const { t } = useTranslation();
  return row.aims.map((cell) => (
    <td
      key={cell.aim}
      className="w-9 px-0.5 align-middle"
      title={`${t("loom.cell", { minutes: cell.minutes, target: cell.target })}${
        typeof cell.met === "number" ? `; ${t("loom.met", { percent: cell.met })}` : ""
      }`}
    >
      <span className={`stitch stitch-${cell.aim}`} style={{ width: `${Math.min(100, cell.percent)}%` }} />
      <span className={`block text-xs leading-3 ${cell.percent < 90 ? "font-bold text-error" : ""}`}>
        {cell.percent}
      </span>
      {typeof cell.met === "number" && (
        <>
          <span className="block h-1 w-full bg-base-300">
            <span className="block h-1 bg-base-content" style={{ width: `${Math.min(100, cell.met)}%` }} data-met />
          </span>
          <span className="sr-only">{t("loom.met", { percent: cell.met })}</span>
        </>
      )}
    </td>
  ));
}
