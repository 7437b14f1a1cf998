import { Copy, FileText, Printer } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Group, type Schemas } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { AtHome } from "./AtHome";
import { ForWhom } from "./ForWhom";
import { HomeActivity } from "./HomeActivity";
import { pageLanguage } from "./pageLanguage";
import { SendOut } from "./SendOut";

type Kind = Schemas["LetterKind"];
const kinds: Kind[] = ["before", "after", "reminder"];

/** A letter: before the week, after it, or as a reminder; for every family or one child's, in its language. */
export function Letters({ group }: { group: Group | undefined }) {
  const { t, i18n } = useTranslation();
  const { weekId } = useWeek();
  const [kind, setKind] = useState<Kind>("before");
  const [childId, setChildId] = useState<string>();
  const [asked, setAsked] = useState<string>();
  const [copied, setCopied] = useState(false);
  const child = group?.children.find((c) => c.id === childId);
  const language = pageLanguage(asked, child?.homeLanguage, i18n.language);
  const letter = $api.useQuery("get", "/api/weeks/{weekId}/family", {
    params: { path: { weekId }, query: { childId, kind, language } },
  });
  const file = (ending: string) =>
    `/api/weeks/${weekId}/family.${ending}?kind=${kind}&language=${language}${childId ? `&childId=${childId}` : ""}`;
  const other = child && !["en", "es"].includes(child.homeLanguage);
  const choose = <T extends string>(all: readonly T[], now: T, set: (one: T) => void, word: (one: T) => string) =>
    all.map((one) => (
      <button
        key={one}
        type="button"
        aria-pressed={now === one}
        className={`btn join-item btn-sm min-h-11 ${now === one ? "btn-primary" : "btn-outline"}`}
        onClick={() => {
          set(one);
          setCopied(false);
        }}
      >
        {word(one)}
      </button>
    ));
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-3" data-letter-tools>
        <fieldset className="join" aria-label={t("families.which")}>
          {choose(group ? kinds : ["before", "after"], kind, setKind, (k) => t(`families.kind.${k}`))}
        </fieldset>
        <fieldset className="join mr-auto" aria-label={t("families.language")}>
          {choose(["en", "es"], language, setAsked, (l) => t(`families.in.${l}`))}
        </fieldset>
        <a className="btn btn-outline btn-sm min-h-11" href={file("pdf")} download>
          <Printer size={16} aria-hidden="true" /> PDF
        </a>
        <a className="btn btn-outline btn-sm min-h-11" href={file("txt")} download>
          <FileText size={16} aria-hidden="true" /> {t("families.asText")}
        </a>
      </div>
      {group && (
        <ForWhom
          childrenOfGroup={group.children}
          childId={childId}
          onChoose={(id) => {
            setChildId(id);
            setAsked(undefined);
            setCopied(false);
          }}
        />
      )}
      {other && <p className="mt-2 text-warning">{t("families.otherLanguage", { language: child.homeLanguage })}</p>}
      <ErrorNote error={letter.error} />
      {!letter.data && !letter.error && <Skeleton lines={14} className="mt-3" />}
      {letter.data && (
        <div className="mt-4 grid gap-x-8 gap-y-5 lg:grid-cols-2">
          <div className="space-y-5">
            {group && child && <AtHome key={child.id} groupId={group.id} childId={child.id} name={child.name} />}
            {group && !child && <SendOut kind={kind} />}
            {kind !== "reminder" && (
              <section>
                <h2 className="mb-2 flex min-h-11 items-center font-bold text-lg">
                  {t(kind === "after" ? "families.carryOn" : "families.home")}
                </h2>
                {letter.data.home.length === 0 && <p>{t("families.nothing")}</p>}
                <ul className="space-y-3" lang={language}>
                  {letter.data.home.map((a) => (
                    <HomeActivity key={a.techniqueId} activity={a} />
                  ))}
                </ul>
              </section>
            )}
          </div>
          <div>
            <h2 className="mb-2 flex items-center gap-3 font-bold text-lg">
              {t("families.letter")}
              <button
                type="button"
                className="btn btn-ghost btn-sm min-h-11"
                onClick={() => navigator.clipboard.writeText(letter.data.text).then(() => setCopied(true))}
              >
                <Copy size={16} aria-hidden="true" /> {t(copied ? "families.copied" : "families.copy")}
              </button>
            </h2>
            <pre
              lang={language}
              // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
              tabIndex={0}
              className="whitespace-pre-wrap rounded-[10px] border border-base-300 bg-base-100 p-4 font-sans text-[15px]"
              data-letter
            >
              {letter.data.text}
            </pre>
            {group && letter.data.pictures.length > 0 && (
              <ul className="mt-3 flex flex-wrap gap-2" aria-label={t("families.pictures")}>
                {letter.data.pictures.map((id) => (
                  <li key={id}>
                    <img
                      src={`/api/groups/${group.id}/pictures/${id}/file?small=true`}
                      alt={t("families.picture")}
                      className="h-28 rounded-[10px] border border-base-300"
                    />
                  </li>
                ))}
              </ul>
            )}
          </div>
        </div>
      )}
    </>
  );
}
