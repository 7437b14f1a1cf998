import { Printer } from "lucide-react";
import { type ReactNode, useDeferredValue, useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { dayAndNumber } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { PlaceMain, PlaceSkeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { ChildPage } from "./ChildPage";
import { FoundList } from "./FoundList";
import { GroupTerm } from "./GroupTerm";

/** Journal: what happened is kept. A child's way through the weeks, and everything that was written down, found again. */
export function JournalPage() {
  const { t } = useTranslation();
  const { week } = useWeek();
  const groupId = week.data?.groupId ?? "";
  // Which child is open stays in the page: an address never says it.
  const [childId, setChildId] = useState<string | null>(null);
  const [group, setGroup] = useState(false);
  const [words, setWords] = useState("");
  const [where, setWhere] = useState(false);
  const asked = useDeferredValue(words.trim());
  const children = $api.useQuery(
    "get",
    "/api/groups/{groupId}/journal",
    { params: { path: { groupId } } },
    { enabled: groupId !== "" },
  );
  const open = childId ?? children.data?.find((c) => c.seen > 0)?.childId ?? children.data?.[0]?.childId ?? null;
  if (!week.data || !children.data) {
    return <PlaceSkeleton error={week.error ?? children.error} />;
  }
  return (
    <PlaceMain>
      <header className="no-print flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("places.journal")}</h1>
        <span className="quiet place-said">{week.data.groupName}</span>
        <input
          data-find
          className="input input-sm w-56"
          placeholder={t("journal.find")}
          aria-label={t("journal.find")}
          maxLength={100}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        <button type="button" className="btn btn-outline btn-sm" aria-pressed={where} onClick={() => setWhere(!where)}>
          {where ? t("journal.lines") : t("journal.findWhere")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => window.print()}>
          <Printer size={16} aria-hidden="true" /> {t("paper.print")}
        </button>
      </header>
      <ErrorNote error={week.error ?? children.error} />
      {asked || where ? (
        <FoundList groupId={groupId} words={asked} of={children.data} />
      ) : (
        <div className="pane flex min-h-0 flex-1 max-md:flex-col">
          <nav
            aria-label={t("journal.children")}
            className="no-print w-[212px] shrink-0 overflow-auto border-base-300 border-r p-2 max-md:flex max-md:w-full max-md:border-b"
          >
            <Entry isOpen={group} onOpen={() => setGroup(true)}>
              {t("groupTerm.group")}
            </Entry>
            {children.data.map((c) => (
              <Entry
                key={c.childId}
                isOpen={!group && c.childId === open}
                onOpen={() => {
                  setChildId(c.childId);
                  setGroup(false);
                }}
              >
                {c.name}
                <span className="quiet block text-xs">
                  {c.lookAgain && <b className="block">{t("hard.lookAgain")}</b>}
                  {c.last ? t("journal.seen", { count: c.seen, day: dayAndNumber(c.last) }) : t("journal.nothingYet")}
                </span>
              </Entry>
            ))}
          </nav>
          {group ? <GroupTerm groupId={groupId} /> : open && <ChildPage key={open} groupId={groupId} childId={open} />}
        </div>
      )}
    </PlaceMain>
  );
}

/** The group, or a child, in the list beside the page. */
function Entry({ isOpen, onOpen, children }: { isOpen: boolean; onOpen: () => void; children: ReactNode }) {
  const look = isOpen ? "border-2 border-base-content bg-base-100 font-semibold" : "border-transparent";
  return (
    <button
      type="button"
      aria-pressed={isOpen}
      className={`mb-0.5 block min-h-11 w-full cursor-pointer rounded-[10px] border px-2.5 py-1 text-left max-md:w-auto max-md:shrink-0 ${look}`}
      onClick={onOpen}
    >
      {children}
    </button>
  );
}
