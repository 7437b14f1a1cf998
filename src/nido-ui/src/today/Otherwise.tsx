import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { Labelled, Refused } from "../shared/form";
import { Menu } from "../shared/Menu";
import { numberOrTyped } from "../shared/numbers";
import { useWeek } from "../shared/useWeek";
import { isAway, saveOrWait } from "./waiting";

type Kind = Schemas["OtherwiseView"]["kind"];
export interface Place {
  day: number;
  blockId: string;
  /** Null where the whole block is meant. */
  offer: number | null;
}

/** Otherwise than planned, one tap: left out at once, the rest with a number or a word. Shares are then what was met. */
export function Otherwise({ place, title, notes }: { place: Place; title: string; notes: Schemas["OtherwiseView"][] }) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const [asking, setAsking] = useState<Kind | null>(null);
  const onSuccess = useChanged("week");
  const add = $api.useMutation("post", "/api/weeks/{weekId}/otherwise", { onSuccess });
  const back = $api.useMutation("delete", "/api/weeks/{weekId}/otherwise/{index}", { onSuccess });
  const own = notes.filter((n) => n.blockId === place.blockId && n.offer === place.offer);
  const kinds: Kind[] =
    place.offer === null
      ? ["somethingElse", "cutShort", "longer", "leftOut"]
      : ["leftOut", "cutShort", "longer", "swapped"];
  const say = (kind: Kind, more: { minutes?: number | null; ideaId?: string | null; words?: string }) => {
    const body = {
      kind,
      ...place,
      minutes: more.minutes ?? null,
      ideaId: more.ideaId ?? null,
      words: more.words ?? "",
    };
    return saveOrWait(() => add.mutateAsync({ params: { path: { weekId } }, body }), {
      to: `/api/weeks/${weekId}/otherwise`,
      method: "POST",
      body,
    });
  };
  return (
    <div className="text-base" data-otherwise>
      {own.map((n) => (
        <p key={n.index} className="my-1 flex flex-wrap items-center gap-2 rounded-[10px] bg-secondary px-2 py-1">
          <span className="mr-auto">{n.sentence}</span>
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => back.mutate({ params: { path: { weekId, index: n.index } } })}
          >
            {t("otherwise.back")}
          </button>
        </p>
      ))}
      <Menu button={t("otherwise.open")} className="btn-ghost h-11 px-0 text-base">
        {kinds.map((k) => (
          <li key={k}>
            <button
              type="button"
              className="min-h-11"
              onClick={() => (k === "leftOut" ? void say(k, {}).catch(() => undefined) : setAsking(k))}
            >
              {t(`otherwise.${k}`)}
            </button>
          </li>
        ))}
      </Menu>
      <ErrorNote error={asking || isAway(add.error) ? back.error : (add.error ?? back.error)} />
      {asking && (
        <Ask
          kind={asking}
          title={title}
          error={add.error}
          onSay={(more) =>
            void say(asking, more).then(
              () => setAsking(null),
              () => undefined,
            )
          }
          onClose={() => setAsking(null)}
        />
      )}
    </div>
  );
}

function Ask({
  kind,
  title,
  error,
  onSay,
  onClose,
}: {
  kind: Kind;
  title: string;
  error: unknown;
  onSay: (more: { minutes?: number | null; ideaId?: string | null; words?: string }) => void;
  onClose: () => void;
}) {
  const { t } = useTranslation();
  const { path } = useWeek();
  const [minutes, setMinutes] = useState("");
  const [words, setWords] = useState("");
  const [ideaId, setIdeaId] = useState("");
  const ideas = $api.useQuery("get", "/api/weeks/{weekId}/ideas", path, { enabled: kind === "swapped" });
  return (
    <Dialog title={`${title}: ${t(`otherwise.${kind}`)}`} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          onSay({ minutes: minutes === "" ? null : (numberOrTyped(minutes) as number), ideaId: ideaId || null, words });
        }}
      >
        <Refused error={error}>
          {kind === "somethingElse" && (
            <Labelled name="words" label={t("otherwise.what")}>
              <input
                className="input w-full"
                required
                maxLength={100}
                value={words}
                onChange={(e) => setWords(e.target.value)}
              />
            </Labelled>
          )}
          {kind === "swapped" ? (
            <Labelled name="ideaId" label={t("otherwise.instead")}>
              <select className="select w-full" required value={ideaId} onChange={(e) => setIdeaId(e.target.value)}>
                <option value="" />
                {ideas.data?.map((i) => (
                  <option key={i.ideaId} value={i.ideaId}>
                    {i.title}
                  </option>
                ))}
              </select>
            </Labelled>
          ) : (
            <Labelled
              name="minutes"
              label={t(kind === "somethingElse" ? "otherwise.minutesLost" : "otherwise.minutesTook")}
            >
              <input
                className="input w-28"
                inputMode="numeric"
                required={kind !== "somethingElse"}
                value={minutes}
                onChange={(e) => setMinutes(e.target.value)}
              />
            </Labelled>
          )}
          <ErrorNote error={error} />
          <button type="submit" className="btn btn-primary h-11 self-start">
            {t("otherwise.keep")}
          </button>
        </Refused>
      </form>
    </Dialog>
  );
}
