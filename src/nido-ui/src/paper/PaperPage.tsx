import { ArrowLeft, FileText, Printer } from "lucide-react";
import { useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api, type Problem } from "../api/client";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { duration } from "../shared/figures";
import { PlaceMain, PlaceSkeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { Kinds } from "./Kinds";
import { OrderRow } from "./OrderRow";
import { saveFile } from "./saveFile";
import { grouped, pagesOf } from "./sheetValues";

/** The paper of the week: what is needed, chosen and counted, in one file; a day, the wall, the cards; and any sheet by itself. */
export function PaperPage() {
  const { t, i18n } = useTranslation();
  const { weekId, week } = useWeek();
  const language = i18n.language.startsWith("es") ? "es" : "en";
  const paper = $api.useQuery("get", "/api/weeks/{weekId}/paper", {
    params: { path: { weekId }, query: { language } },
  });
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const [error, setError] = useState<Problem | null>(null);
  const making = useRef<AbortController | null>(null);
  const [busy, setBusy] = useState(false);
  // Read before anything is drawn: what can be made by itself does not push down as it comes.
  const kinds = $api.useQuery("get", "/api/paper/kinds", { params: { query: { language } } });
  const data = paper.data;
  const pages = data ? pagesOf(data.orders, without) : 0;
  const turn = (id: string) => {
    const next = new Set(without);
    if (!next.delete(id)) {
      next.add(id);
    }
    setWithout(next);
  };
  const print = () => {
    making.current = new AbortController();
    setBusy(true);
    setError(null);
    saveFile(`/api/weeks/${weekId}/paper/pdf`, { without: [...without], language }, "paper.pdf", making.current.signal)
      .catch((e) => (e as Error).name !== "AbortError" && setError(e as Problem))
      .finally(() => setBusy(false));
  };
  if (!data || !kinds.data || !week.data) {
    return <PlaceSkeleton error={week.error ?? paper.error ?? kinds.error} />;
  }
  return (
    <PlaceMain>
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("paper.title")}</h1>
        <span className="quiet place-said">
          {week.data.theme.name}
          {` · ${t("paper.total", { count: pages })}`}
          {data.spared > 0 && ` · ${t("paper.spared", { time: duration(data.spared) })}`}
        </span>
        <Link to={`/w/${weekId}/prep`} className="btn btn-outline btn-sm">
          <ArrowLeft size={16} aria-hidden="true" /> {t("places.prep")}
        </Link>
      </header>
      <div className="pane grid min-h-0 flex-1 grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] gap-8 overflow-auto px-4 py-3 max-lg:grid-cols-1">
        <section aria-label={t("paper.ofTheWeek")}>
          <div className="mb-1 flex flex-wrap items-center gap-2">
            <h2 className="mr-auto">{t("paper.ofTheWeek")}</h2>
            {busy ? (
              <button type="button" className="btn btn-outline btn-sm" onClick={() => making.current?.abort()}>
                {t("paper.stop")}
              </button>
            ) : (
              <button
                type="button"
                className="btn btn-primary btn-sm"
                disabled={pages === 0}
                onClick={print}
                data-print
              >
                <Printer size={16} aria-hidden="true" /> {t("paper.printChosen", { count: pages })}
              </button>
            )}
          </div>
          <p className="quiet mb-2 text-[13px]">{t("paper.help")}</p>
          <ErrorNote error={paper.error ?? error} />
          {!data.hasPrinter && <p>{t("paper.noPrinter")}</p>}
          {data.hasPrinter && data.orders.length === 0 && <p>{t("paper.nothing")}</p>}
          {grouped(data.orders, (o) => o.evening).map(([evening, orders]) => (
            <section key={evening} className="mb-3">
              <h3 className="border-base-300 border-b font-bold">{t("paper.evening", { day: longDay(evening) })}</h3>
              <ul>
                {orders.map((o) => (
                  <OrderRow key={o.id} order={o} weekId={weekId} on={!without.has(o.id)} onTurn={() => turn(o.id)} />
                ))}
              </ul>
            </section>
          ))}
          <h2 className="mt-4 mb-1">{t("paper.forAdults")}</h2>
          <ul className="flex flex-wrap gap-2">
            {data.days.map((day, k) => (
              <li key={day}>
                <Pdf href={`/api/weeks/${weekId}/days/${k}.pdf?language=${language}`} name={longDay(day)} />
              </li>
            ))}
            <li>
              <Pdf href={`/api/weeks/${weekId}/plan.pdf?language=${language}`} name={t("paper.wall")} />
            </li>
            <li>
              <Pdf href={`/api/weeks/${weekId}/cards.pdf?language=${language}`} name={t("paper.cards")} />
            </li>
            <li>
              <Pdf href={`/api/weeks/${weekId}/family.pdf?language=${language}`} name={t("paper.family")} />
            </li>
          </ul>
        </section>
        <Kinds weekId={weekId} language={language} />
      </div>
    </PlaceMain>
  );
}

function Pdf({ href, name }: { href: string; name: string }) {
  return (
    <a className="btn btn-outline btn-sm" href={href} download>
      <FileText size={15} aria-hidden="true" /> {name}
    </a>
  );
}
