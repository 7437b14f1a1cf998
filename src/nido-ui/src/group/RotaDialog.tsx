import { useTranslation } from "react-i18next";
import { $api, type Rota } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { useRota } from "./useRota";

/** Who goes round the stations with whom: formed by Nido, changed by hand, with what that comes to. */
export function RotaDialog({
  weekId,
  day,
  blockId,
  title,
  onClose,
}: {
  weekId: string;
  day: number;
  blockId: string;
  title: string;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const at = { weekId, day, blockId };
  const rota = $api.useQuery("get", "/api/weeks/{weekId}/rota/{day}/{blockId}", { params: { path: at } });
  const changes = useRota(at);
  const r = rota.data;
  return (
    <Dialog title={t("rota.title", { block: title })} onClose={onClose} wide>
      <ErrorNote error={rota.error ?? changes.error} />
      {r && (
        <div data-rota>
          <p className="quiet">
            {t(r.grouping === "mixed" ? "rota.formedMixed" : "rota.formedNear")}{" "}
            {r.byHand && (
              <button type="button" className="btn btn-outline btn-xs ml-1" onClick={changes.letNidoForm}>
                {t("rota.letNido")}
              </button>
            )}
          </p>
          <div className="mt-2 grid grid-cols-3 gap-3 max-md:grid-cols-1">
            {r.groups.map((g, i) => (
              <GroupCard key={g.children[0]?.childId ?? i} rota={r} index={i} onMove={changes.move(r)} />
            ))}
          </div>
          <div aria-live="polite" data-rota-problems>
            {r.problems.length === 0 ? (
              <p className="mt-2">
                {t("rota.holds", {
                  needed: r.groups.reduce((sum, g) => sum + g.adults, 0),
                  there: r.adultsThere,
                })}
              </p>
            ) : (
              r.problems.map((p) => (
                <p key={p} className="mt-2 text-warning">
                  {p}
                </p>
              ))
            )}
          </div>
          <Rounds rota={r} />
        </div>
      )}
    </Dialog>
  );
}

function GroupCard({
  rota,
  index,
  onMove,
}: {
  rota: Rota;
  index: number;
  onMove: (childId: string, to: number) => void;
}) {
  const { t } = useTranslation();
  const group = rota.groups[index];
  if (!group) {
    return null;
  }
  return (
    <section className="rounded-[10px] border border-base-300 bg-base-100 p-3">
      <h3 className="font-bold">{t("rota.group", { number: index + 1 })}</h3>
      <p className="quiet text-[13px]">
        {t("rota.comesTo", { children: group.children.length, count: group.adults, months: group.spreadMonths })}
      </p>
      <ul className="my-1">
        {group.children.map((c) => (
          <li key={c.childId} className="flex items-center justify-between border-base-300 border-t py-0.5">
            <span>
              {c.name} <span className="quiet text-xs">{c.age}</span>
            </span>
            <select
              className="select select-xs w-24"
              aria-label={t("rota.moveChild", { name: c.name })}
              value={index}
              onChange={(e) => onMove(c.childId, Number(e.target.value))}
            >
              {rota.groups.map((_, k) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: groups are known by their number
                <option key={k} value={k}>
                  {t("rota.group", { number: k + 1 })}
                </option>
              ))}
            </select>
          </li>
        ))}
      </ul>
      <p className="text-[13px]">
        {rota.stations.map((s, k) => (
          <span key={s} className="block">
            {s}: {t("rota.steps", { steps: group.steps[k] })}
          </span>
        ))}
      </p>
      {group.pairs.length > 0 && <p className="quiet text-[13px]">{group.pairs.join(", ")}</p>}
    </section>
  );
}

/** The rota: a row a round, a column a group. */
export function Rounds({ rota }: { rota: Rota }) {
  const { t } = useTranslation();
  return (
    <table className="mt-3 w-full">
      <thead>
        <tr>
          <th className="w-16 text-left font-normal">
            <span className="sr-only">{t("rota.starts")}</span>
          </th>
          {rota.groups.map((g, i) => (
            <th key={g.children[0]?.childId ?? i} className="text-left">
              {t("rota.group", { number: i + 1 })}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rota.rounds.map((round) => (
          <tr key={round.starts} className="border-base-300 border-t">
            <th scope="row" className="quiet py-1 text-left font-normal">
              {round.starts.slice(0, 5).replace(/^0/, "")}
            </th>
            {round.stations.map((s, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a column a group
              <td key={i}>{rota.stations[s] ?? "–"}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
