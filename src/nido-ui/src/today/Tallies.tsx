import { Minus, Plus } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type OfferOfDay } from "../api/client";
import { useChanged } from "../shared/changed";
import { seenOn } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Fold } from "../shared/Fold";
import { plain } from "../shared/figures";
import { useWeek } from "../shared/useWeek";

interface Count {
  hits: number;
  tries: number;
}
const none: Count = { hits: 0, tries: 0 };

/** Tallies of a game, kept: hits of tries from a distance, the child's own best, and from how far next. */
export function Tallies({ today, date }: { today: OfferOfDay; date: string }) {
  const { t } = useTranslation();
  const [count, setCount] = useState(none);
  return today.card.steps.some((s) => s.who.length > 0) ? (
    <Fold
      className="mt-2 text-base"
      titleClass="min-h-11 cursor-pointer py-2.5 font-semibold"
      title={t("tally.title", { ...count })}
      data-tallies
    >
      <Counting today={today} date={date} count={count} onCount={setCount} />
    </Fold>
  ) : null;
}

function Counting({
  today,
  date,
  count: { hits, tries },
  onCount,
}: {
  today: OfferOfDay;
  date: string;
  count: Count;
  onCount: (count: Count) => void;
}) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const groupId = week.data?.groupId ?? "";
  const ideaId = today.card.ideaId;
  const onSuccess = useChanged("seen");
  const best = $api.useQuery("get", "/api/groups/{groupId}/tallies", {
    params: { path: { groupId }, query: { ideaId } },
  });
  const add = $api.useMutation("post", "/api/groups/{groupId}/tallies", { onSuccess });
  const back = $api.useMutation("delete", "/api/groups/{groupId}/tallies/{id}", { onSuccess });
  const children = today.card.steps.flatMap((s) => s.who);
  const [childId, setChildId] = useState("");
  const [metres, setMetres] = useState("");
  const who = children.find((c) => c.childId === childId) ?? children[0];
  const own = best.data?.find((b) => b.childId === who?.childId);
  const from = metres === "" && own?.nextDistance ? plain(own.nextDistance / 1000) : metres;
  if (!who) {
    return null;
  }
  const one = (hit: boolean) => onCount({ tries: tries + 1, hits: hits + (hit ? 1 : 0) });
  return (
    <>
      <ErrorNote error={add.error ?? back.error} />
      <div className="flex flex-wrap items-end gap-2">
        <select
          className="select h-11 w-36"
          aria-label={t("tally.who")}
          value={who.childId}
          onChange={(e) => {
            setChildId(e.target.value);
            onCount(none);
            setMetres("");
          }}
        >
          {children.map((c) => (
            <option key={c.childId} value={c.childId}>
              {c.name}
            </option>
          ))}
        </select>
        <button type="button" className="btn btn-outline h-11" onClick={() => one(true)}>
          <Plus size={18} aria-hidden="true" /> {t("tally.hit")}
        </button>
        <button type="button" className="btn btn-outline h-11" onClick={() => one(false)}>
          <Minus size={18} aria-hidden="true" /> {t("tally.miss")}
        </button>
        <label className="flex items-center gap-1">
          <input
            className="input h-11 w-20"
            inputMode="decimal"
            value={from}
            onChange={(e) => setMetres(e.target.value)}
          />
          {t("tally.metres")}
        </label>
        <button
          type="button"
          className="btn btn-primary h-11"
          disabled={tries === 0 || add.isPending}
          onClick={() =>
            add.mutate(
              {
                params: { path: { groupId } },
                body: {
                  childId: who.childId,
                  ideaId,
                  on: seenOn(date),
                  hits,
                  tries,
                  distance: from === "" ? null : Math.round(1000 * Number(from.replace(",", "."))),
                },
              },
              {
                onSuccess: () => {
                  onCount(none);
                  setMetres("");
                },
              },
            )
          }
        >
          {t("tally.keep")}
        </button>
      </div>
      {own && (
        <p className="mt-1">
          {t("tally.best", { name: who.name, hits: own.best.hits, tries: own.best.tries })}
          {own.best.distance && ` ${t("tally.from", { metres: plain(own.best.distance / 1000) })}`}{" "}
          {own.nextDistance && t("tally.next", { metres: plain(own.nextDistance / 1000) })} {own.why}{" "}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => back.mutate({ params: { path: { groupId, id: own.lastId } } })}
          >
            {t("evidence.takeBack")}
          </button>
        </p>
      )}
    </>
  );
}
