import i18next from "i18next";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Problem, Schemas } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { longDay } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";

const parts = ["comes", "helps", "loves", "shares"] as const;

/** A page to share about one child: what is ticked goes in, and nothing else. */
export function PageDialog({
  groupId,
  child,
  onClose,
}: {
  groupId: string;
  child: Schemas["ChildJournal"];
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const [language, setLanguage] = useState(i18next.language === "es" ? "es" : "en");
  const [from, setFrom] = useState(child.from);
  const [to, setTo] = useState(child.to);
  const [ladders, setLadders] = useState<string[]>([]);
  const [notes, setNotes] = useState<string[]>([]);
  const [pictures, setPictures] = useState<number[]>([]);
  const [ticked, setTicked] = useState<Record<(typeof parts)[number], boolean>>({
    comes: true,
    helps: false,
    loves: false,
    shares: false,
  });
  const [error, setError] = useState<unknown>(null);
  const flip = <T,>(list: T[], x: T) => (list.includes(x) ? list.filter((y) => y !== x) : [...list, x]);
  const make = async () => {
    setError(null);
    try {
      const answer = await fetch(`/api/groups/${groupId}/children/${child.childId}/page.pdf`, {
        method: "POST",
        headers: { "content-type": "application/json", "accept-language": i18next.language },
        body: JSON.stringify({
          language,
          from,
          to,
          ladders,
          notes: notes.map((n) => ({ kind: n.split(" ")[0], id: Number(n.split(" ")[1]) })),
          pictures,
          ...ticked,
        }),
      });
      if (answer.ok) {
        const link = document.createElement("a");
        link.href = URL.createObjectURL(await answer.blob());
        link.download = "page.pdf";
        link.click();
        URL.revokeObjectURL(link.href);
      } else {
        setError((await answer.json()) as Problem);
      }
    } catch (e) {
      setError(e);
    }
  };
  const tick = (checked: boolean, onChange: () => void, label: string) => (
    <label className="flex min-h-9 items-center gap-2">
      <input type="checkbox" className="checkbox checkbox-sm" checked={checked} onChange={onChange} /> {label}
    </label>
  );
  return (
    <Dialog title={t("share.title", { name: child.name })} wide onClose={onClose}>
      <p className="quiet mb-2">{t("share.help")}</p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void make();
        }}
      >
        <div className="mb-2 flex flex-wrap items-end gap-3">
          <label className="flex flex-col gap-1">
            {t("share.language")}
            <select className="select select-sm" value={language} onChange={(e) => setLanguage(e.target.value)}>
              <option value="en">English</option>
              <option value="es">Español</option>
            </select>
          </label>
          <label className="flex flex-col gap-1">
            {t("share.from")}
            <input
              type="date"
              className="input input-sm"
              required
              value={from}
              onChange={(e) => setFrom(e.target.value)}
            />
          </label>
          <label className="flex flex-col gap-1">
            {t("share.to")}
            <input type="date" className="input input-sm" required value={to} onChange={(e) => setTo(e.target.value)} />
          </label>
        </div>
        <div className="grid gap-x-6 md:grid-cols-2">
          <fieldset>
            <legend className="font-semibold">{t("share.ladders")}</legend>
            {child.ladders.map((l) => (
              <div key={l.id}>{tick(ladders.includes(l.id), () => setLadders(flip(ladders, l.id)), l.name)}</div>
            ))}
          </fieldset>
          <div>
            <fieldset>
              <legend className="font-semibold">{t("share.parts")}</legend>
              {parts.map((p) => (
                <div key={p}>{tick(ticked[p], () => setTicked({ ...ticked, [p]: !ticked[p] }), t(`share.${p}`))}</div>
              ))}
            </fieldset>
            <fieldset>
              <legend className="font-semibold">{t("journal.notes")}</legend>
              {child.notes
                .filter((n) => n.text.length > 0)
                .map((n) => {
                  const key = `${n.kind} ${n.id}`;
                  return (
                    <div key={key}>
                      {tick(notes.includes(key), () => setNotes(flip(notes, key)), `${longDay(n.on)}: ${n.text}`)}
                    </div>
                  );
                })}
            </fieldset>
            <fieldset>
              <legend className="font-semibold">{t("share.pictures")}</legend>
              {child.pictures.map((p) =>
                p.forFamily ? (
                  <div key={p.id}>
                    {tick(
                      pictures.includes(p.id),
                      () => setPictures(flip(pictures, p.id)),
                      `${longDay(p.on)} ${p.words}`,
                    )}
                  </div>
                ) : (
                  <p key={p.id} className="quiet text-[13px]">
                    {longDay(p.on)}: {t("share.notAllowed")}
                  </p>
                ),
              )}
            </fieldset>
          </div>
        </div>
        <ErrorNote error={error} />
        <button type="submit" className="btn btn-primary mt-2">
          {t("share.make")}
        </button>
      </form>
    </Dialog>
  );
}
