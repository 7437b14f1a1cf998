import { useTranslation } from "react-i18next";
import { $api, type StandIn } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { plain } from "../shared/figures";
import { useWeek } from "../shared/useWeek";

/** What could stand in for a material this week, with score and reasons; one press puts it in. */
export function StandIns({
  materialId,
  standIns,
  onOpen,
}: {
  materialId: string;
  standIns: StandIn[];
  onOpen: (id: string) => void;
}) {
  const { t } = useTranslation();
  const { path, show } = useWeek();
  const swap = $api.useMutation("put", "/api/weeks/{weekId}/swaps", { onSuccess: show });
  return (
    <section data-stand-ins>
      <h3 className="mt-3 font-bold">{t("cupboard.standIns")}</h3>
      <ErrorNote error={swap.error} />
      <ul>
        {standIns.slice(0, 8).map((s) => (
          <li key={`${s.materialId} ${s.for}`} className="border-base-300 border-t py-1">
            <span className="flex items-baseline justify-between gap-2">
              <button
                type="button"
                className="min-h-6 cursor-pointer text-left underline"
                onClick={() => onOpen(s.materialId)}
              >
                {s.name}
              </button>
              <b>{s.score}</b>
            </span>
            <span className="quiet block text-[13px]">
              {s.for} · {t("idea.have", { have: plain(s.have) })} · {s.reasons.join(", ")}
            </span>
            {s.against ? (
              <span className="block text-[13px] text-warning">{s.against}</span>
            ) : s.leads ? (
              <span className="quiet block text-[13px]">{t("cupboard.leads")}</span>
            ) : (
              <button
                type="button"
                className="btn btn-outline btn-xs mt-0.5"
                disabled={swap.isPending}
                onClick={() =>
                  swap.mutate({ ...path, body: { ideaId: s.ideaId, role: s.role, from: materialId, to: s.materialId } })
                }
              >
                {t("cupboard.useInstead")}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
