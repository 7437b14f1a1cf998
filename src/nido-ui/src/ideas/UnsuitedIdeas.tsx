import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { useWeek } from "../shared/useWeek";

/** Ideas that cannot be, because nothing at hand goes together for them, with what does not go with what. */
export function UnsuitedIdeas() {
  const { t } = useTranslation();
  const { path } = useWeek();
  const unsuited = $api.useQuery("get", "/api/weeks/{weekId}/ideas/unsuited", path);
  if (!unsuited.data || unsuited.data.length === 0) {
    return null;
  }
  return (
    <details className="mt-2 border-base-300 border-t pt-2" data-unsuited>
      <summary className="cursor-pointer px-1">{t("ideas.unsuited", { count: unsuited.data.length })}</summary>
      <ul>
        {unsuited.data.map((u) => (
          <li key={`${u.title} ${u.material}`} className="border-base-300 border-b px-1 py-1.5">
            <p className="font-semibold">{u.title}</p>
            <p className="quiet text-xs">{u.material}</p>
            <p className="text-[13px]">{u.reasons.slice(0, 3).join(". ")}.</p>
          </li>
        ))}
      </ul>
    </details>
  );
}
