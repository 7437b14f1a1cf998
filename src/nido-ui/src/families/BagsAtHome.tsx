import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";

/** Bags that are at home: ticked back thing by thing; what is missing is said. */
export function BagsAtHome({ day }: { day: (iso: string) => string }) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const bags = $api.useQuery("get", "/api/weeks/{weekId}/bags", { params: { path: { weekId } } });
  return (
    <section data-bags-lent>
      <h2 className="mb-2 font-bold text-lg">{t("bags.lent")}</h2>
      <ErrorNote error={bags.error} />
      {bags.data?.length === 0 && <p>{t("bags.none")}</p>}
      <ul className="space-y-3">
        {bags.data?.map((b) => (
          <li key={b.id} className="rounded-[10px] border border-base-300 bg-base-100 p-3">
            <p className="font-bold">
              {b.name} <span className="font-normal">· {b.title}</span>
            </p>
            <p className={b.late ? "text-warning" : "quiet text-[13px]"}>
              {b.backOn
                ? t("bags.backOn", { day: day(b.backOn) })
                : t(b.late ? "bags.late" : "bags.out", { from: day(b.lentOn), by: day(b.backBy) })}
            </p>
            {b.backOn ? <Missing bag={b} /> : <TickBack bag={b} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Missing({ bag }: { bag: Schemas["BagLent"] }) {
  const { t } = useTranslation();
  const missing = bag.things.filter((x) => x.comesBack && (x.back ?? x.count) < x.count);
  return (
    <p className={missing.length > 0 ? "text-warning" : ""}>
      {missing.length > 0
        ? t("bags.missing", { things: missing.map((x) => `${x.count - (x.back ?? 0)} × ${x.name}`).join(", ") })
        : t("bags.whole")}
    </p>
  );
}

function TickBack({ bag }: { bag: Schemas["BagLent"] }) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const onSuccess = useChanged("cupboard");
  const back = $api.useMutation("put", "/api/weeks/{weekId}/bags/{id}", { onSuccess });
  const undo = $api.useMutation("delete", "/api/weeks/{weekId}/bags/{id}", { onSuccess });
  const lent = bag.things.filter((x) => x.comesBack);
  const [here, setHere] = useState<string[]>(lent.map((x) => x.id));
  const path = { weekId, id: bag.id };
  return (
    <>
      <ErrorNote error={back.error ?? undo.error} />
      <fieldset>
        <legend className="sr-only">{t("bags.tick")}</legend>
        {lent.map((x) => (
          <label key={x.id} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={here.includes(x.id)}
              onChange={(e) => setHere(e.target.checked ? [...here, x.id] : here.filter((h) => h !== x.id))}
            />
            {x.count} × {x.name}
          </label>
        ))}
      </fieldset>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-outline btn-sm min-h-11"
          onClick={() =>
            back.mutate({
              params: { path },
              body: { things: lent.map((x) => ({ id: x.id, back: here.includes(x.id) ? x.count : 0 })) },
            })
          }
        >
          {t("bags.back")}
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm min-h-11"
          onClick={() => undo.mutate({ params: { path } })}
        >
          {t("bags.undo")}
        </button>
      </div>
    </>
  );
}
