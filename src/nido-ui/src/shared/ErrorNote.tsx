import { CircleAlert } from "lucide-react";
import { useTranslation } from "react-i18next";
import type { Problem } from "../api/client";
import { useElsewhere } from "./form";

/** What went wrong and the way out, beside the thing. */
export function ErrorNote({ error }: { error: unknown }) {
  const { t } = useTranslation();
  const all = error instanceof Error ? [] : ((error as Problem | null)?.fields ?? []);
  const fields = useElsewhere(all);
  if (!error) {
    return null;
  }
  // A call that got no answer at all is thrown as an Error; what the server refuses is a problem with its sentences.
  const problem: Problem =
    error instanceof Error ? { title: t("away.title"), detail: t("away.why") } : (error as Problem);
  return (
    <div role="alert" className="flex gap-2 rounded-[10px] border border-error p-3 text-error">
      <CircleAlert size={18} className="mt-0.5 shrink-0" aria-hidden="true" />
      <div>
        <p className="font-bold">{problem.title ?? t("away.title")}</p>
        {fields.length > 0 ? (
          <ul>
            {fields.map((f) => (
              <li key={`${f.field} ${f.value}`}>
                {f.field}
                {f.value ? ` “${f.value}”` : ""}: {f.message}
              </li>
            ))}
          </ul>
        ) : (
          all.length === 0 && <p>{problem.detail ?? t("away.why")}</p>
        )}
      </div>
    </div>
  );
}
