import { ArrowLeft } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { Link, useSearchParams } from "react-router";
import { $api } from "../api/client";
import { ThingDialog } from "../safety/ThingDialog";
import { ErrorNote } from "../shared/ErrorNote";
import { money, plain } from "../shared/figures";
import { PlaceMain, PlaceSkeleton } from "../shared/Skeleton";
import { TableDialog } from "../shared/TableDialog";
import { useWeek } from "../shared/useWeek";
import { CountShelf } from "./CountShelf";
import { MaterialPanel } from "./MaterialPanel";
import { QuickSets } from "./QuickSets";
import { SharingDialog } from "./SharingDialog";
import { ShelfRow } from "./ShelfRow";
import { useCupboardChanges } from "./useCupboardChanges";

interface Counted {
  materialId: string;
  name: string;
  amount: number;
  note: string;
}

/** Cupboard: shelves by kind, what the week does with them, what is short. */
export function CupboardPage() {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const [find, setFind] = useState("");
  const [all, setAll] = useState(false);
  const [address, setAddress] = useSearchParams();
  const open = address.get("open");
  const setOpen = (id: string) => setAddress((a) => ({ ...Object.fromEntries(a), open: id }), { replace: true });
  const [dialog, setDialog] = useState<"count" | "table" | "share" | "thing" | "quick" | null>(null);
  const cupboard = $api.useQuery(
    "get",
    "/api/cupboard",
    { params: { query: { weekId, all } } },
    {
      // More or fewer things of the same week: those seen stay until the others are there.
      placeholderData: (before, query) => (query?.queryKey[2]?.params?.query?.weekId === weekId ? before : undefined),
    },
  );
  const changes = useCupboardChanges();
  const words = find.toLowerCase();
  const shelves = (cupboard.data?.shelves ?? [])
    .map((s) => ({ ...s, tiles: s.tiles.filter((x) => `${x.name} ${s.name}`.toLowerCase().includes(words)) }))
    .filter((s) => s.tiles.length > 0);
  const first = shelves.flatMap((s) => s.tiles).toSorted((a, b) => Number(b.lacking > 0) - Number(a.lacking > 0))[0];
  const opened = open ?? first?.materialId;
  const data = cupboard.data;
  if (!data) {
    return <PlaceSkeleton error={cupboard.error} />;
  }
  return (
    <PlaceMain>
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("places.cupboard")}</h1>
        {address.get("from") === "week" && (
          <Link to={`/w/${weekId}/week`} className="btn btn-outline btn-sm">
            <ArrowLeft size={16} aria-hidden="true" /> {t("cupboard.back")}
          </Link>
        )}
        <span className="quiet place-said">
          {`${t("cupboard.things", { count: data.onHandCount })} ${t("cupboard.onShelves", { count: data.shelves.length })}`}
          {data.shortCount > 0 ? ` · ${t("cupboard.short", { count: data.shortCount })}` : ""}
          {data.buyCents > 0 ? ` · ${t("cupboard.buy", { money: money(data.buyCents, data.currency) })}` : ""}
        </span>
        <input
          data-find
          className="input input-sm w-36"
          placeholder={t("cupboard.find")}
          aria-label={t("cupboard.find")}
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={all}
            onChange={(e) => setAll(e.target.checked)}
          />
          {t("cupboard.all")}
        </label>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => setDialog("share")}>
          {t("sharing.open")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => setDialog("thing")}>
          {t("thing.open")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => setDialog("quick")}>
          {t("quickSets.open")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => setDialog("count")}>
          {t("cupboard.count")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => setDialog("table")}>
          {t("table.open")}
        </button>
        <a className="btn btn-ghost btn-sm" href="/api/cupboard/table.csv" download="cupboard.csv">
          {t("cupboard.csv")}
        </a>
      </header>
      <div className="pane flex min-h-0 flex-1 max-md:flex-col">
        <section
          className="min-w-0 flex-1 overflow-auto px-4 py-3 max-md:h-[45dvh] max-md:flex-none"
          aria-label={t("places.cupboard")}
        >
          <ErrorNote error={cupboard.error} />
          {shelves.map((shelf) => (
            <ShelfRow key={shelf.name} shelf={shelf} open={opened ?? null} onOpen={setOpen} />
          ))}
          {shelves.length === 0 && (
            <>
              <p>{find ? t("cupboard.noneFound") : t("cupboard.empty")}</p>
              {!find && (
                <button type="button" className="btn btn-primary mt-3" onClick={() => setDialog("quick")}>
                  {t("quickSets.open")}
                </button>
              )}
            </>
          )}
        </section>
        {opened && <MaterialPanel materialId={opened} onOpen={setOpen} />}
      </div>
      {dialog === "thing" && <ThingDialog onClose={() => setDialog(null)} />}
      {dialog === "count" && <CountShelf shelves={data.shelves} onClose={() => setDialog(null)} />}
      {dialog === "quick" && <QuickSets onClose={() => setDialog(null)} />}
      {dialog === "share" && <SharingDialog onClose={() => setDialog(null)} />}
      {dialog === "table" && (
        <TableDialog<Counted>
          title={t("cupboard.tableTitle")}
          help={t("cupboard.tableHelp")}
          example={"material,amount,unit\nWooden blocks,40,piece\nRice,2,kg"}
          path="/api/cupboard/table"
          row={(x) => (
            <span className="flex justify-between">
              {x.name} <b>{plain(x.amount)}</b>
            </span>
          )}
          take={(items) => changes.count(items)}
          onClose={() => setDialog(null)}
        />
      )}
    </PlaceMain>
  );
}
