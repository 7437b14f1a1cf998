import { Plus, Trash2 } from "lucide-react";
import { useTranslation } from "react-i18next";
import { $api, type Block } from "../api/client";

const kinds: Block["kind"][] = ["shelf", "circle", "stations", "outdoors", "table"];

/** The blocks of the day. */
export function BlockRows({ blocks, onChange }: { blocks: Block[]; onChange: (b: Block[]) => void }) {
  const { t } = useTranslation();
  const timetables = $api.useQuery("get", "/api/timetables");
  const set = (i: number, change: Partial<Block>) =>
    onChange(blocks.map((b, k) => (k === i ? { ...b, ...change } : b)));
  const fresh = () => {
    let n = blocks.length + 1;
    while (blocks.some((b) => b.id === `block-${n}`)) {
      n += 1;
    }
    return { id: `block-${n}`, name: "", kind: "table" as const, starts: "11:00:00", minutes: 20, offers: 2 };
  };
  return (
    <fieldset>
      <legend className="font-bold">{t("settings.blocks")}</legend>
      <p className="quiet text-[13px]">{t("settings.blocksWhy")}</p>
      <p className="mt-1 flex flex-wrap items-center gap-2" data-timetables>
        {t("timetable.from")}
        {timetables.data?.map((table) => (
          <button
            key={table.id}
            type="button"
            className="btn btn-outline btn-xs"
            onClick={() => onChange(table.blocks)}
          >
            {t(`timetable.${table.id}`)}
          </button>
        ))}
      </p>
      {blocks.map((b, i) => (
        <div key={b.id} className="mt-1 flex flex-wrap items-center gap-2">
          <input
            className="input input-sm w-32"
            aria-label={t("settings.blockName")}
            value={b.name}
            required
            onChange={(e) => set(i, { name: e.target.value })}
          />
          <select
            className="select select-sm w-36"
            aria-label={t("settings.blockKind")}
            value={b.kind}
            onChange={(e) => {
              const kind = e.target.value as Block["kind"];
              set(i, { kind, offers: kind === "circle" || kind === "outdoors" ? 1 : b.offers });
            }}
          >
            {kinds.map((k) => (
              <option key={k} value={k}>
                {t(`blockKind.${k}`)}
              </option>
            ))}
          </select>
          <input
            type="time"
            className="input input-sm w-28"
            aria-label={t("settings.starts")}
            value={b.starts.slice(0, 5)}
            onChange={(e) => set(i, { starts: `${e.target.value}:00` })}
          />
          <label className="flex items-center gap-1">
            <input
              type="number"
              min={5}
              max={180}
              className="input input-sm w-16"
              value={b.minutes}
              onChange={(e) => set(i, { minutes: Number(e.target.value) })}
            />
            min
          </label>
          <label className="flex items-center gap-1">
            <input
              type="number"
              min={1}
              max={6}
              className="input input-sm w-14"
              value={b.offers}
              onChange={(e) => set(i, { offers: Number(e.target.value) })}
            />
            {t("settings.offers")}
          </label>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label={t("settings.removeBlock", { name: b.name })}
            onClick={() => onChange(blocks.filter((_, k) => k !== i))}
          >
            <Trash2 size={15} aria-hidden="true" />
          </button>
        </div>
      ))}
      <button type="button" className="btn btn-ghost btn-sm mt-1" onClick={() => onChange([...blocks, fresh()])}>
        <Plus size={15} aria-hidden="true" /> {t("settings.addBlock")}
      </button>
    </fieldset>
  );
}
