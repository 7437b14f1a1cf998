import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { grouped } from "./sheetValues";

/** Any sheet by itself, family by family. */
export function Kinds({ weekId, language }: { weekId: string; language: string }) {
  const { t } = useTranslation();
  const kinds = $api.useQuery("get", "/api/paper/kinds", { params: { query: { language } } });
  const families = grouped(kinds.data ?? [], (k) => k.family);
  return (
    <section aria-label={t("paper.any")} data-kinds>
      <h2 className="mb-1">{t("paper.any")}</h2>
      <p className="quiet mb-2 text-[13px]">{t("paper.anyHelp")}</p>
      <ErrorNote error={kinds.error} />
      <div className="columns-2 gap-6 max-sm:columns-1">
        {families.map(([family, of]) => (
          <section key={family} className="mb-3 break-inside-avoid">
            <h3 className="font-bold">{of[0]?.familyName}</h3>
            <ul>
              {of.map((k) => (
                <li key={k.id}>
                  <Link className="inline-flex min-h-7 items-center underline" to={`/w/${weekId}/prep/paper/${k.id}`}>
                    {k.name}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </section>
  );
}
