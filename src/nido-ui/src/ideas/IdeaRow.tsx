import { useTranslation } from "react-i18next";
import type { IdeaName } from "../api/client";
import { Thread } from "../shared/Stitches";

/** An idea in the list. */
export function IdeaRow({ idea, open, onOpen }: { idea: IdeaName; open: boolean; onOpen: () => void }) {
  const { t } = useTranslation();
  return (
    <li>
      <button
        type="button"
        aria-current={open}
        onClick={onOpen}
        className={`mb-1 w-full cursor-pointer rounded-[10px] border px-2.5 py-1.5 text-left ${open ? "border-2 border-base-content bg-base-100" : "border-base-300 bg-base-100"}`}
      >
        <span className="flex gap-2">
          <span className="min-w-0 flex-1 truncate font-semibold">{idea.title}</span>
          {idea.placedTimes > 0 && (
            <span className="shrink-0 text-xs">{t("ideas.placed", { count: idea.placedTimes })}</span>
          )}
        </span>
        <span className="quiet block truncate text-xs">
          {idea.technique}
          {idea.material ? ` · ${idea.material}` : ""}
        </span>
        <span className="mt-0.5 flex items-center gap-2">
          <Thread shares={idea.shares} />
          <span className="quiet shrink-0 text-xs">
            {t("ideas.reach", { in: idea.inReach, of: idea.children })} · {idea.stepFrom}–{idea.stepTo}
          </span>
        </span>
      </button>
    </li>
  );
}
