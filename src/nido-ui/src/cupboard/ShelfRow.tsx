import { useTranslation } from "react-i18next";
import type { Tile } from "../api/client";
import { plain } from "../shared/figures";

/** A shelf with its tiles: amount, this week's use as a bar, what is short. */
export function ShelfRow({
  shelf,
  open,
  onOpen,
}: {
  shelf: { name: string; tiles: Tile[] };
  open: string | null;
  onOpen: (id: string) => void;
}) {
  return (
    <section className="mb-4">
      <h2 className="mb-1.5">{shelf.name}</h2>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-2">
        {shelf.tiles.map((tile) => (
          <TileButton
            key={tile.materialId}
            tile={tile}
            open={tile.materialId === open}
            onOpen={() => onOpen(tile.materialId)}
          />
        ))}
      </div>
      <div className="mt-2 h-1.5 rounded-b bg-[#d8c7a4] dark:bg-[#5b4d33]" aria-hidden="true" />
    </section>
  );
}

function TileButton({ tile, open, onOpen }: { tile: Tile; open: boolean; onOpen: () => void }) {
  const { t } = useTranslation();
  const short = tile.lacking > 0;
  const whole = Math.max(tile.have, tile.used, 1);
  return (
    <button
      type="button"
      aria-pressed={open}
      onClick={onOpen}
      className={`flex cursor-pointer flex-col rounded-[10px] border bg-base-100 px-2.5 py-1.5 text-left ${open ? "border-2 border-base-content" : short ? "border-warning" : "border-base-300"}`}
    >
      <span className="w-full truncate font-semibold" title={tile.name}>
        {tile.name}
      </span>
      <span className="my-1 flex h-2 w-full overflow-hidden rounded-sm bg-base-300" aria-hidden="true">
        <span className="bg-base-content" style={{ width: `${(100 * Math.min(tile.used, tile.have)) / whole}%` }} />
        <span className="short-bar" style={{ width: `${(100 * tile.lacking) / whole}%` }} />
      </span>
      <span className="quiet block text-[13px]">
        {plain(tile.have)} {t(`unit.${unitKey(tile.unit)}`)}
        {tile.used > 0 ? `, ${t("cupboard.uses", { used: plain(tile.used) })}` : `, ${t("cupboard.free")}`}
      </span>
      {(tile.coming ?? 0) > 0 && (
        <span className="block text-[13px]">{t("cupboard.coming", { amount: plain(tile.coming ?? 0) })}</span>
      )}
      {tile.goneOff > 0 && (
        <span className="block text-[13px] text-warning">
          {t("cupboard.goneOffShort", { amount: plain(tile.goneOff) })}
        </span>
      )}
      {short && (
        <span className={`block font-bold ${tile.isMade ? "" : "text-warning"}`}>
          {t(tile.isMade ? "cupboard.makeSome" : "cupboard.shortBy", { lacking: plain(tile.lacking) })}
        </span>
      )}
    </button>
  );
}

/** The short unit word used in every text. */
export const unitKey = (unit: Tile["unit"]) =>
  ({ piece: "piece", sheet: "sheet", gram: "g", millilitre: "ml", metre: "m" })[unit];
