import { ChevronDown, DoorOpen, UserPlus } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { ErrorNote } from "../shared/ErrorNote";
import { Fold } from "../shared/Fold";
import { useWeek } from "../shared/useWeek";
import { useLaidAside } from "./useWaiting";
import { Visitor } from "./Visitor";
import { isAway, saveOrWait } from "./waiting";

type AtDoor = Schemas["AtDoor"];
const marks = ["there", "late", "leaves", "away"] as const;

/** The time of day here, as a field of time writes it. */
const timeNow = () => new Date().toTimeString().slice(0, 5);

/** At the door: who is there, late, away, goes early, one tap each; whoever comes along joins. */
export function Door({ door: known, day, date }: { door: AtDoor[]; day: number; date: string }) {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const [visitor, setVisitor] = useState(false);
  const mark = $api.useMutation("put", "/api/weeks/{weekId}/days/{day}/door", { onSuccess: useChanged("week") });
  const to = `/api/weeks/${weekId}/days/${day}/door`;
  const waits = useLaidAside<Schemas["DoorBody"]>(to);
  const door = known.map((c) => {
    const tapped = waits.findLast((w) => w.childId === c.childId);
    return tapped ? { ...c, is: tapped.is, at: tapped.at ?? null } : c;
  });
  const say = (child: AtDoor, is: AtDoor["is"], at: string | null) => {
    const body = { childId: child.childId, is, at: is === "late" || is === "leaves" ? `${at ?? timeNow()}:00` : null };
    void saveOrWait(() => mark.mutateAsync({ params: { path: { weekId, day } }, body }), {
      to,
      method: "PUT",
      body,
    }).catch(() => undefined);
  };
  const away = door.filter((c) => c.is === "away").map((c) => c.name);
  return (
    <Fold
      className="mx-4 mt-2 rounded-[10px] border border-base-300 bg-base-100"
      titleClass="flex min-h-11 cursor-pointer flex-wrap items-center gap-2 px-3"
      title={
        <>
          <DoorOpen size={18} aria-hidden="true" />
          <b>{t("door.title")}</b>
          <span className="quiet text-base">
            {t("door.there", { count: door.length - away.length })}
            {away.length > 0 && ` · ${t("door.awayNames", { names: away.join(", ") })}`}
            {door
              .filter((c) => c.is === "late" || c.is === "leaves")
              .map((c) => ` · ${t(`door.${c.is}At`, { name: c.name, at: c.at?.slice(0, 5) })}`)}
          </span>
          <ChevronDown size={18} className="ml-auto" aria-hidden="true" />
        </>
      }
      data-door
    >
      <div className="px-3 pb-2">
        <ErrorNote error={isAway(mark.error) ? null : mark.error} />
        <ul className="grid gap-x-6 lg:grid-cols-2">
          {door.map((c) => (
            <li key={c.childId} className="flex flex-wrap items-center gap-2 border-base-300 border-t py-1">
              <span className="mr-auto font-semibold">
                {c.name} {c.visits && <span className="quiet text-base">{t("door.visits")}</span>}
              </span>
              {(c.is === "late" || c.is === "leaves") && (
                <input
                  type="time"
                  className="input h-11 w-28"
                  aria-label={t("door.at", { name: c.name })}
                  defaultValue={c.at?.slice(0, 5)}
                  onBlur={(e) => e.target.value && e.target.value !== c.at?.slice(0, 5) && say(c, c.is, e.target.value)}
                />
              )}
              <fieldset className="join">
                <legend className="sr-only">{c.name}</legend>
                {marks.map((m) => (
                  <button
                    key={m}
                    type="button"
                    aria-pressed={c.is === m}
                    disabled={mark.isPending}
                    className={`btn join-item h-11 px-2.5 text-base ${c.is === m ? "btn-primary" : ""}`}
                    onClick={() => c.is !== m && say(c, m, null)}
                  >
                    {t(`door.${m}`)}
                  </button>
                ))}
              </fieldset>
            </li>
          ))}
        </ul>
        <button type="button" className="btn btn-outline mt-2 h-11" onClick={() => setVisitor(true)}>
          <UserPlus size={18} aria-hidden="true" /> {t("door.visitor")}
        </button>
      </div>
      {visitor && <Visitor groupId={week.data?.groupId ?? ""} date={date} onClose={() => setVisitor(false)} />}
    </Fold>
  );
}
