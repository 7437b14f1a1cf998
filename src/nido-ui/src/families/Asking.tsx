import { Undo2 } from "lucide-react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { plain } from "../shared/figures";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { Wide } from "../shared/Wide";

const answers: Schemas["AskAnswer"][] = ["asked", "willBring", "brought", "cannotBring"];

/** What families are asked for: shared out so that nobody is asked for much, answers ticked, what is brought counted in. */
export function Asking() {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const params = { path: { weekId } };
  const asking = $api.useQuery("get", "/api/weeks/{weekId}/asking", { params });
  const onSuccess = useChanged("cupboard");
  const share = $api.useMutation("post", "/api/weeks/{weekId}/asking", { onSuccess });
  const answer = $api.useMutation("put", "/api/weeks/{weekId}/asking/{id}", { onSuccess });
  const takeBack = $api.useMutation("delete", "/api/weeks/{weekId}/asking/{id}", { onSuccess });
  const view = asking.data;
  if (!view) {
    return asking.isError ? <ErrorNote error={asking.error} /> : <Skeleton lines={8} />;
  }
  const amount = (of: { unit: string }, n: number) => `${plain(n)} ${t(`unit.${of.unit}`, { count: n })}`;
  const open = view.things.some((x) => x.notAsked > 0);
  return (
    <div className="space-y-5" data-asking>
      <ErrorNote error={share.error ?? answer.error ?? takeBack.error} />
      <section>
        <h2 className="font-bold text-lg">{t("asking.things")}</h2>
        {view.things.length === 0 && <p>{t("asking.nothing")}</p>}
        {view.things.length > 0 && (
          <Wide label={t("asking.things")}>
            <table className="table w-auto">
              <thead>
                <tr>
                  <th>{t("asking.what")}</th>
                  <th className="text-right">{t("asking.notAsked")}</th>
                  <th className="text-right">{t("asking.coming")}</th>
                  <th className="text-right">{t("asking.here")}</th>
                </tr>
              </thead>
              <tbody>
                {view.things.map((x) => (
                  <tr key={x.materialId}>
                    <th scope="row">{x.name}</th>
                    <td className={`text-right ${x.notAsked > 0 ? "text-warning" : ""}`}>
                      {x.notAsked > 0 ? amount(x, x.notAsked) : "–"}
                    </td>
                    <td className="text-right">{x.coming > 0 ? amount(x, x.coming) : "–"}</td>
                    <td className="text-right">{x.brought > 0 ? amount(x, x.brought) : "–"}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Wide>
        )}
        {open && (
          <button
            type="button"
            className="btn btn-primary mt-2 min-h-11"
            disabled={share.isPending}
            onClick={() => share.mutate({ params })}
          >
            {t("asking.share")}
          </button>
        )}
        {view.things.length > 0 && (
          <p className="quiet mt-1 text-[13px]">{t("asking.by", { day: longDay(view.by) })}</p>
        )}
      </section>
      {view.families.length > 0 && (
        <section>
          <h2 className="font-bold text-lg">{t("asking.families")}</h2>
          <ul className="grid gap-3 lg:grid-cols-2">
            {view.families.map((f) => (
              <li key={f.childId} className="rounded-[10px] border border-base-300 bg-base-100 p-3">
                <p className="font-bold">{f.name}</p>
                {f.lines.map((l) => (
                  <div key={l.id} className="flex flex-wrap items-center gap-2 py-1">
                    <span className="mr-auto">
                      {l.name}: {amount(l, l.amount)}
                    </span>
                    <select
                      className="select min-h-11 w-44"
                      aria-label={`${f.name}, ${l.name}`}
                      value={l.answer}
                      onChange={(e) =>
                        answer.mutate({
                          params: { path: { weekId, id: l.id } },
                          body: { answer: e.target.value as Schemas["AskAnswer"], brought: null },
                        })
                      }
                    >
                      {answers.map((a) => (
                        <option key={a} value={a}>
                          {t(`asking.answer.${a}`)}
                        </option>
                      ))}
                    </select>
                    <button
                      type="button"
                      className="btn btn-ghost btn-square min-h-11"
                      aria-label={t("asking.takeBack", { name: f.name, what: l.name })}
                      onClick={() => takeBack.mutate({ params: { path: { weekId, id: l.id } } })}
                    >
                      <Undo2 size={16} aria-hidden="true" />
                    </button>
                  </div>
                ))}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
