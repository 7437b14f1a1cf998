import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type OfferOfDay } from "../api/client";
import { useChanged } from "../shared/changed";
import { seenOn } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Fold } from "../shared/Fold";
import { useWeek } from "../shared/useWeek";

/** Where it is played: whose turn it is, and a tally each. A press counts one and passes the turn on; one more press keeps them. */
export function Turns({ today, date }: { today: OfferOfDay; date: string }) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const groupId = week.data?.groupId ?? "";
  const names = today.turns;
  const add = $api.useMutation("post", "/api/groups/{groupId}/tallies", { onSuccess: useChanged("seen") });
  const [tally, setTally] = useState<Record<string, number>>({});
  const [turn, setTurn] = useState(0);
  const keep = async () => {
    for (const who of today.card.steps.flatMap((x) => x.who)) {
      const count = tally[who.name] ?? 0;
      if (count > 0) {
        await add.mutateAsync({
          params: { path: { groupId } },
          body: {
            childId: who.childId,
            ideaId: today.card.ideaId,
            on: seenOn(date),
            hits: count,
            tries: count,
            distance: null,
          },
        });
      }
    }
    setTally({});
  };
  if (names.length === 0) {
    return null;
  }
  return (
    <Fold
      className="mt-2 text-base"
      titleClass="cursor-pointer font-semibold"
      title={t("turns.title", { name: names[turn % names.length] ?? "" })}
      data-turns
    >
      <ul className="mt-1 flex flex-wrap gap-1.5">
        {names.map((name, i) => (
          <li key={name}>
            <button
              type="button"
              className={`min-h-11 cursor-pointer rounded-[10px] border px-3 py-1 ${i === turn % names.length ? "border-2 border-base-content bg-secondary" : "border-base-300"}`}
              onClick={() => {
                setTally({ ...tally, [name]: (tally[name] ?? 0) + 1 });
                setTurn(i + 1);
              }}
            >
              {name} <b className="tabular-nums">{tally[name] ?? 0}</b>
            </button>
          </li>
        ))}
      </ul>
      <ErrorNote error={add.error} />
      <button
        type="button"
        className="btn btn-outline mt-1 h-11"
        disabled={add.isPending || Object.keys(tally).length === 0}
        onClick={() => void keep().catch(() => undefined)}
      >
        {t("turns.keep")}
      </button>
      <button
        type="button"
        className="btn btn-ghost mt-1 h-11"
        onClick={() => {
          setTally({});
          setTurn(0);
        }}
      >
        {t("turns.again")}
      </button>
    </Fold>
  );
}
