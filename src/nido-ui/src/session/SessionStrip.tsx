import { Printer } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { age, plain } from "../shared/figures";
import { useWeek } from "../shared/useWeek";
import { CountAtDoor } from "./CountAtDoor";

/** A session from welcome to farewell, with the cards for who helps at the tables and the count at the door. */
export function SessionStrip({ day, date }: { day: number; date: string }) {
  const { t, i18n } = useTranslation();
  const { weekId, week } = useWeek();
  const [open, setOpen] = useState<"helpers" | "count" | null>(null);
  const session = $api.useQuery("get", "/api/weeks/{weekId}/days/{day}/session", { params: { path: { weekId, day } } });
  const view = session.data;
  if (!view) {
    return <ErrorNote error={session.error} />;
  }
  const toggle = (what: "helpers" | "count") => setOpen(open === what ? null : what);
  const file = (name: string) => `/api/weeks/${weekId}/days/${day}/${name}.pdf?language=${i18n.language}`;
  return (
    <section className="border-base-300 border-b px-4 py-2 text-base" data-session>
      <ol className="flex flex-wrap gap-2">
        {view.parts.map((p) => (
          <li
            key={`${p.from} ${p.kind}`}
            className="min-w-32 rounded-[10px] border border-base-300 bg-base-100 px-3 py-1.5"
            style={{ flex: `${p.minutes} 1 8rem` }}
          >
            <p className="font-bold">
              {t(`session.part.${p.kind}`)} <span className="quiet font-normal">{p.minutes} min</span>
            </p>
            <p className="quiet text-[13px]">{p.from.slice(0, 5).replace(/^0/, "")}</p>
            <p className="text-[14px]">{p.what}</p>
            {p.lines.length > 0 && (
              <details className="text-[14px]">
                <summary className="min-h-11 cursor-pointer content-center">{t("session.words")}</summary>
                {p.lines.map((line) => (
                  <p key={line} className="mb-1">
                    {line}
                  </p>
                ))}
              </details>
            )}
          </li>
        ))}
      </ol>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-outline h-11"
          aria-expanded={open === "count"}
          onClick={() => toggle("count")}
        >
          {t("session.count")}
        </button>
        <button
          type="button"
          className="btn btn-outline h-11"
          aria-expanded={open === "helpers"}
          onClick={() => toggle("helpers")}
        >
          {t("session.helpers", { count: view.helpers.length })}
        </button>
        <a className="btn btn-ghost h-11" href={file("session")} download>
          <Printer size={16} aria-hidden="true" /> {t("session.page")}
        </a>
        <a className="btn btn-ghost h-11" href={file("helpers")} download>
          <Printer size={16} aria-hidden="true" /> {t("session.cards")}
        </a>
        <span className="quiet text-[13px]">{t("session.listens", { minutes: plain(view.listens) })}</span>
      </div>
      {open === "count" && week.data && <CountAtDoor groupId={week.data.groupId} on={date} />}
      {open === "helpers" && (
        <ul className="mt-2 grid gap-3 lg:grid-cols-2">
          {view.helpers.map((h) => (
            <li key={h.title} className="rounded-[10px] border border-base-300 bg-base-100 p-3">
              <p className="font-bold">{h.title}</p>
              {h.steps.map((s) => (
                <div key={`${s.fromMonths} ${s.do}`} className="mt-1">
                  <p className="font-semibold text-[14px]">{t("session.from", { age: age(s.fromMonths) })}</p>
                  <p>{t("session.maySay", { words: s.do })}</p>
                  <p>{s.say}</p>
                  <p className="quiet text-[13px]">
                    {t("idea.easierIs")} {s.easier} · {t("idea.harderIs")} {s.harder}
                  </p>
                </div>
              ))}
              {h.mind.map((m) => (
                <p key={m} className="text-[13px] text-warning">
                  {t("families.mind")} {m}
                </p>
              ))}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
