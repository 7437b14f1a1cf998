import { CalendarPlus, CalendarRange } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useNavigate } from "react-router";
import { $api } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { longDay, monday } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { useWeek } from "../shared/useWeek";
import { UnitUpload } from "./UnitUpload";
import { WeekColour } from "./WeekColour";

/** Other weeks, a new week, a new group, a unit from a file. */
export function WeekMenu() {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="btn btn-ghost btn-sm" onClick={() => setOpen(true)}>
        <CalendarPlus size={16} aria-hidden="true" /> {t("weeks.title")}
      </button>
      {open && <WeeksDialog onClose={() => setOpen(false)} />}
    </>
  );
}

function WeeksDialog({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const { week } = useWeek();
  const weeks = $api.useQuery("get", "/api/weeks");
  const themes = $api.useQuery("get", "/api/themes");
  const groups = $api.useQuery("get", "/api/groups");
  // Those of the week at hand where nothing was chosen, whenever it comes.
  const [group, setGroupId] = useState("");
  const [theme, setThemeId] = useState("");
  const groupId = group || (week.data?.groupId ?? "");
  const themeId = theme || (week.data?.theme.id ?? "");
  const [day, setDay] = useState(monday());
  const add = $api.useMutation("post", "/api/weeks");
  const go = (id: string) => {
    onClose();
    navigate(`/w/${id}/week`);
  };
  return (
    <Dialog title={t("weeks.title")} onClose={onClose}>
      {week.data && <WeekColour view={week.data} />}
      <ul className="mb-4">
        {weeks.data?.map((w) => (
          <li key={w.id}>
            <button type="button" className="btn btn-ghost btn-sm w-full justify-start" onClick={() => go(w.id)}>
              <b>{w.themeName}</b> {longDay(w.monday)} · {w.groupName}
            </button>
          </li>
        ))}
      </ul>
      <form
        className="grid grid-cols-2 gap-3 border-base-300 border-t pt-3"
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate({ body: { groupId, themeId, monday: day } }, { onSuccess: (w) => go(w.id) });
        }}
      >
        <Refused error={add.error}>
          <h3 className="col-span-2 font-bold">{t("weeks.new")}</h3>
          <Labelled name="groupId" label={t("weeks.group")}>
            <select className="select select-sm" value={groupId} onChange={(e) => setGroupId(e.target.value)}>
              {groups.data?.map((g) => (
                <option key={g.id} value={g.id}>
                  {g.name}
                </option>
              ))}
            </select>
          </Labelled>
          <Labelled name="themeId" label={t("weeks.theme")}>
            <select className="select select-sm" value={themeId} onChange={(e) => setThemeId(e.target.value)}>
              {themes.data?.map((x) => (
                <option key={x.id} value={x.id}>
                  {x.name}
                </option>
              ))}
            </select>
          </Labelled>
          <Labelled name="monday" label={t("weeks.monday")}>
            <input
              type="date"
              className="input input-sm"
              value={day}
              onChange={(e) => setDay(e.target.value)}
              required
            />
          </Labelled>
          <button type="submit" className="btn btn-primary btn-sm self-end">
            {t("weeks.add")}
          </button>
        </Refused>
      </form>
      <ErrorNote error={add.error} />
      <div className="mt-4 flex flex-wrap items-center gap-3 border-base-300 border-t pt-3">
        <button
          type="button"
          className="btn btn-outline btn-sm"
          onClick={() => {
            onClose();
            navigate(`/w/${week.data?.id}/week/term`);
          }}
        >
          <CalendarRange size={16} aria-hidden="true" /> {t("term.open")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => navigate("/start")}>
          {t("weeks.newGroup")}
        </button>
        <UnitUpload onDone={go} />
      </div>
    </Dialog>
  );
}
