import { Download } from "lucide-react";
import { useTranslation } from "react-i18next";
import { Link, useNavigate, useParams } from "react-router";
import { $api } from "../../api/client";
import { PrintLink } from "../../paper/PrintLink";
import { ErrorNote } from "../../shared/ErrorNote";
import { Gently, PlaceMain, PlaceSkeleton, Skeleton } from "../../shared/Skeleton";
import { useWeek } from "../../shared/useWeek";
import { ThemeForm } from "./ThemeForm";

/** Themes: those that come with Nido, to begin from, and one's own. */
export function ThemePage() {
  const { t } = useTranslation();
  const { weekId, week } = useWeek();
  const { themeId } = useParams();
  const navigate = useNavigate();
  const themes = $api.useQuery("get", "/api/themes");
  const open = themeId ?? week.data?.theme.id;
  const theme = $api.useQuery(
    "get",
    "/api/themes/{themeId}",
    { params: { path: { themeId: open ?? "" } } },
    { enabled: open !== undefined && open !== "new" },
  );
  if (!themes.data || !week.data) {
    return <PlaceSkeleton error={week.error ?? themes.error} />;
  }
  return (
    <PlaceMain>
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="mr-auto leading-tight">{t("theme.title")}</h1>
        {/* Two dozen names side by side leave a phone nothing for the theme itself. */}
        <select
          className="select select-sm w-full md:hidden"
          aria-label={t("theme.all")}
          value={open}
          onChange={(e) => void navigate(`/w/${weekId}/ideas/theme/${e.target.value}`)}
        >
          {open === "new" && <option value="new">{t("theme.new")}</option>}
          {themes.data.map((x) => (
            <option key={x.id} value={x.id}>
              {x.name}
            </option>
          ))}
        </select>
        <nav className="join flex-wrap max-md:hidden" aria-label={t("theme.all")}>
          {themes.data.map((x) => (
            <Link
              key={x.id}
              to={`/w/${weekId}/ideas/theme/${x.id}`}
              aria-current={x.id === open ? "page" : undefined}
              className={`btn join-item btn-sm ${x.id === open ? "btn-primary" : ""}`}
            >
              {x.name}
            </Link>
          ))}
        </nav>
        {theme.data && (
          <PrintLink
            kind="word-cards"
            values={{ numbers: null, texts: null, lists: { words: theme.data.draft.words.slice(0, 60) } }}
          />
        )}
        {open && open !== "new" && (
          <a className="btn btn-ghost btn-sm" href={`/api/themes/${open}/theme.yaml`} download>
            <Download size={15} aria-hidden="true" /> {t("theme.takeAlong")}
          </a>
        )}
        <Link to={`/w/${weekId}/ideas/theme/new`} className="btn btn-outline btn-sm">
          {t("theme.new")}
        </Link>
      </header>
      <ErrorNote error={theme.error} />
      {open === "new" ? (
        <ThemeForm key="new" id={null} draft={{ name: "", letter: "", words: [] }} own />
      ) : (
        <Gently until={<Skeleton lines={12} className="p-4" />}>
          {theme.data && (
            <ThemeForm key={theme.data.id} id={theme.data.id} draft={theme.data.draft} own={theme.data.own} />
          )}
        </Gently>
      )}
    </PlaceMain>
  );
}
