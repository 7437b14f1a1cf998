import type { ReactNode } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { Menu } from "../shared/Menu";

const files = [
  { id: "pdfA4", path: "plan.pdf?paper=a4" },
  { id: "pdfLetter", path: "plan.pdf?paper=letter" },
  { id: "materials", path: "materials.csv" },
  { id: "calendar", path: "week.ics" },
  { id: "unit", path: "unit.json" },
] as const;

const signs = { id: "signs", path: "safety/signs.pdf" } as const;

/** A file names its language itself: a link sends no header of ours. */
const inLanguage = (path: string, language: string) =>
  path.includes("language=") ? path : `${path}${path.includes("?") ? "&" : "?"}language=${language}`;

/** The week on paper and as files; a session has its signs about allergens too. */
export function TakeAway({ weekId, dropIn, icon }: { weekId: string; dropIn: boolean; icon: ReactNode }) {
  const { t, i18n } = useTranslation();
  return (
    <Menu
      button={
        <>
          {icon} {t("files.title")}
        </>
      }
    >
      <li>
        <Link to={`/w/${weekId}/families`}>{t("files.families")}</Link>
      </li>
      {[...files, ...(dropIn ? [signs] : [])].map((f) => (
        <li key={f.id}>
          <a href={`/api/weeks/${weekId}/${inLanguage(f.path, i18n.language)}`} download>
            {t(`files.${f.id}`)}
          </a>
        </li>
      ))}
    </Menu>
  );
}
