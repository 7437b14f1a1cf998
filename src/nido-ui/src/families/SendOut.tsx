import { Download, Mail, Printer } from "lucide-react";
import { useTranslation } from "react-i18next";
import { $api, type Schemas } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";

/** Letters on their way out: mail into the outbox for who has an address, paper for the others. Nothing is sent by itself. */
export function SendOut({ kind }: { kind: Schemas["LetterKind"] }) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const query = { params: { path: { weekId }, query: { kind } } };
  const { data: view, error } = $api.useQuery("get", "/api/weeks/{weekId}/letters", query);
  const lay = $api.useMutation("post", "/api/weeks/{weekId}/letters/outbox");
  if (!view) {
    return error ? <ErrorNote error={error} /> : <Skeleton lines={10} className="min-h-[230px]" />;
  }
  const mailed = view.families.filter((f) => f.byMail);
  const paper = view.families.filter((f) => !f.byMail);
  const names = (of: typeof paper) => of.map((f) => `${f.name} (${t(`families.in.${f.language}`)})`).join(", ");
  return (
    <section className="rounded-[10px] border border-base-300 bg-base-100 p-3" data-send-out>
      <h2 className="font-bold text-lg">{t("sendOut.title")}</h2>
      <p className="quiet mb-2 text-[13px]">{t("sendOut.why")}</p>
      <p>
        <b className="font-semibold">{t("sendOut.mail", { count: mailed.length })}</b> {names(mailed)}
      </p>
      <p className="mb-2">
        <b className="font-semibold">{t("sendOut.paper", { count: paper.length })}</b> {names(paper)}
      </p>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-outline btn-sm min-h-11"
          disabled={mailed.length === 0 || lay.isPending}
          onClick={() => lay.mutate({ params: { path: { weekId } }, body: { kind } })}
        >
          <Mail size={16} aria-hidden="true" /> {t("sendOut.lay")}
        </button>
        {mailed.length > 0 && (
          <a
            className="btn btn-outline btn-sm min-h-11"
            href={`/api/weeks/${weekId}/letters/mail.zip?kind=${kind}`}
            download
          >
            <Download size={16} aria-hidden="true" /> {t("sendOut.zip")}
          </a>
        )}
        {paper.length > 0 && (
          <a
            className="btn btn-outline btn-sm min-h-11"
            href={`/api/weeks/${weekId}/letters/paper.pdf?kind=${kind}`}
            download
          >
            <Printer size={16} aria-hidden="true" /> {t("sendOut.print")}
          </a>
        )}
      </div>
      <ErrorNote error={lay.error} />
      {lay.data && (
        <p role="status" className="mt-2">
          {t("sendOut.laid", { count: lay.data.laid, folder: lay.data.folder })}
        </p>
      )}
    </section>
  );
}
