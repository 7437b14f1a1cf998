import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/client";
import { longDay } from "../shared/dates";

/** An address of a week that is not there, or no longer: says so, and offers those that are. */
export function UnknownWeek() {
  const { t } = useTranslation();
  const weeks = $api.useQuery("get", "/api/weeks");
  return (
    <main className="flex-1 overflow-auto p-6">
      <h1>{t("unknownWeek.title")}</h1>
      <p className="my-2">{t("unknownWeek.why")}</p>
      <ul>
        {weeks.data?.map((w) => (
          <li key={w.id}>
            <Link className="inline-flex min-h-11 items-center underline" to={`/w/${w.id}/week`}>
              {w.groupName} · {w.themeName} · {longDay(w.monday)}
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-3 flex flex-wrap gap-3">
        <Link className="btn btn-outline" to="/start">
          {t("unknownWeek.start")}
        </Link>
        <Link className="btn btn-outline" to="/house">
          {t("unknownWeek.house")}
        </Link>
      </p>
    </main>
  );
}
