import { Copy, FileText, Printer } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { useWeek } from "../shared/useWeek";
import { ForWhom } from "./ForWhom";
import { HomeActivity } from "./HomeActivity";
import { pageLanguage } from "./pageLanguage";

/** What families read before the week, and what can be done at home: for every family or one child's, in its language. */
export function FamiliesPage() {
  const { t, i18n } = useTranslation();
  const { weekId, week } = useWeek();
  const [childId, setChildId] = useState<string>();
  const [asked, setAsked] = useState<string>();
  const [copied, setCopied] = useState(false);
  const group = $api.useQuery(
    "get",
    "/api/groups/{groupId}",
    { params: { path: { groupId: week.data?.groupId ?? "" } } },
    { enabled: week.data?.groupKind === "class" },
  );
  const child = group.data?.children.find((c) => c.id === childId);
  const language = pageLanguage(asked, child?.homeLanguage, i18n.language);
  const letter = $api.useQuery("get", "/api/weeks/{weekId}/family", {
    params: { path: { weekId }, query: { childId, language } },
  });
  const file = (kind: string) =>
    `/api/weeks/${weekId}/family.${kind}?language=${language}${childId ? `&childId=${childId}` : ""}`;
  const other = child && !["en", "es"].includes(child.homeLanguage);
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("families.title")}</h1>
        <span className="quiet mr-auto">{week.data?.theme.name}</span>
        <fieldset className="join" aria-label={t("families.language")}>
          {["en", "es"].map((l) => (
            <button
              key={l}
              type="button"
              aria-pressed={language === l}
              className={`btn join-item btn-sm min-h-11 ${language === l ? "btn-primary" : "btn-outline"}`}
              onClick={() => setAsked(l)}
            >
              {t(`families.in.${l}`)}
            </button>
          ))}
        </fieldset>
        <a className="btn btn-outline btn-sm min-h-11" href={file("pdf")} download>
          <Printer size={16} aria-hidden="true" /> PDF
        </a>
        <a className="btn btn-outline btn-sm min-h-11" href={file("txt")} download>
          <FileText size={16} aria-hidden="true" /> {t("families.asText")}
        </a>
      </header>
      <section className="min-h-0 flex-1 overflow-auto px-4 py-3" aria-label={t("families.title")}>
        <ErrorNote error={letter.error ?? group.error} />
        {group.data && (
          <ForWhom
            childrenOfGroup={group.data.children}
            childId={childId}
            onChoose={(id) => {
              setChildId(id);
              setAsked(undefined);
              setCopied(false);
            }}
          />
        )}
        {other && <p className="mt-2 text-warning">{t("families.otherLanguage", { language: child.homeLanguage })}</p>}
        {!letter.data && !letter.error && <p className="quiet mt-3">{t("loading")}</p>}
        {letter.data && (
          <div className="mt-4 grid gap-x-8 gap-y-5 lg:grid-cols-2">
            <div>
              <h2 className="mb-2 flex min-h-11 items-center font-bold text-lg">{t("families.home")}</h2>
              {letter.data.home.length === 0 && <p>{t("families.nothing")}</p>}
              <ul className="space-y-3" lang={language}>
                {letter.data.home.map((a) => (
                  <HomeActivity key={a.techniqueId} activity={a} />
                ))}
              </ul>
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
            </div>
          </div>
        )}
      </section>
    </main>
  );
}
