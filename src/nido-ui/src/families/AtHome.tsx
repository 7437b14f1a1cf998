import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";

/** What a family told of its home: an address for mail, the youngest there, and what it has. */
export function AtHome(of: { groupId: string; childId: string; name: string }) {
  const { t } = useTranslation();
  const path = { groupId: of.groupId, childId: of.childId };
  const home = $api.useQuery("get", "/api/groups/{groupId}/children/{childId}/home", { params: { path } });
  return (
    <details className="rounded-[10px] border border-base-300 bg-base-100 p-3" data-at-home>
      <summary className="min-h-11 cursor-pointer content-center font-bold">
        {t("atHome.title", { name: of.name })}
        {home.data && (
          <span className="quiet ml-2 font-normal">
            {home.data.email || t("atHome.paper")} ·{" "}
            {home.data.isUsual
              ? t("atHome.usual")
              : t("atHome.has", { count: home.data.kinds.filter((k) => k.has).length, of: home.data.kinds.length })}
          </span>
        )}
      </summary>
      <ErrorNote error={home.error} />
      {home.data && <Form key={JSON.stringify(home.data)} path={path} home={home.data} />}
    </details>
  );
}

function Form({ path, home }: { path: { groupId: string; childId: string }; home: Schemas["HomeOfChild"] }) {
  const { t } = useTranslation();
  const change = $api.useMutation("put", "/api/groups/{groupId}/children/{childId}/home", {
    onSuccess: useChanged("group"),
  });
  const [email, setEmail] = useState(home.email);
  const [born, setBorn] = useState(home.youngestBornOn ?? "");
  const [usual, setUsual] = useState(home.isUsual);
  const [has, setHas] = useState(() => home.kinds.filter((k) => k.has).map((k) => k.id));
  return (
    <form
      className="mt-2 space-y-3"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate({
          params: { path },
          body: { email, things: usual ? null : has, youngestBornOn: born || null },
        });
      }}
    >
      <Refused error={change.error}>
        <div className="grid gap-3 sm:grid-cols-2">
          <Labelled name="email" label={t("atHome.email")}>
            <input className="input min-h-11 w-full" value={email} onChange={(e) => setEmail(e.target.value)} />
          </Labelled>
          <Labelled name="youngestBornOn" label={t("atHome.youngest")}>
            <input
              type="date"
              className="input min-h-11 w-full"
              value={born}
              onChange={(e) => setBorn(e.target.value)}
            />
          </Labelled>
        </div>
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="checkbox" checked={usual} onChange={(e) => setUsual(e.target.checked)} />
          {t("atHome.usualHome")}
        </label>
        <fieldset className="grid gap-x-4 sm:grid-cols-2" disabled={usual}>
          <legend className="sr-only">{t("atHome.things")}</legend>
          {home.kinds.map((k) => (
            <label key={k.id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={has.includes(k.id)}
                onChange={(e) => setHas(e.target.checked ? [...has, k.id] : has.filter((h) => h !== k.id))}
              />
              {k.name}
            </label>
          ))}
        </fieldset>
        <ErrorNote error={change.error} />
      </Refused>
      <button type="submit" className="btn btn-primary min-h-11" disabled={change.isPending}>
        {t("save")}
      </button>
      {change.isSuccess && <span role="status"> {t("atHome.kept")}</span>}
    </form>
  );
}
