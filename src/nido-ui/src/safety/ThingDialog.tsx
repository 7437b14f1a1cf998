import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { MaterialForm } from "../own/MaterialForm";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { numberOf } from "../shared/numbers";
import { useWeek } from "../shared/useWeek";
import { Source } from "./Source";
import { severityIcon } from "./severityIcon";
import { nothingTyped, ThingFields, thingOf } from "./ThingFields";

/** A thing a house brings itself: a few questions, and what the rules say of it with these children in the room. */
export function ThingDialog({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const { path } = useWeek();
  const ask = $api.useMutation("post", "/api/weeks/{weekId}/safety/things");
  const [thing, setThing] = useState(nothingTyped);
  const [amount, setAmount] = useState("");
  const [keeping, setKeeping] = useState(false);
  const send = () => ask.mutate({ ...path, body: { ...thingOf(thing), amount: numberOf(amount) } });
  if (keeping) {
    return <MaterialForm begun={thing} onClose={onClose} />;
  }
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
          <ThingFields thing={thing} onChange={setThing}>
            <Labelled name="amount" label={t(thing.shape === "loose" ? "thing.grams" : "thing.pieces")}>
              <input
                className="input w-full"
                inputMode="decimal"
                value={amount}
                onChange={(e) => setAmount(e.target.value)}
              />
            </Labelled>
          </ThingFields>
          <ErrorNote error={ask.error} />
          <button type="submit" className="btn btn-primary" disabled={ask.isPending}>
            {t("thing.ask")}
          </button>
        </Refused>
      </form>
      <div aria-live="polite" className="mt-3" data-thing>
        {ask.data && (
          <p className="mb-2">
            <button type="button" className="btn btn-outline btn-sm" onClick={() => setKeeping(true)} data-keep-thing>
              {t("own.keepThing")}
            </button>
          </p>
        )}
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
