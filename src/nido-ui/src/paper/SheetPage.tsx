import { ArrowLeft } from "lucide-react";
import { useTranslation } from "react-i18next";
import { Link, useLocation, useParams } from "react-router";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { SheetMaker } from "./SheetMaker";
import type { SheetValues } from "./sheetValues";

/** What another place hands over: values that are known there, and what the sheet is for. Never in the address: it may name a child. */
export interface Handed {
  values?: SheetValues;
  head?: { idea?: string; name?: string };
  leftHanded?: boolean;
}

/** One sheet: its fields, what it looks like, and ways to print it. */
export function SheetPage() {
  const { t, i18n } = useTranslation();
  const { weekId = "", kind: id = "" } = useParams();
  const handed = (useLocation().state ?? {}) as Handed;
  const language = i18n.language.startsWith("es") ? "es" : "en";
  const kinds = $api.useQuery("get", "/api/paper/kinds", { params: { query: { language } } });
  const kind = kinds.data?.find((k) => k.id === id);
  return (
    <main className="flex min-w-0 flex-1 flex-col">
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="mr-auto leading-tight">{kind?.name ?? t("paper.title")}</h1>
        <Link to={`/w/${weekId}/prep/paper`} className="btn btn-outline btn-sm">
          <ArrowLeft size={16} aria-hidden="true" /> {t("paper.title")}
        </Link>
      </header>
      <ErrorNote error={kinds.error} />
      {kinds.data && !kind && <p className="p-4">{t("paper.unknown")}</p>}
      {kind && <SheetMaker key={`${id} ${language}`} kind={kind} handed={handed} />}
    </main>
  );
}
