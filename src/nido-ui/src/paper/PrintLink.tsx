import { Printer } from "lucide-react";
import { useTranslation } from "react-i18next";
import { Link, useParams } from "react-router";
import type { Handed } from "./SheetPage";

/** Opens a sheet with what is known here; names go along in the page's own memory, never in an address. */
export function PrintLink({ kind, label, ...handed }: { kind: string; label?: string } & Handed) {
  const { t } = useTranslation();
  const { weekId } = useParams();
  return (
    <Link to={`/w/${weekId}/prep/paper/${kind}`} state={handed} className="btn btn-outline btn-sm no-print">
      <Printer size={16} aria-hidden="true" /> {label ?? t("paper.print")}
    </Link>
  );
}
