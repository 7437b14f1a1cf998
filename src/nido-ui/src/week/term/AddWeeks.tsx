import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../../api/client";
import { daysLater, longDay } from "../../shared/dates";
import { ErrorNote } from "../../shared/ErrorNote";

/** Weeks in a row after the last one, a theme each. */
export function AddWeeks({ groupId, last, onAdded }: { groupId: string; last: string; onAdded: () => void }) {
  const { t } = useTranslation();
  const themes = $api.useQuery("get", "/api/themes");
  const [chosen, setChosen] = useState<string[]>([]);
  const add = $api.useMutation("post", "/api/groups/{groupId}/term", {
    onSuccess: () => {
      setChosen([]);
      onAdded();
    },
  });
  const names = new Map(themes.data?.map((x) => [x.id, x.name]));
  const first = last ? daysLater(last, 7) : "";
  return (
    <form
      data-add-weeks
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate({ params: { path: { groupId } }, body: { monday: first, themeIds: chosen } });
      }}
    >
      <h2>{t("term.add")}</h2>
      <p className="quiet">{first ? t("term.addFrom", { day: longDay(first) }) : ""}</p>
      <ol className="my-1 list-decimal pl-5">
        {chosen.map((id, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a theme may come twice, the order stays
          <li key={`${id} ${i}`}>
            {names.get(id)}{" "}
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={t("term.leaveOut", { theme: names.get(id) ?? id })}
              onClick={() => setChosen(chosen.filter((_, k) => k !== i))}
            >
              {t("term.out")}
            </button>
          </li>
        ))}
      </ol>
      <select
        className="select select-sm w-full"
        aria-label={t("term.next")}
        value=""
        onChange={(e) => setChosen([...chosen, e.target.value])}
      >
        <option value="" disabled>
          {t("term.next")}
        </option>
        {themes.data?.map((x) => (
          <option key={x.id} value={x.id}>
            {x.name}
          </option>
        ))}
      </select>
      <button type="submit" className="btn btn-primary btn-sm mt-2" disabled={chosen.length === 0 || add.isPending}>
        {chosen.length > 0 ? t("term.addCount", { count: chosen.length }) : t("weeks.add")}
      </button>
      <ErrorNote error={add.error} />
    </form>
  );
}
