import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type CameUpKind, type WeekView } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { dayAndNumber, today } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import { BeforeAfter } from "./BeforeAfter";

const kinds: CameUpKind[] = ["childAway", "adultAway", "rain", "materialGone", "closed"];

/** Something came up: the plan is changed from that day on, as little as can be; past days stay, and it can be undone. */
export function CameUpDialog({ view, onClose }: { view: WeekView; onClose: () => void }) {
  const { t } = useTranslation();
  const { weekId, show } = useWeek();
  const todayAt = view.days.findIndex((d) => d.date === today());
  const [kind, setKind] = useState<CameUpKind>("childAway");
  const [subject, setSubject] = useState("");
  const [until, setUntil] = useState("");
  const [from, setFrom] = useState(Math.max(0, todayAt));
  const [to, setTo] = useState(Math.max(0, todayAt));
  const group = $api.useQuery("get", "/api/groups/{groupId}", { params: { path: { groupId: view.groupId } } });
  const materials = $api.useQuery("get", "/api/weeks/{weekId}/materials", { params: { path: { weekId } } });
  const came = $api.useMutation("post", "/api/weeks/{weekId}/came-up", { onSuccess: (r) => show(r.week) });
  const over = $api.useMutation("delete", "/api/weeks/{weekId}/came-up/{index}", { onSuccess: (r) => show(r.week) });
  const subjects =
    kind === "childAway"
      ? (group.data?.children ?? [])
      : kind === "adultAway"
        ? (group.data?.adults ?? [])
        : kind === "materialGone"
          ? (materials.data ?? []).map((m) => ({ id: m.materialId, name: m.name }))
          : [];
  const chosen = subjects.some((s) => s.id === subject) ? subject : (subjects[0]?.id ?? "");
  const last = kind === "materialGone" ? view.days.length - 1 : Math.max(from, to);
  const look = (over.submittedAt > came.submittedAt ? over.data : came.data)?.look;
  const dayChoice = (label: string, value: number, set: (d: number) => void) => (
    <label className="flex flex-col gap-1">
      {label}
      <select className="select select-sm" value={value} onChange={(e) => set(Number(e.target.value))}>
        {view.days.map((d, i) => (
          <option key={d.date} value={i}>
            {dayAndNumber(d.date)}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <Dialog title={t("cameUp.title")} onClose={onClose}>
      <p className="quiet mb-2">{t("cameUp.what")}</p>
      <form
        className="grid grid-cols-2 gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          came.mutate({
            params: { path: { weekId } },
            body: {
              kind,
              subject: kind === "rain" ? "" : kind === "closed" ? until : chosen,
              fromDay: from,
              toDay: last,
            },
          });
        }}
      >
        <label className="flex flex-col gap-1">
          {t("cameUp.kind")}
          <select
            className="select select-sm"
            value={kind}
            onChange={(e) => setKind(e.target.value as CameUpKind)}
            data-kind
          >
            {kinds.map((k) => (
              <option key={k} value={k}>
                {t(`cameUp.${k}`)}
              </option>
            ))}
          </select>
        </label>
        {kind === "closed" && (
          <label className="flex flex-col gap-1">
            {t("cameUp.closesAt")}
            <input
              type="time"
              className="input input-sm"
              value={until}
              onChange={(e) => setUntil(e.target.value)}
              data-until
            />
          </label>
        )}
        {subjects.length > 0 && (
          <label className="flex flex-col gap-1">
            {t(`cameUp.which.${kind as "childAway"}`)}
            <select
              className="select select-sm"
              value={chosen}
              onChange={(e) => setSubject(e.target.value)}
              data-subject
            >
              {subjects.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </select>
          </label>
        )}
        {dayChoice(t("cameUp.from"), from, setFrom)}
        {kind !== "materialGone" && dayChoice(t("cameUp.to"), Math.max(from, to), setTo)}
        <button type="submit" className="btn btn-primary btn-sm col-span-2 self-end" disabled={came.isPending}>
          {came.isPending ? t("cameUp.working") : t(view.strips.length > 0 ? "cameUp.workIn" : "cameUp.note")}
        </button>
      </form>
      <ErrorNote error={came.error ?? over.error} />
      {view.cameUp.length > 0 && (
        <ul className="mt-3" data-came-up>
          {view.cameUp.map((h) => (
            <li key={h.index} className="flex items-center justify-between border-base-300 border-t py-1">
              {h.sentence}
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                disabled={over.isPending}
                onClick={() => over.mutate({ params: { path: { weekId, index: h.index } } })}
              >
                {t("cameUp.over")}
              </button>
            </li>
          ))}
        </ul>
      )}
      {look && view.strips.length > 0 && <BeforeAfter look={look} currency={view.currency} />}
    </Dialog>
  );
}
