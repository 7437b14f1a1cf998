import { useTranslation } from "react-i18next";
import { useNavigate, useParams } from "react-router";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { day } from "./said";
import { useHouse } from "./useHouse";

/** Groups and their weeks, to be taken away where they are no longer wanted. */
export function Here() {
  const { t, i18n } = useTranslation();
  const navigate = useNavigate();
  const { weekId } = useParams();
  const groups = $api.useQuery("get", "/api/groups");
  const weeks = $api.useQuery("get", "/api/weeks");
  const { removeGroup, removeWeek } = useHouse();
  // The address of a place names a week; where that week goes, the place is the house's own.
  const leave = (gone: (week: string) => boolean) => weekId && gone(weekId) && navigate("/house");
  return (
    <section aria-labelledby="here">
      <h2 id="here">{t("house.here")}</h2>
      <ErrorNote error={groups.error ?? weeks.error ?? removeGroup.error ?? removeWeek.error} />
      {groups.data?.length === 0 && <p className="mt-2">{t("house.nothing")}</p>}
      <ul className="divide-y divide-base-300">
        {groups.data?.map((g) => (
          <li key={g.id} className="py-2">
            <div className="flex items-center gap-3">
              <p className="mr-auto font-bold">
                {g.name}{" "}
                <span className="quiet font-normal">
                  {g.kind === "class" && t("house.childrenOf", { count: Number(g.children) })}
                </span>
              </p>
              <button
                type="button"
                className="btn btn-ghost btn-sm"
                aria-label={t("house.takeAwayNamed", { name: g.name })}
                onClick={() =>
                  removeGroup.mutate(
                    { params: { path: { groupId: g.id } } },
                    { onSuccess: () => leave((w) => weeks.data?.find((x) => x.id === w)?.groupId === g.id) },
                  )
                }
              >
                {t("house.takeAway")}
              </button>
            </div>
            <ul>
              {weeks.data
                ?.filter((w) => w.groupId === g.id)
                .map((w) => (
                  <li key={w.id} className="flex items-center gap-3 pl-4 text-[15px]">
                    <span className="mr-auto">
                      {day(i18n.language, w.monday)} · {w.themeName}
                    </span>
                    <button
                      type="button"
                      className="btn btn-ghost btn-sm"
                      aria-label={t("house.takeAwayNamed", { name: day(i18n.language, w.monday) })}
                      onClick={() =>
                        removeWeek.mutate(
                          { params: { path: { weekId: w.id } } },
                          { onSuccess: () => leave((x) => x === w.id) },
                        )
                      }
                    >
                      {t("house.takeAway")}
                    </button>
                  </li>
                ))}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}
