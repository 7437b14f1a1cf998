import { ArrowLeft } from "lucide-react";
import { useTranslation } from "react-i18next";
import { Link, NavLink, useParams } from "react-router";
import { $api } from "../api/client";
import { Calculation } from "./Calculation";

/** Ideas, making: what a practitioner works out with a pencil, each with a drawing to scale and its trace. */
export function MakingPage() {
  const { t } = useTranslation();
  const { weekId, name } = useParams();
  const calculators = $api.useQuery("get", "/api/making", {}, { staleTime: Number.POSITIVE_INFINITY }).data ?? [];
  const chosen = calculators.find((c) => c.name === name) ?? calculators[0];
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("making.title")}</h1>
        <span className="quiet place-said">{t("making.what")}</span>
        <Link to={`/w/${weekId}/ideas`} className="btn btn-outline btn-sm">
          <ArrowLeft size={16} aria-hidden="true" /> {t("places.ideas")}
        </Link>
      </header>
      <div className="pane flex min-h-0 flex-1 max-md:flex-col">
        <nav
          className="w-[212px] shrink-0 overflow-auto border-base-300 border-r p-2 max-lg:w-[170px] max-md:h-[30dvh] max-md:w-full"
          aria-label={t("making.title")}
        >
          {calculators.map((c) => (
            <NavLink
              key={c.name}
              to={`/w/${weekId}/ideas/making/${c.name}`}
              className={`mb-0.5 block rounded-[10px] border px-2.5 py-1 ${c === chosen ? "border-2 border-base-content bg-base-100 font-semibold" : "border-transparent"}`}
            >
              {t(`making.name.${c.name}`)}
            </NavLink>
          ))}
        </nav>
        {chosen && <Calculation key={chosen.name} calculator={chosen} />}
      </div>
    </main>
  );
}
