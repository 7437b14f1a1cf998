import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { OwnPhoto } from "../own/OwnPhoto";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { plain, signed } from "../shared/figures";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { Carries } from "./Carries";
import { MovementForm } from "./MovementForm";
import { unitKey } from "./ShelfRow";
import { StandIns } from "./StandIns";
import { WaysOut } from "./WaysOut";

/** A material opened: what the week takes, the ways out, its body, roles and ledger. */
export function MaterialPanel({ materialId, onOpen }: { materialId: string; onOpen: (id: string) => void }) {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const { data: m, error } = $api.useQuery("get", "/api/cupboard/{materialId}", {
    params: { path: { materialId }, query: { weekId } },
  });
  // As high before it is read as after: nothing beside it moves.
  const frame =
    "pane w-[300px] shrink-0 overflow-auto border-base-300 border-l bg-base-100 px-4 py-3 max-lg:w-[250px] max-md:w-full max-md:border-t max-md:border-l-0";
  if (!m) {
    return <aside className={frame}>{error ? <ErrorNote error={error} /> : <Skeleton lines={10} />}</aside>;
  }
  const unit = t(`unit.${unitKey(m.unit)}`);
  const currency = week.data?.currency ?? "USD";
  return (
    <aside className={frame} aria-label={m.name}>
      <h2 className="text-lg">{m.name}</h2>
      {materialId.startsWith("own-") && <OwnPhoto materialId={materialId} name={m.name} />}
      <p className={m.lacking > 0 ? "font-bold text-warning" : ""}>
        {m.lacking > 0 ? `${t("cupboard.shortBy", { lacking: plain(m.lacking) })} · ` : ""}
        <span className="font-normal">
          {t("cupboard.haveUses", { have: plain(m.have), used: plain(m.used), unit })}
        </span>
      </p>
      <ul className="my-2 text-[13px]">
        {m.trace.map((line) => (
          <li key={line} className="border-base-300 border-t py-1">
            {line}
          </li>
        ))}
      </ul>
      {m.goneOff > 0 && (
        <p className="text-[13px] text-warning">
          {t("cupboard.goneOff", { amount: plain(m.goneOff), unit, days: m.keepsDays })}
        </p>
      )}
      {m.lacking > 0 && <WaysOut material={m} unit={unit} currency={currency} />}
      {m.makeFrom.length > 0 && (
        <>
          <h3 className="mt-3 font-bold">{t("cupboard.makeFrom", { most: plain(m.canMake), unit })}</h3>
          <ul className="text-[13px]">
            {m.makeFrom.map((f) => (
              <li key={f.do} className="border-base-300 border-t py-1">
                {f.do}
                {f.adultOnly ? ` · ${t("prep.adultOnly")}` : ""}
                <span className="quiet block">
                  {f.from
                    .map((x) => `${plain(x.amount)} ${x.name} (${t("idea.have", { have: plain(x.have) })})`)
                    .join(" + ")}{" "}
                  → {plain(f.amount)} {unit}, {plain(f.minutes)} min
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <Carries materialId={materialId} have={m.have > 0 ? m.have : m.canMake} unit={unit}>
        {m.standIns.length > 0 && <StandIns materialId={materialId} standIns={m.standIns} onOpen={onOpen} />}
        <h3 className="mt-3 font-bold">{t("cupboard.body")}</h3>
        <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-[13px]">
          <dt className="quiet">{t("cupboard.size")}</dt>
          <dd className="text-right">{m.size}</dd>
          <dt className="quiet">{t("cupboard.properties")}</dt>
          <dd className="text-right">{[...m.tags, ...(m.smallPart ? [t("cupboard.smallPart")] : [])].join(", ")}</dd>
          {m.allergens.length > 0 && (
            <>
              <dt className="quiet">{t("cupboard.allergens")}</dt>
              <dd className="text-right font-bold text-warning">{m.allergens.join(", ")}</dd>
            </>
          )}
          <dt className="quiet">{t("cupboard.kind")}</dt>
          <dd className="text-right">
            {m.consumable ? t("cupboard.consumable") : t("cupboard.reusable", { minutes: m.turnaroundMinutes })}
          </dd>
          <dt className="quiet">{t("cupboard.roles")}</dt>
          <dd className="text-right">{m.roles.map((r) => `${r.role} (${r.technique})`).join(", ")}</dd>
        </dl>
        <h3 className="mt-3 font-bold">{t("cupboard.ledger")}</h3>
        <MovementForm materialId={materialId} unit={unit} />
        <ul className="text-[13px]">
          {m.ledger.map((x, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: movements have no other name and are only read
            <li key={i} className="flex justify-between border-base-300 border-t py-1">
              <span>
                {longDay(x.on)} · {t(`movement.${x.kind}`)} <span className="quiet">{x.note}</span>
              </span>
              <b>{signed(x.amount, 2)}</b>
            </li>
          ))}
        </ul>
      </Carries>
    </aside>
  );
}
