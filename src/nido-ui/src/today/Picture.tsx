import { Camera } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type OfferOfDay, sendPicture } from "../api/client";
import { useChanged } from "../shared/changed";
import { Dialog } from "../shared/Dialog";
import { seenOn } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";

/** A picture of work: first whose it is and whom it shows, with what the families allow; then the camera or a file. */
export function Picture({ today, date }: { today: OfferOfDay; date: string }) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="btn btn-outline mt-2 h-11 text-base" onClick={() => setOpen(true)}>
        <Camera size={18} aria-hidden="true" /> {t("picture.take")}
      </button>
      {open && <PictureDialog today={today} date={date} onClose={() => setOpen(false)} />}
    </>
  );
}

function PictureDialog({ today, date, onClose }: { today: OfferOfDay; date: string; onClose: () => void }) {
  const { t } = useTranslation();
  const { week } = useWeek();
  const groupId = week.data?.groupId ?? "";
  const group = $api.useQuery("get", "/api/groups/{groupId}", { params: { path: { groupId } } });
  const changed = useChanged("seen");
  const add = $api.useMutation("post", "/api/groups/{groupId}/pictures", {});
  const [of, setOf] = useState<string[]>([]);
  const [shows, setShows] = useState<string[]>([]);
  const [words, setWords] = useState("");
  const [file, setFile] = useState<File | null>(null);
  const [refused, setRefused] = useState<unknown>(null);
  const [sending, setSending] = useState(false);
  const ids = new Set(today.card.steps.flatMap((s) => s.who.map((w) => w.childId)));
  const children = group.data?.children.filter((c) => ids.has(c.id)) ?? [];
  const toggle = (list: string[], id: string) => (list.includes(id) ? list.filter((x) => x !== id) : [...list, id]);
  const keep = async () => {
    if (!file) {
      return;
    }
    setSending(true);
    setRefused(null);
    try {
      const id = await add.mutateAsync({
        params: { path: { groupId } },
        body: { on: seenOn(date), ideaId: today.card.ideaId, words, of, shows },
      });
      await sendPicture(`/api/groups/${groupId}/pictures/${id}/file`, file);
      changed();
      onClose();
    } catch (e) {
      setRefused(e);
    } finally {
      setSending(false);
    }
  };
  return (
    <Dialog title={t("picture.title", { title: today.card.title })} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void keep();
        }}
      >
        <fieldset>
          <legend className="font-semibold">{t("picture.of")}</legend>
          <span className="flex flex-wrap gap-1.5">
            {children.map((c) => (
              <button
                key={c.id}
                type="button"
                aria-pressed={of.includes(c.id)}
                className={`btn h-11 ${of.includes(c.id) ? "btn-primary" : "btn-outline"}`}
                onClick={() => setOf(toggle(of, c.id))}
              >
                {c.name}
              </button>
            ))}
          </span>
        </fieldset>
        <fieldset>
          <legend className="font-semibold">{t("picture.shows")}</legend>
          <p className="quiet text-[13px]">{t("picture.showsHelp")}</p>
          <span className="flex flex-wrap gap-1.5">
            {children.map((c) => (
              <button
                key={c.id}
                type="button"
                aria-pressed={shows.includes(c.id)}
                disabled={c.pictures === "none" || c.pictures === undefined}
                className={`btn h-11 ${shows.includes(c.id) ? "btn-primary" : "btn-outline"}`}
                onClick={() => setShows(toggle(shows, c.id))}
              >
                {c.name} <span className="font-normal text-xs">{t(`consent.short.${c.pictures ?? "none"}`)}</span>
              </button>
            ))}
          </span>
        </fieldset>
        <label className="flex flex-col gap-1">
          {t("picture.file")}
          <input
            type="file"
            className="file-input w-full"
            accept="image/jpeg,image/png,image/webp"
            capture="environment"
            required
            onChange={(e) => setFile(e.target.files?.[0] ?? null)}
          />
        </label>
        <label className="flex flex-col gap-1">
          {t("picture.words")}
          <input className="input w-full" maxLength={300} value={words} onChange={(e) => setWords(e.target.value)} />
        </label>
        <p className="quiet text-[13px]">{t("picture.stays")}</p>
        <ErrorNote error={add.error ?? refused} />
        <button type="submit" className="btn btn-primary h-11 self-start" disabled={sending || of.length === 0}>
          {t("picture.keep")}
        </button>
      </form>
    </Dialog>
  );
}
