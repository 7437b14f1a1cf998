import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Tile } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { plain } from "../shared/figures";
import { numberOrTyped } from "../shared/numbers";
import { unitKey } from "./ShelfRow";
import { useCupboardChanges } from "./useCupboardChanges";

/** Counts one shelf in one pass: Tab from field to field, only what differs is written. */
export function CountShelf({ shelves, onClose }: { shelves: { name: string; tiles: Tile[] }[]; onClose: () => void }) {
  const { t } = useTranslation();
  const changes = useCupboardChanges();
  const [name, setName] = useState(shelves[0]?.name ?? "");
  const [counts, setCounts] = useState<Record<string, string>>({});
  const shelf = shelves.find((s) => s.name === name);
  const written = Object.entries(counts).filter(([, v]) => v.trim() !== "");
  return (
    <Dialog typed title={t("cupboard.count")} onClose={onClose}>
      <label className="mb-3 flex items-center gap-2">
        {t("cupboard.shelf")}
        <select className="select select-sm" value={name} onChange={(e) => setName(e.target.value)}>
          {shelves.map((s) => (
            <option key={s.name}>{s.name}</option>
          ))}
        </select>
      </label>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void changes
            .count(written.map(([materialId, v]) => ({ materialId, amount: numberOrTyped(v), note: "counted" })))
            .then(onClose);
        }}
      >
        <ul className="max-h-80 overflow-auto">
          {shelf?.tiles.map((tile) => (
            <li key={tile.materialId} className="border-base-300 border-t">
              <label className="flex items-center justify-between gap-2 py-1">
                <span>{tile.name}</span>
                <span className="flex items-center gap-2">
                  <input
                    className="input input-sm w-24 text-right"
                    inputMode="decimal"
                    placeholder={plain(tile.have)}
                    value={counts[tile.materialId] ?? ""}
                    onChange={(e) => setCounts({ ...counts, [tile.materialId]: e.target.value })}
                  />
                  <span className="quiet w-12">{t(`unit.${unitKey(tile.unit)}`)}</span>
                </span>
              </label>
            </li>
          ))}
        </ul>
        <ErrorNote error={changes.countError} />
        <button type="submit" className="btn btn-primary mt-3" disabled={written.length === 0}>
          {t("cupboard.keepCounts", { count: written.length })}
        </button>
      </form>
    </Dialog>
  );
}
