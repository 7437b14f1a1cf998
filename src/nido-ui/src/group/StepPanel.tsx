import { Undo2 } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type HelpLevel, helpLevels, type StepsView } from "../api/client";
import { longDay, seenOn, today } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { age } from "../shared/figures";
import { Curve } from "./Curve";
import { ObjectiveForm } from "./ObjectiveForm";
import { useObservations } from "./useObservations";

/** A cell opened: the step and what it asks, the evidence with its curve, what is proposed, and what was seen just now. */
export function StepPanel({
  groupId,
  steps,
  cell,
}: {
  groupId: string;
  steps: StepsView;
  cell: { child: number; ladder: number };
}) {
  const { t } = useTranslation();
  const row = steps.children[cell.child];
  const ladder = steps.ladders[cell.ladder];
  const offer = row?.offers[cell.ladder];
  const changes = useObservations(groupId);
  const [minutes, setMinutes] = useState("");
  const [on, setOn] = useState(today);
  const [note, setNote] = useState("");
  // Read for their editions: what is chosen here is a change of what is seen here.
  const of = { params: { path: { groupId, childId: row?.childId ?? "", ladder: ladder?.id ?? "" } } };
  const enabled = row !== undefined && ladder !== undefined;
  $api.useQuery("get", "/api/groups/{groupId}/children/{childId}/ladders/{ladder}/step", of, { enabled });
  $api.useQuery("get", "/api/groups/{groupId}/children/{childId}/ladders/{ladder}/objective", of, { enabled });
  const evidence = $api.useQuery(
    "get",
    "/api/groups/{groupId}/children/{childId}/ladders/{ladder}",
    {
      params: { ...of.params, query: { on: steps.on } },
    },
    { enabled },
  );
  const step = ladder?.steps[(offer?.step ?? 1) - 1];
  if (!row || !ladder || !offer || !step) {
    return null;
  }
  const e = evidence.data;
  const at = { childId: row.childId, ladder: ladder.id };
  const see = (help: HelpLevel) =>
    changes
      .see([
        {
          ...at,
          step: offer.step,
          help,
          on: seenOn(on),
          by: null,
          note: note || null,
          minutes: minutes === "" ? null : Number(minutes),
        },
      ])
      .then(() => {
        setMinutes("");
        setNote("");
      })
      .catch(() => undefined);
  return (
    <section
      className="stitched-top grid max-h-[300px] min-h-[190px] shrink-0 grid-cols-[1.15fr_1.2fr_1.25fr] gap-6 overflow-auto bg-secondary px-4 py-3 text-secondary-content max-lg:grid-cols-2 max-md:max-h-none max-md:grid-cols-1 max-md:gap-3"
      aria-label={t("group.opened")}
      data-evidence
    >
      <div className="text-[13px]">
        <h2 className="text-base">{t("group.childAnd", { name: row.name, ladder: ladder.name })}</h2>
        <p className="font-bold">{t("group.step", { step: offer.step, name: step.name })}</p>
        <p className="quiet">{t("group.typical", { months: step.typicalMonths, source: step.source })}</p>
        <p className="mt-1">{t("idea.adultDoes", { what: step.adult })}</p>
        <p>{t("idea.easier", { what: step.easier })}</p>
        <p>{t("idea.harder", { what: step.harder })}</p>
        <p className="quiet">{t("group.moves", { what: ladder.moves.join(", ") })}</p>
        {step.size && <p className="quiet">{step.size.inWords}</p>}
      </div>
      <div className="text-[13px]">
        <p className="font-bold">{t("group.why")}</p>
        {offer.trace.map((line) => (
          <p key={line}>{line}</p>
        ))}
        {offer.proposal && (
          <p className="mt-1.5 rounded-[10px] border border-base-content p-2" data-proposal>
            <b>
              {t(offer.proposal.to > offer.proposal.from ? "evidence.up" : "evidence.down", {
                step: offer.proposal.to,
                name: ladder.steps[offer.proposal.to - 1]?.name,
              })}
            </b>{" "}
            {offer.proposal.reason}.
            <button
              type="button"
              className="btn btn-primary btn-xs ml-2"
              onClick={() => changes.choose(at, offer.proposal?.to ?? offer.step, false)}
            >
              {t("evidence.accept")}
            </button>
          </p>
        )}
        <label className="mt-1.5 flex flex-wrap items-center gap-2">
          {t("evidence.set")}
          <select
            className="select select-xs w-auto"
            value={offer.chosen ? offer.step : 0}
            onChange={(x) =>
              Number(x.target.value) === 0
                ? changes.letNidoChoose(at)
                : changes.choose(at, Number(x.target.value), true)
            }
          >
            <option value={0}>{t("evidence.auto")}</option>
            {ladder.steps.map((s) => (
              <option key={s.number} value={s.number}>
                {s.number} · {s.name}
              </option>
            ))}
          </select>
        </label>
        <ObjectiveForm
          key={`${at.childId} ${at.ladder} ${offer.step}`}
          at={at}
          ladder={ladder}
          offer={offer}
          from={steps.on}
          changes={changes}
        />
      </div>
      <div className="text-[13px]">
        {e && (
          <>
            <Curve evidence={e} />
            <p className="quiet">
              {t("evidence.interval", { low: age(e.low), high: age(e.high), months: age(e.months) })}
            </p>
          </>
        )}
        <fieldset className="mt-1 flex flex-wrap items-center gap-1">
          <legend className="float-left mr-1 font-bold">{t("evidence.seenNow")}</legend>
          {helpLevels.map((h) => (
            <button key={h} type="button" className="btn btn-outline btn-xs" onClick={() => see(h)}>
              {t(`help.${h}`)}
            </button>
          ))}
          <label className="flex items-center gap-1">
            {t("evidence.stayed")}
            <input
              type="number"
              min={1}
              max={180}
              className="input input-xs w-14"
              value={minutes}
              onChange={(x) => setMinutes(x.target.value)}
            />
            min
          </label>
        </fieldset>
        <p className="mt-1 flex flex-wrap gap-1.5">
          <input
            type="date"
            className="input input-xs w-32"
            aria-label={t("evidence.on")}
            max={today()}
            value={on}
            onChange={(x) => setOn(x.target.value || today())}
          />
          <input
            className="input input-xs min-w-40 flex-1"
            aria-label={t("evidence.note", { name: row.name })}
            placeholder={t("evidence.note", { name: row.name })}
            maxLength={300}
            value={note}
            onChange={(x) => setNote(x.target.value)}
          />
        </p>
        {e && e.own.seen > 0 && (
          <p className="quiet">
            {t("evidence.own", { count: e.own.seen, median: e.own.median, seldom: e.own.seldomLonger })}
          </p>
        )}
        <ErrorNote error={changes.error} />
        <ul className="mt-1 max-h-24 overflow-auto" data-seen>
          {e?.seen.map((o) => (
            <li key={o.id} className="flex items-center justify-between border-base-300 border-t">
              <span>
                {longDay(o.on)} · {t("idea.step", { step: o.step })} · <b>{t(`help.${o.help}`)}</b>
                {o.minutes ? ` · ${o.minutes} min` : ""} {o.note}
              </span>
              <button
                type="button"
                className="btn btn-ghost btn-xs btn-square"
                aria-label={t("evidence.takeBack")}
                onClick={() => changes.takeBack(o.id)}
              >
                <Undo2 size={13} aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
      </div>
    </section>
  );
}
