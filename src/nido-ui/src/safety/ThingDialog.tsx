import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { numberOf } from "../shared/numbers";
import { useWeek } from "../shared/useWeek";
import { Source } from "./Source";
import { severityIcon } from "./severityIcon";

const shapes: Schemas["Shape"][] = ["box", "sphere", "disc", "rod", "loose"];
const sizesOf: Record<Schemas["Shape"], ("length" | "width" | "height")[]> = {
  box: ["length", "width", "height"],
  sphere: ["width"],
  disc: ["width", "height"],
  rod: ["length", "width"],
  loose: [],
};

/** A thing a house brings itself: a few questions, and what the rules say of it with these children in the room. */
export function ThingDialog({ onClose }: { onClose: () => void }) {
  const { t, i18n } = useTranslation();
  const { path } = useWeek();
  const spanish = i18n.language === "es";
  const questions = $api.useQuery("get", "/api/thing-questions").data ?? [];
  const ask = $api.useMutation("post", "/api/weeks/{weekId}/safety/things");
  const [name, setName] = useState("");
  const [shape, setShape] = useState<Schemas["Shape"]>("box");
  const [size, setSize] = useState({ length: "", width: "", height: "" });
  const [cord, setCord] = useState({ has: false, mm: "", loop: "", breaksOpen: false });
  const [amount, setAmount] = useState("");
  const [answers, setAnswers] = useState<string[]>([]);
  const send = () =>
    ask.mutate({
      ...path,
      body: {
        name,
        shape,
        length: numberOf(size.length),
        width: numberOf(size.width),
        height: numberOf(size.height),
        hasCord: cord.has,
        cordMm: numberOf(cord.mm),
        loopMm: numberOf(cord.loop),
        breaksOpen: cord.breaksOpen,
        amount: numberOf(amount),
        answers,
      },
    });
  return (
    <Dialog title={t("thing.title")} onClose={onClose} wide>
      <p className="quiet mb-2">{t("thing.what")}</p>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          send();
        }}
      >
        <Refused error={ask.error}>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
            <Labelled name="name" label={t("thing.name")} className="col-span-2">
              <input
                className="input w-full"
                required
                maxLength={60}
                value={name}
                onChange={(e) => setName(e.target.value)}
              />
            </Labelled>
            <label className="flex flex-col gap-1">
              {t("thing.shape")}
              <select
                className="select w-full"
                value={shape}
                onChange={(e) => setShape(e.target.value as Schemas["Shape"])}
              >
                {shapes.map((s) => (
                  <option key={s} value={s}>
                    {t(`thing.shapes.${s}`)}
                  </option>
                ))}
              </select>
            </label>
            {sizesOf[shape].map((side) => (
              <Labelled
                key={side}
                name={side}
                label={t(`thing.${shape !== "box" && side === "width" ? "diameter" : side}`)}
              >
                <input
                  className="input w-full"
                  inputMode="decimal"
                  placeholder="mm"
                  value={size[side]}
                  onChange={(e) => setSize({ ...size, [side]: e.target.value })}
                />
              </Labelled>
            ))}
            <Labelled name="amount" label={t(shape === "loose" ? "thing.grams" : "thing.pieces")}>
              <input
                className="input w-full"
                inputMode="decimal"
                value={amount}
                onChange={(e) => setAmount(e.target.value)}
              />
            </Labelled>
          </div>
          <div className="flex flex-wrap items-end gap-3">
            <label className="flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={cord.has}
                onChange={(e) => setCord({ ...cord, has: e.target.checked })}
              />
              {t("thing.cord")}
            </label>
            {cord.has && (
              <>
                {(["mm", "loop"] as const).map((k) => (
                  <label key={k} className="flex flex-col gap-1">
                    {t(`thing.cord_${k}`)}
                    <input
                      className="input w-32"
                      inputMode="decimal"
                      placeholder="mm"
                      value={cord[k]}
                      onChange={(e) => setCord({ ...cord, [k]: e.target.value })}
                    />
                  </label>
                ))}
                <label className="flex min-h-10 items-center gap-2">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    checked={cord.breaksOpen}
                    onChange={(e) => setCord({ ...cord, breaksOpen: e.target.checked })}
                  />
                  {t("thing.breaksOpen")}
                </label>
              </>
            )}
          </div>
          {questions.map((q) => (
            <fieldset key={q.id}>
              <legend className="font-bold">{spanish ? q.askEs : q.ask}</legend>
              <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-4">
                {q.answers.map((a) => (
                  <label key={a.id} className="flex min-h-8 items-center gap-2">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={answers.includes(a.id)}
                      onChange={(e) =>
                        setAnswers(e.target.checked ? [...answers, a.id] : answers.filter((x) => x !== a.id))
                      }
                    />
                    {spanish ? a.saysEs : a.says}
                  </label>
                ))}
              </div>
            </fieldset>
          ))}
          <ErrorNote error={ask.error} />
          <button type="submit" className="btn btn-primary" disabled={ask.isPending}>
            {t("thing.ask")}
          </button>
        </Refused>
      </form>
      <div aria-live="polite" className="mt-3" data-thing>
        {ask.data && ask.data.length === 0 && <p>{t("thing.nothing")}</p>}
        <ul className="space-y-1.5">
          {ask.data?.map((f) => {
            const Icon = severityIcon[f.severity];
            return (
              <li
                key={f.ruleId}
                className={`border-l-4 bg-base-100 px-3 py-2 ${f.severity === "block" ? "border-error" : f.severity === "tell" ? "border-base-300" : "border-warning"}`}
              >
                <p className="flex gap-2">
                  <Icon size={16} className="mt-0.5 shrink-0" aria-hidden="true" />
                  <span>
                    <b>{t(`severity.${f.severity}`)}:</b> {f.message}
                    {f.whom.length > 0 && (
                      <span className="quiet"> {t("safety.whom", { names: f.whom.join(", ") })}</span>
                    )}
                  </span>
                </p>
                <div className="pl-6">
                  <Source why={f.why} source={f.source} deferTo={f.deferTo} />
                </div>
              </li>
            );
          })}
        </ul>
      </div>
    </Dialog>
  );
}
