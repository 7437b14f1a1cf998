import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, editionOf, type Schemas } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { IdeaSteps } from "./IdeaSteps";
import { ThingsChoice } from "./ThingsChoice";
import { useOwn } from "./useOwn";

type Draft = Schemas["IdeaDraft"];
type Near = Schemas["NearView"];

const kinds: Schemas["BlockKind"][] = ["shelf", "circle", "stations", "outdoors", "table"];
const texts = ["do", "say", "easier", "harder", "seen"] as const;

/** The form of a way of working of one's own: a copy of one that is near, one begun bare, or one that is changed. */
export function IdeaForm({ id, copyOf, onClose }: { id?: string; copyOf?: string; onClose: () => void }) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const kept = $api.useQuery(
    "get",
    "/api/own/ideas/{ownId}",
    { params: { path: { ownId: id ?? "" } } },
    { enabled: id !== undefined },
  );
  const from = copyOf ?? kept.data?.from ?? undefined;
  const near = $api.useQuery(
    "get",
    "/api/weeks/{weekId}/techniques/{techniqueId}",
    { params: { path: { weekId, techniqueId: from ?? "" } } },
    { enabled: from !== undefined },
  );
  const ready = (id === undefined || kept.data) && (from === undefined || near.data);
  return (
    <Dialog
      title={near.data ? t("own.copyOf", { name: near.data.name }) : t(id ? "own.changeIdea" : "own.newIdea")}
      onClose={onClose}
      wide
      typed
    >
      <ErrorNote error={kept.error ?? near.error} />
      {ready ? <Fields id={id} kept={kept.data} near={near.data} onClose={onClose} /> : <Skeleton lines={14} />}
    </Dialog>
  );
}

/** What is written over what it is a copy of; a text that was left as it was says nothing. */
const beyond = (steps: Schemas["IdeaStepDraft"][], near: Near | undefined) =>
  steps.map((s) => {
    const was = near?.draft.steps?.find((x) => x.step === s.step);
    return { ...s, ...Object.fromEntries(texts.map((k) => [k, s[k] === was?.[k] ? null : s[k] || null])) };
  });

/** A kept step as it is read: what says nothing is what it is a copy of says. */
const read = (steps: Schemas["IdeaStepDraft"][], near: Near | undefined) =>
  steps.map((s) => {
    const was = near?.draft.steps?.find((x) => x.step === s.step);
    return { ...s, ...Object.fromEntries(texts.map((k) => [k, s[k] ?? was?.[k] ?? ""])) };
  });

function Fields({
  id,
  kept,
  near,
  onClose,
}: {
  id: string | undefined;
  kept: Draft | undefined;
  near: Near | undefined;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const choices = $api.useQuery("get", "/api/own/choices");
  const { addIdea, changeIdea } = useOwn();
  const [edition] = useState(() => editionOf(`/api/own/ideas/${id}`));
  const [draft, setDraft] = useState<Draft>(() => ({
    title: "",
    minutes: 10,
    blocks: [],
    actions: [],
    things: [],
    strands: [],
    ...near?.draft,
    ...kept,
    steps: read(kept?.steps?.length ? kept.steps : (near?.draft.steps ?? []), near),
  }));
  const set = (change: Partial<Draft>) => setDraft((d) => ({ ...d, ...change }));
  const toggle = <T,>(list: T[] | undefined, one: T) =>
    list?.includes(one) ? list.filter((x) => x !== one) : [...(list ?? []), one];
  const ladder = choices.data?.ladders.find((l) => l.id === draft.ladder);
  const error = addIdea.error ?? changeIdea.error;
  const send = () => {
    // A title that was left goes with the theme and the language, as the sentences do.
    const left = id ? kept?.keepsTitle && draft.title === kept.title : draft.title === near?.draft.title;
    const body: Draft = { ...draft, keepsTitle: Boolean(near && left), steps: beyond(draft.steps ?? [], near) };
    const done = { onSuccess: onClose };
    if (id) {
      changeIdea.mutate({ params: { path: { ownId: id } }, headers: { "If-Match": edition }, body }, done);
    } else {
      addIdea.mutate({ body }, done);
    }
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        send();
      }}
      data-own-idea
    >
      <Refused error={error}>
        <p className="quiet">{t(near ? "own.copyWhat" : "own.bareWhat")}</p>
        <div className="grid grid-cols-[1fr_7rem] gap-3">
          <Labelled name="title" label={t("own.title")}>
            <input
              className="input w-full"
              required
              maxLength={80}
              value={draft.title}
              onChange={(e) => set({ title: e.target.value })}
              data-own-title
            />
          </Labelled>
          <Labelled name="minutes" label={t("own.minutes")}>
            <input
              type="number"
              min={3}
              max={60}
              className="input w-full"
              value={draft.minutes}
              onChange={(e) => set({ minutes: Number(e.target.value) })}
            />
          </Labelled>
        </div>
        {!near && (
          <Labelled name="ladder" label={t("own.ladder")}>
            <select
              className="select w-full"
              required
              value={draft.ladder ?? ""}
              onChange={(e) => set({ ladder: e.target.value, steps: [] })}
              data-own-ladder
            >
              <option value="">{t("own.choose")}</option>
              {choices.data?.ladders.map((l) => (
                <option key={l.id} value={l.id}>
                  {t(`aim.${l.aim}`)} · {l.name}
                </option>
              ))}
            </select>
          </Labelled>
        )}
        <fieldset>
          <legend className="font-bold">{t("own.blocks")}</legend>
          <div className="flex flex-wrap gap-x-4">
            {kinds.map((k) => (
              <label key={k} className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={draft.blocks?.includes(k) ?? false}
                  onChange={() => set({ blocks: toggle(draft.blocks, k) })}
                />
                {t(`blockKind.${k}`)}
              </label>
            ))}
          </div>
        </fieldset>
        <fieldset>
          <legend className="font-bold">{t("own.actions")}</legend>
          <p className="quiet text-[13px]">{t("own.actionsWhy")}</p>
          <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-5">
            {choices.data?.actions.map((a) => (
              <label key={a.id} className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  disabled={near?.draft.actions?.includes(a.id)}
                  checked={draft.actions?.includes(a.id) ?? false}
                  onChange={() => set({ actions: toggle(draft.actions, a.id) })}
                />
                {a.name}
              </label>
            ))}
          </div>
        </fieldset>
        <ThingsChoice
          things={draft.things ?? []}
          fits={near?.fits}
          most={near ? 12 : 4}
          onChange={(things) => set({ things })}
        />
        {(near || ladder) && (
          <IdeaSteps
            steps={draft.steps ?? []}
            names={near ? undefined : ladder?.steps}
            of={near ? (near.draft.steps ?? []).map((s) => s.step) : (ladder?.steps ?? []).map((_, i) => i + 1)}
            was={near?.draft.steps ?? []}
            onChange={(steps) => set({ steps })}
          />
        )}
        <ErrorNote error={error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={addIdea.isPending || changeIdea.isPending}
          data-keep
        >
          {t("own.keepIdea")}
        </button>
      </Refused>
    </form>
  );
}
