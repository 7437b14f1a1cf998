import { FileText, Images } from "lucide-react";
import { useDeferredValue, useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Problem, type Schemas } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { numberOf } from "../shared/numbers";
import { useWeek } from "../shared/useWeek";
import { FieldEntry } from "./FieldEntry";
import { Preview } from "./Preview";
import type { Handed } from "./SheetPage";
import { saveFile } from "./saveFile";
import { type SheetKind, type Typed, typedFrom, valuesOf } from "./sheetValues";

/** The fields of a sheet beside its pages; what is seen is what is printed. */
export function SheetMaker({ kind, handed }: { kind: SheetKind; handed: Handed }) {
  const { t, i18n } = useTranslation();
  const { week } = useWeek();
  const [typed, setTyped] = useState<Typed>(() => typedFrom(kind, handed.values));
  const [paper, setPaper] = useState<Schemas["PaperSize"] | null>(null);
  const [left, setLeft] = useState(handed.leftHanded ?? false);
  const [name, setName] = useState(handed.head?.name ?? "");
  const [copies, setCopies] = useState(1);
  const [language, setLanguage] = useState(i18n.language.startsWith("es") ? "es" : "en");
  const [error, setError] = useState<Problem | null>(null);
  const group = $api.useQuery(
    "get",
    "/api/groups/{groupId}",
    { params: { path: { groupId: week.data?.groupId ?? "" } } },
    { enabled: week.data !== undefined },
  );
  const body = useDeferredValue({
    kind: kind.id,
    values: valuesOf(kind, typed),
    paper: paper ?? group.data?.settings.paper ?? "a4",
    language,
    leftHanded: left,
    head: { idea: handed.head?.idea ?? null, step: null, day: null, name: name || null },
    copies,
  });
  const pages = $api.useQuery(
    "post",
    "/api/paper/pages",
    { body },
    { placeholderData: (before) => before, retry: false },
  );
  const wrong = (pages.error as Problem | null)?.fields?.[0];
  const save = (what: "pdf" | "svg", ending: string) => {
    setError(null);
    saveFile(`/api/paper/${what}`, body, `${kind.id}.${ending}`).catch((e) => setError(e as Problem));
  };
  // What is no number is said at its field, and nothing is printed in its place.
  const noNumber = kind.fields.filter(
    (f) => (f.kind === "number" || f.kind === "whole") && numberOf(typed[f.name] ?? "") === null,
  );
  const refused = pages.isError || noNumber.length > 0;
  const at = kind.fields.find((f) => wrong?.field === f.name);
  return (
    <div className="pane flex min-h-0 flex-1 max-lg:flex-col max-lg:overflow-auto">
      <form
        className="pane grid w-[340px] shrink-0 grid-cols-2 content-start gap-2.5 overflow-auto p-4 max-lg:w-full"
        onSubmit={(e) => {
          e.preventDefault();
          save("pdf", "pdf");
        }}
      >
        {kind.fields.map((f) => (
          <FieldEntry
            key={f.name}
            field={f}
            text={typed[f.name] ?? ""}
            problem={
              noNumber.includes(f) ? t("paper.noNumber") : at === f ? `${wrong?.value}: ${wrong?.message}` : null
            }
            onChange={(text) => setTyped({ ...typed, [f.name]: text })}
          />
        ))}
        <label className="col-span-2 flex flex-col gap-1 border-base-300 border-t pt-2">
          {t("paper.name")}
          <input
            className="input input-sm w-full"
            maxLength={100}
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <label className="flex flex-col gap-1">
          {t("paper.size")}
          <select
            className="select select-sm w-full"
            value={body.paper}
            onChange={(e) => setPaper(e.target.value as Schemas["PaperSize"])}
          >
            <option value="a4">A4</option>
            <option value="letter">Letter</option>
          </select>
        </label>
        <label className="flex flex-col gap-1">
          {t("paper.language")}
          <select className="select select-sm w-full" value={language} onChange={(e) => setLanguage(e.target.value)}>
            <option value="en">English</option>
            <option value="es">Español</option>
          </select>
        </label>
        <label className="flex flex-col gap-1">
          {t("paper.copies")}
          <input
            type="number"
            min={1}
            max={60}
            className="input input-sm w-full"
            value={copies}
            onChange={(e) => setCopies(Math.min(60, Math.max(1, Math.round(Number(e.target.value)) || 1)))}
          />
        </label>
        <label className="flex items-center gap-2 self-end pb-1">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={left}
            onChange={(e) => setLeft(e.target.checked)}
          />
          {t("paper.leftHanded")}
        </label>
        <div className="col-span-2 mt-1 flex flex-wrap gap-2">
          <button type="submit" className="btn btn-primary btn-sm" disabled={refused}>
            <FileText size={16} aria-hidden="true" /> {t("paper.pdf")}
          </button>
          <button
            type="button"
            className="btn btn-outline btn-sm"
            disabled={refused}
            onClick={() => save("svg", "zip")}
          >
            <Images size={16} aria-hidden="true" /> {t("paper.svg")}
          </button>
        </div>
        <div className="col-span-2">
          <ErrorNote error={error ?? (at ? null : pages.error)} />
        </div>
      </form>
      <Preview sheet={pages.data} stale={refused} />
    </div>
  );
}
