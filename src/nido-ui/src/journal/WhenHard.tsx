import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { age } from "../shared/figures";

/** When it is hard: what was seen, one change to try, another way, a day to look again; what was tried, and whether it helped. */
export function WhenHard({ groupId, child }: { groupId: string; child: Schemas["ChildJournal"] }) {
  const { t } = useTranslation();
  const onSuccess = useChanged("seen");
  const begin = $api.useMutation("post", "/api/groups/{groupId}/follow-ups", { onSuccess });
  const look = $api.useMutation("put", "/api/groups/{groupId}/follow-ups/{id}", { onSuccess });
  const back = $api.useMutation("delete", "/api/groups/{groupId}/follow-ups/{id}", { onSuccess });
  if (child.hard.length + child.followUps.length + child.notYet.length === 0) {
    return null;
  }
  return (
    <section className="card-paper break-inside-avoid p-3" data-hard>
      <h3 className="font-bold">{t("hard.title")}</h3>
      <ErrorNote error={begin.error ?? look.error ?? back.error} />
      {child.hard.map((h) => (
        <Hard
          key={`${h.ladder} ${h.step}`}
          hard={h}
          onTry={(change, lookAgainOn) =>
            begin.mutate({
              params: { path: { groupId } },
              body: { childId: child.childId, ladder: h.ladder, step: h.step, sign: h.sign, change, lookAgainOn },
            })
          }
        />
      ))}
      {child.notYet.map((n) => (
        <p key={n.ladder} className="border-base-300 border-t py-1.5">
          {t("hard.notYet", {
            ladder: n.ladder,
            step: n.step,
            age: age(n.typicalMonths),
            first: longDay(n.first),
            last: longDay(n.last),
          })}{" "}
          <b>{t("hard.talk")}</b> <span className="quiet text-[13px]">{n.source}</span>
        </p>
      ))}
      <ul>
        {child.followUps.map((f) => (
          <li key={f.id} className="flex flex-wrap items-center gap-1.5 border-base-300 border-t py-1.5" data-follow-up>
            <span className="mr-auto">
              <b>{f.ladder}</b>, {t("idea.step", { step: f.step })}: {f.change}{" "}
              <span className={f.isDue ? "font-bold" : "quiet"}>
                {f.helped === null
                  ? t(f.isDue ? "hard.due" : "hard.lookOn", { day: longDay(f.lookAgainOn) })
                  : t(f.helped ? "hard.helped" : "hard.didNot")}
              </span>
            </span>
            {f.helped === null &&
              ([true, false] as const).map((helped) => (
                <button
                  key={`${helped}`}
                  type="button"
                  className="btn btn-outline btn-sm"
                  onClick={() => look.mutate({ params: { path: { groupId, id: f.id } }, body: { helped } })}
                >
                  {t(helped ? "hard.yes" : "hard.no")}
                </button>
              ))}
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() =>
                f.helped === null
                  ? back.mutate({ params: { path: { groupId, id: f.id } } })
                  : look.mutate({ params: { path: { groupId, id: f.id } }, body: { helped: null } })
              }
            >
              {t("evidence.takeBack")}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Hard({ hard, onTry }: { hard: Schemas["HardView"]; onTry: (change: string, lookAgainOn: string) => void }) {
  const { t } = useTranslation();
  const [change, setChange] = useState(hard.change);
  const [day, setDay] = useState(hard.lookAgainOn);
  return (
    <div className="border-base-300 border-t py-1.5">
      <p>
        <b>{hard.name}</b>: {hard.why}.
      </p>
      <p className="text-[13px]">
        {hard.easierStep && t("hard.easier", { step: hard.easierStep })}{" "}
        {hard.otherWays.length > 0 && t("hard.otherWays", { ways: hard.otherWays.join(", ") })}
      </p>
      <form
        className="mt-1 flex flex-wrap items-center gap-1.5"
        onSubmit={(e) => {
          e.preventDefault();
          onTry(change, day);
        }}
      >
        <input
          className="input input-sm min-w-52 flex-1"
          aria-label={t("hard.change")}
          required
          maxLength={300}
          value={change}
          onChange={(e) => setChange(e.target.value)}
        />
        <input
          type="date"
          className="input input-sm w-36"
          aria-label={t("hard.lookAgain")}
          required
          value={day}
          onChange={(e) => setDay(e.target.value)}
        />
        <button type="submit" className="btn btn-primary btn-sm">
          {t("hard.try")}
        </button>
      </form>
    </div>
  );
}
