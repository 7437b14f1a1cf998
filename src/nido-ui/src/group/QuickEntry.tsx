import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type HelpLevel, helpLevels, type StepsView } from "../api/client";
import { Dialog } from "../shared/Dialog";
import { ErrorNote } from "../shared/ErrorNote";
import { quickLine, type Understood } from "./quickLine";
import { useObservations } from "./useObservations";

/** Many observations by keyboard: a line each, Enter takes it, an empty Enter keeps them all. */
export function QuickEntry({ groupId, steps, onClose }: { groupId: string; steps: StepsView; onClose: () => void }) {
  const { t } = useTranslation();
  const [line, setLine] = useState("");
  const [taken, setTaken] = useState<Understood[]>([]);
  const changes = useObservations(groupId);
  const words = Object.fromEntries(helpLevels.map((h) => [h, t(`help.${h}`)])) as Record<HelpLevel, string>;
  const now = quickLine(line, steps, words);
  const keep = () =>
    changes
      .see(taken.flatMap((u) => (u.seen ? [u.seen] : [])))
      .then(onClose)
      .catch(() => undefined);
  return (
    <Dialog typed title={t("quick.title")} onClose={onClose}>
      <p className="quiet mb-2">{t("quick.help", { words: Object.values(words).join(", ") })}</p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (line.trim() === "" && taken.length > 0) {
            void keep();
          } else if (now.seen) {
            setTaken([...taken, now]);
            setLine("");
          }
        }}
      >
        <input
          ref={(e) => e?.setAttribute("autofocus", "")}
          className="input w-full"
          aria-label={t("quick.line")}
          placeholder={t("quick.example")}
          value={line}
          onChange={(e) => setLine(e.target.value)}
          data-quick
        />
        <p className={`my-1 min-h-6 ${line && now.wrong ? "text-warning" : ""}`} aria-live="polite">
          {line.trim() === "" ? "" : <Read understood={now} />}
        </p>
        <ol className="max-h-60 overflow-auto" data-taken>
          {taken.map((u, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the same thing can be seen twice
            <li key={i} className="flex justify-between border-base-300 border-t py-1">
              <Read understood={u} />
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                onClick={() => setTaken(taken.filter((_, k) => k !== i))}
              >
                {t("quick.remove")}
              </button>
            </li>
          ))}
        </ol>
        <ErrorNote error={changes.error} />
        <button
          type="button"
          className="btn btn-primary mt-2"
          disabled={taken.length === 0}
          onClick={() => void keep()}
        >
          {t("quick.keep", { count: taken.length })}
        </button>
      </form>
    </Dialog>
  );
}

function Read({ understood: u }: { understood: Understood }) {
  const { t } = useTranslation();
  return (
    <span>
      {[u.child, u.ladder, u.step && t("idea.step", { step: u.step }), u.help && t(`help.${u.help}`)]
        .filter(Boolean)
        .join(" · ")}
      {u.seen === null && (
        <span className="text-warning"> {u.wrong ? t("quick.unknown", { word: u.wrong }) : t("quick.more")}</span>
      )}
    </span>
  );
}
