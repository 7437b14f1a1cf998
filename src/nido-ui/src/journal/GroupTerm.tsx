import { useTranslation } from "react-i18next";
import { $api, aims } from "../api/client";
import { dayAndMonth } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Skeleton } from "../shared/Skeleton";
import { NoteForm } from "./NoteForm";

/** The group's term: balance by child and aim, what was not met yet, and how ideas went. The order is the group's own. */
export function GroupTerm({ groupId }: { groupId: string }) {
  const { t } = useTranslation();
  const term = $api.useQuery("get", "/api/groups/{groupId}/journal/term", { params: { path: { groupId } } });
  const data = term.data;
  return (
    <section className="pane min-w-0 flex-1 overflow-auto px-5 py-3" aria-label={t("groupTerm.group")} data-group-term>
      <ErrorNote error={term.error} />
      {!data && !term.error && <Skeleton lines={12} />}
      {data && (
        <>
          <h2 className="text-xl">{t("groupTerm.group")}</h2>
          <p className="quiet">
            {data.weeks.length === 0
              ? t("groupTerm.none")
              : t("groupTerm.weeks", {
                  count: data.weeks.length,
                  first: dayAndMonth(data.weeks[0] ?? ""),
                  last: dayAndMonth(data.weeks.at(-1) ?? ""),
                })}
          </p>
          <NoteForm groupId={groupId} childId={null} />
          {/* Before a week has been, nothing is missing yet. */}
          {data.weeks.length > 0 && (
            <div className="grid items-start gap-4 xl:grid-cols-2">
              <div className="card-paper overflow-x-auto p-3">
                <h3 className="font-bold">{t("groupTerm.balance")}</h3>
                <p className="quiet text-[13px]">{t("groupTerm.balanceHelp")}</p>
                <table className="w-full">
                  <thead>
                    <tr className="text-[13px]">
                      <th className="text-left font-normal">{t("loom.child")}</th>
                      {aims.map((a) => (
                        <th key={a} className={`aim-${a} text-right font-normal`}>
                          {t(`aim.${a}`)}
                        </th>
                      ))}
                    </tr>
                  </thead>
                  <tbody>
                    {data.children.map((c) => (
                      <tr key={c.childId} className="border-base-300 border-t">
                        <th scope="row" className="py-1 text-left font-semibold">
                          {c.name}
                          {c.staysShort.length > 0 && (
                            <span className="block font-normal text-xs">
                              {t("groupTerm.staysShort", { aims: c.staysShort.map((a) => t(`aim.${a}`)).join(", ") })}
                            </span>
                          )}
                        </th>
                        {aims.map((a, k) => (
                          <td key={a} className="whitespace-nowrap pl-2 text-right">
                            <b>{c.met[k]}</b>{" "}
                            <span className="quiet text-xs">{t("groupTerm.ofPlanned", { percent: c.planned[k] })}</span>
                          </td>
                        ))}
                      </tr>
                    ))}
                  </tbody>
                </table>
              </div>
              <div className="flex flex-col gap-4">
                <div className="card-paper p-3">
                  <h3 className="font-bold">{t("groupTerm.notMet")}</h3>
                  <p>
                    {data.strands.length === 0
                      ? t("groupTerm.allStrands")
                      : data.strands.map((s) => t(`strand.${s as "pinch"}`)).join(", ")}
                  </p>
                  <p className="quiet text-[13px]">{t("groupTerm.letters", { letters: data.letters.join(", ") })}</p>
                </div>
                <div className="card-paper p-3">
                  <h3 className="font-bold">{t("groupTerm.ideas")}</h3>
                  {data.ideas.length === 0 && <p className="quiet">{t("groupTerm.noIdeas")}</p>}
                  <ul>
                    {data.ideas.map((i) => (
                      <li key={i.idea} className="border-base-300 border-t py-1.5">
                        <b>{i.idea}</b>{" "}
                        <span className="text-[13px]">
                          {[
                            i.withJoy > 0 && t("groupTerm.withJoy", { count: i.withJoy }),
                            i.allRight > 0 && t("groupTerm.allRight", { count: i.allRight }),
                            i.notSo > 0 && t("groupTerm.notSo", { count: i.notSo }),
                            i.took !== null &&
                              i.took > i.minutes &&
                              t("groupTerm.longer", { took: i.took, minutes: i.minutes }),
                          ]
                            .filter(Boolean)
                            .join(" · ")}
                        </span>
                        {i.lines.map((l) => (
                          <span key={l} className="quiet block text-[13px]">
                            {l}
                          </span>
                        ))}
                      </li>
                    ))}
                  </ul>
                </div>
                <div className="card-paper p-3">
                  <h3 className="font-bold">{t("groupTerm.ranOut")}</h3>
                  {data.ranOut.length === 0 && <p className="quiet">{t("groupTerm.nothingRanOut")}</p>}
                  <ul>
                    {data.ranOut.map((r) => (
                      <li key={r.thing}>
                        <b>{r.thing}</b>{" "}
                        <span className="text-[13px]">
                          {dayAndMonth(r.on)}
                          {r.times > 1 && ` · ${t("groupTerm.ranOutTimes", { count: r.times })}`}
                          {r.isBack && ` · ${t("groupTerm.back")}`}
                        </span>
                      </li>
                    ))}
                  </ul>
                </div>
              </div>
            </div>
          )}
        </>
      )}
    </section>
  );
}
