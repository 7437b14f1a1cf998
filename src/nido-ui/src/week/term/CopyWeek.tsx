import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { $api } from "../../api/client";
import { daysLater } from "../../shared/dates";
import { ErrorNote } from "../../shared/ErrorNote";
import { useWeek } from "../../shared/useWeek";

/** This week for another group, or another year: the ideas go along, the steps are those of the children there. */
export function CopyWeek() {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const navigate = useNavigate();
  const groups = $api.useQuery("get", "/api/groups");
  const [groupId, setGroupId] = useState("");
  const [monday, setMonday] = useState("");
  const copy = $api.useMutation("post", "/api/weeks/{weekId}/copies", {
    onSuccess: (w) => navigate(`/w/${w.id}/week`),
  });
  const nextYear = week.data ? daysLater(week.data.monday, 364) : "";
  return (
    <form
      data-copy
      className="flex flex-col gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        copy.mutate({
          params: { path: { weekId } },
          body: { groupId: groupId || (week.data?.groupId ?? ""), monday: monday || nextYear },
        });
      }}
    >
      <h2>{t("term.copy", { theme: week.data?.theme.name ?? "" })}</h2>
      <p className="quiet">{t("term.copyWhat")}</p>
      <label className="flex flex-col gap-1">
        {t("weeks.group")}
        <select
          className="select select-sm"
          value={groupId || (week.data?.groupId ?? "")}
          onChange={(e) => setGroupId(e.target.value)}
        >
          {groups.data?.map((g) => (
            <option key={g.id} value={g.id}>
              {g.name}
            </option>
          ))}
        </select>
      </label>
      <label className="flex flex-col gap-1">
        {t("weeks.monday")}
        <input
          type="date"
          className="input input-sm"
          value={monday || nextYear}
          onChange={(e) => setMonday(e.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-primary btn-sm self-start" disabled={copy.isPending}>
        {t("term.copyNow")}
      </button>
      <ErrorNote error={copy.error} />
    </form>
  );
}
