import { Lock, LockOpen, PencilLine, Trash2, X } from "lucide-react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api, type WeekView } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import { AlternativeCard } from "./AlternativeCard";
import type { Place } from "./place";
import { WhyHere } from "./WhyHere";

/** Alternatives for the chosen place, best first, each with what it would change. */
export function BenchBar({
  view,
  place,
  onSwap,
  onOpen,
  onLock,
  onPencil,
  onRemove,
  onClose,
}: {
  view: WeekView;
  place: Place;
  onSwap: (ideaId: string) => void;
  onOpen: () => void;
  onLock: () => void;
  onPencil: () => void;
  onRemove: () => void;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const bench = $api.useQuery("get", "/api/weeks/{weekId}/slots/{day}/{blockId}/{offer}/bench", {
    params: { path: { weekId: view.id, ...place } },
  });
  const now = bench.data?.now;
  const strip = view.strips.find((s) => s.day === place.day && s.blockId === place.blockId && s.offer === place.offer);
  const words = view.pencilled?.find((p) => p.day === place.day && p.blockId === place.blockId)?.words;
  const day = view.days[place.day];
  const block = view.blocks.find((b) => b.id === place.blockId);
  return (
    <section
      className="stitched-top flex h-[158px] max-md:sticky max-md:bottom-0 max-md:z-10 shrink-0 gap-3 bg-secondary px-4 py-2.5 text-secondary-content"
      aria-label={t("bench.title")}
      data-bench-bar
    >
      <div className="w-[250px] shrink-0 overflow-auto">
        <div className="flex items-start justify-between gap-1">
          <h2 className="leading-tight">
            {words !== undefined
              ? t("pencil.instead", { words })
              : now
                ? t("bench.instead", { title: now.ownTitle ?? now.title })
                : t("bench.fill")}
          </h2>
          <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={t("close")} onClick={onClose}>
            <X size={14} aria-hidden="true" />
          </button>
        </div>
        <p className="quiet text-xs">
          {day ? dayAndNumber(day.date) : ""}, {block?.name}
          {now?.material ? ` · ${now.material}` : ""}
        </p>
        {!now && (
          <div className="my-1 flex gap-1">
            <button type="button" className="btn btn-outline btn-xs" onClick={onPencil} data-pencil-open>
              <PencilLine size={12} aria-hidden="true" /> {t("pencil.open")}
            </button>
            {words !== undefined && (
              <button type="button" className="btn btn-outline btn-xs" onClick={onRemove}>
                <Trash2 size={12} aria-hidden="true" /> {t("bench.remove")}
              </button>
            )}
          </div>
        )}
        {now && (
          <div className="my-1 flex flex-wrap gap-1">
            <button type="button" className="btn btn-outline btn-xs" onClick={onOpen}>
              {t("bench.open")}
            </button>
            <button type="button" className="btn btn-outline btn-xs" onClick={onLock}>
              {now.locked ? <LockOpen size={12} aria-hidden="true" /> : <Lock size={12} aria-hidden="true" />}
              {now.locked ? t("bench.unlock") : t("bench.lock")}
            </button>
            <button type="button" className="btn btn-outline btn-xs" onClick={onPencil} data-pencil-open>
              <PencilLine size={12} aria-hidden="true" /> {t("pencil.open")}
            </button>
            <button type="button" className="btn btn-outline btn-xs" onClick={onRemove}>
              <Trash2 size={12} aria-hidden="true" /> {t("bench.remove")}
            </button>
          </div>
        )}
        {strip?.shortOf && (
          <Link className="font-bold text-xs underline" to={`/w/${view.id}/cupboard?open=${strip.shortOf}&from=week`}>
            {t("week.waysOut")}
          </Link>
        )}
        {bench.data?.why && <WhyHere why={bench.data.why} />}
      </div>
      <ul className="flex min-w-0 flex-1 gap-2.5 overflow-x-auto pb-1" data-bench>
        {words === undefined &&
          bench.data?.alternatives.map((a) => (
            <AlternativeCard key={a.ideaId} alternative={a} currency={view.currency} onSwap={() => onSwap(a.ideaId)} />
          ))}
      </ul>
    </section>
  );
}
