import { useDeferredValue, useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Calculator } from "../api/client";
import { sheetOfCalculator } from "../paper/fromMaking";
import { PrintLink } from "../paper/PrintLink";
import { plain } from "../shared/figures";
import { askOf, type Entries, startOf } from "./ask";
import { drawings } from "./drawings/drawings";
import { FieldEntry } from "./FieldEntry";
import { useMade } from "./useMade";

/** A calculator: its fields, the figures, the drawing, and how it was worked out. */
export function Calculation({ calculator }: { calculator: Calculator }) {
  const { t } = useTranslation();
  const [entries, setEntries] = useState<Entries>(() => startOf(calculator));
  const ask = useDeferredValue(askOf(calculator, entries));
  const made = useMade(calculator.name, ask);
  const wrong = made.error?.fields?.[0];
  const at = wrong && calculator.fields.find((f) => wrong.field === f.path || wrong.field.startsWith(`${f.path}[`));
  const wide = calculator.fields.some((f) => f.kind === "rows" && f.columns.length > 4);
  const recipes = $api.useQuery("get", "/api/recipes", {}, { enabled: calculator.name === "recipe-scale" });
  const sheet = made.data && sheetOfCalculator[calculator.name]?.(ask, made.data, recipes.data ?? []);
  const draw = drawings[calculator.name];
  return (
    <div className="pane flex min-w-0 flex-1 overflow-auto max-lg:flex-col">
      <form
        className={`grid ${wide ? "w-[430px]" : "w-[330px]"} shrink-0 grid-cols-2 content-start gap-2 p-4 max-md:w-full`}
        onSubmit={(e) => e.preventDefault()}
      >
        <h2 className="col-span-2 leading-tight">{t(`making.name.${calculator.name}`)}</h2>
        {calculator.fields.map((f) => (
          <FieldEntry
            key={f.path}
            field={f}
            entry={entries[f.path] ?? ""}
            problem={at === f ? (wrong?.message ?? null) : null}
            onChange={(entry) => setEntries({ ...entries, [f.path]: entry })}
          />
        ))}
        {sheet && !made.error && (
          <p className="col-span-2 mt-1">
            <PrintLink kind={sheet.kind} values={sheet.values} />
          </p>
        )}
      </form>
      <section className="min-w-0 flex-1 p-4" aria-label={t("making.answer")} aria-live="polite" data-made>
        {made.error && (
          <p role="alert" className="mb-2 rounded-[10px] border border-error p-2 text-error">
            {wrong ? (
              <>
                <b>
                  {at ? t(`making.field.${at.path}`) : wrong.field} “{wrong.value}”
                </b>
                : {wrong.message}
              </>
            ) : (
              made.error.title
            )}
          </p>
        )}
        {made.data && (
          <div className={made.error ? "opacity-40" : ""}>
            <dl className="mb-3 flex flex-wrap gap-x-6 gap-y-1">
              {calculator.figures.map((f) => (
                <div key={f}>
                  <dt className="quiet text-xs">{t(`making.figure.${f}`)}</dt>
                  <dd className="font-bold text-lg leading-tight">{written(made.data[f], t)}</dd>
                </div>
              ))}
            </dl>
            {draw?.(made.data, ask)}
            <h3 className="mt-3 font-bold">{t("making.how")}</h3>
            <ol className="list-decimal pl-5 text-[13px]">
              {made.data.trace.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ol>
          </div>
        )}
      </section>
    </div>
  );
}

function written(value: unknown, t: (key: string) => string): string {
  if (typeof value === "number") {
    return plain(value);
  }
  if (typeof value === "boolean") {
    return t(value ? "making.yes" : "making.no");
  }
  if (Array.isArray(value)) {
    return value.length === 0 ? "–" : value.join(", ");
  }
  return value === null || value === undefined ? "–" : String(value);
}
