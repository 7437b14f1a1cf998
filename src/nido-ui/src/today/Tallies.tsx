import { Minus, Plus } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type OfferOfDay } from "../api/client";
import { useChanged } from "../shared/changed";
import { seenOn } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { plain } from "../shared/figures";
import { useWeek } from "../shared/useWeek";

/** Tallies of a game, kept: hits of tries from a distance, the child's own best, and from how far next. */
export function Tallies({ today, date }: { today: OfferOfDay; date: string }) {
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
  const [hits, setHits] = useState(0);
  const [tries, setTries] = useState(0);
  const [metres, setMetres] = useState("");
  const who = children.find((c) => c.childId === childId) ?? children[0];
  const own = best.data?.find((b) => b.childId === who?.childId);
  const from = metres === "" && own?.nextDistance ? plain(own.nextDistance / 1000) : metres;
  if (!who) {
    return null;
  }
  const count = (hit: boolean) => {
    setTries(tries + 1);
    setHits(hits + (hit ? 1 : 0));
  };
  return (
    <details className="mt-2 text-base" data-tallies>
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">{t("tally.title", { hits, tries })}</summary>
      <ErrorNote error={add.error ?? back.error} />
      <div className="flex flex-wrap items-end gap-2">
        <select
          className="select h-11 w-36"
          aria-label={t("tally.who")}
          value={who.childId}
          onChange={(e) => {
            setChildId(e.target.value);
            setHits(0);
            setTries(0);
            setMetres("");
          }}
        >
          {children.map((c) => (
            <option key={c.childId} value={c.childId}>
              {c.name}
            </option>
          ))}
        </select>
        <button type="button" className="btn btn-outline h-11" onClick={() => count(true)}>
          <Plus size={18} aria-hidden="true" /> {t("tally.hit")}
        </button>
        <button type="button" className="btn btn-outline h-11" onClick={() => count(false)}>
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
                  setHits(0);
                  setTries(0);
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
    </details>
  );
}
