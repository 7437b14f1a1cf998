import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas, type Tile } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { plain } from "../shared/figures";
import { useWeek } from "../shared/useWeek";
import { unitKey } from "./ShelfRow";
import { useCupboardChanges } from "./useCupboardChanges";

type Thing = Schemas["QuickThing"];
const parts = ["paint", "dough", "outdoors"] as const;

/** Counting begins with what a place of this kind usually has: choose, take off what is not there, keep. */
export function QuickSets({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const changes = useCupboardChanges();
  const [chosen, setChosen] = useState<string | null>(null);
  const [without, setWithout] = useState<string[]>([]);
  const [off, setOff] = useState<string[]>([]);
  const children = week.data?.loom.length ?? 0;
  const sets = $api.useQuery("get", "/api/quick-sets", { params: { query: { children } } });
  const set = sets.data?.find((s) => s.id === chosen);
  const offered = (set?.things ?? []).filter((x) => !without.includes(x.part) && x.have === 0);
  const kept = offered.filter((x) => !off.includes(x.materialId));
  const shelves = [...new Set(offered.map((x) => x.shelf))];
  const toggle = (list: string[], id: string) => (list.includes(id) ? list.filter((x) => x !== id) : [...list, id]);
  const keep = () =>
    changes
      .count(kept.map((x) => ({ materialId: x.materialId, amount: x.amount, note: set?.name ?? "" })))
      .then(onClose, () => undefined);
  return (
    <Dialog title={t("quickSets.title")} onClose={onClose}>
      <ErrorNote error={sets.error ?? changes.countError} />
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void keep();
        }}
      >
        <fieldset className="grid gap-2">
          <legend className="mb-1">{t("quickSets.which")}</legend>
          {sets.data?.map((s) => (
            <label key={s.id} className="flex min-h-11 cursor-pointer gap-2 rounded-[10px] border border-base-300 p-2">
              <input
                type="radio"
                name="set"
                className="radio radio-sm mt-0.5"
                checked={chosen === s.id}
                onChange={() => setChosen(s.id)}
              />
              <span>
                <b>{s.name}</b> <span className="quiet block text-[13px]">{s.about}</span>
              </span>
            </label>
          ))}
        </fieldset>
        {set && (
          <>
            <fieldset className="my-2 flex flex-wrap gap-x-5 gap-y-1">
              <legend className="sr-only">{t("quickSets.parts")}</legend>
              {parts
                .filter((p) => set.things.some((x) => x.part === p))
                .map((p) => (
                  <label key={p} className="flex min-h-11 items-center gap-2">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={!without.includes(p)}
                      onChange={() => setWithout(toggle(without, p))}
                    />
                    {t(`quickSets.${p}`)}
                  </label>
                ))}
            </fieldset>
            <p className="quiet text-[13px]">{t("quickSets.takeOff")}</p>
            <div className="max-h-72 overflow-auto border-base-300 border-y">
              {shelves.map((shelf) => (
                <Shelf
                  key={shelf}
                  name={shelf}
                  things={offered.filter((x) => x.shelf === shelf)}
                  off={off}
                  onToggle={(id) => setOff(toggle(off, id))}
                />
              ))}
            </div>
          </>
        )}
        <button type="submit" className="btn btn-primary mt-3" disabled={kept.length === 0}>
          {t("quickSets.keep", { count: kept.length })}
        </button>
        {set && <p className="quiet mt-1 text-[13px]">{t("quickSets.then")}</p>}
      </form>
    </Dialog>
  );
}

function Shelf({
  name,
  things,
  off,
  onToggle,
}: {
  name: string;
  things: Thing[];
  off: string[];
  onToggle: (materialId: string) => void;
}) {
  const { t } = useTranslation();
  return (
    <fieldset>
      <legend className="pt-2 font-bold">{name}</legend>
      <ul className="grid gap-x-4 sm:grid-cols-2">
        {things.map((x) => (
          <li key={x.materialId}>
            <label className="flex cursor-pointer items-center gap-2 py-0.5">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={!off.includes(x.materialId)}
                onChange={() => onToggle(x.materialId)}
              />
              <span className="min-w-0 flex-1">{x.name}</span>
              <span className="quiet whitespace-nowrap text-[13px]">
                {plain(x.amount)} {t(`unit.${unitKey(x.unit as Tile["unit"])}`, { count: x.amount })}
              </span>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
