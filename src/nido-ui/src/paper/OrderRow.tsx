import { Eye } from "lucide-react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import type { Order } from "./sheetValues";

/** A sheet the week needs: chosen or left out, for whom, how many; a press shows it. */
export function OrderRow({
  order: o,
  weekId,
  on,
  onTurn,
}: {
  order: Order;
  weekId: string;
  on: boolean;
  onTurn: () => void;
}) {
  const { t } = useTranslation();
  return (
    <li className="flex items-start gap-2 border-base-300 border-b py-1.5" data-order>
      <label className="flex min-w-0 flex-1 gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm mt-0.5"
          checked={on && !o.problem}
          disabled={o.problem !== null}
          onChange={onTurn}
        />
        <span className="min-w-0">
          <b>{o.for}</b> · {o.title}
          {o.step !== null && ` · ${t("idea.step", { step: o.step })}`}
          {o.leftHanded && ` · ${t("paper.left")}`}
          {o.names.length > 0 && <span className="quiet block text-[13px]">{o.names.join(", ")}</span>}
          {o.problem && (
            <span className="block text-error text-[13px]">
              {o.problem.value}: {o.problem.message}
            </span>
          )}
          {o.notes.map((n) => (
            <span key={n} className="quiet block text-[13px]">
              {n}
            </span>
          ))}
        </span>
      </label>
      <span className="whitespace-nowrap text-[13px]">{t("paper.count", { pages: o.pages, copies: o.copies })}</span>
      <Link
        to={`/w/${weekId}/prep/paper/${o.kind}`}
        state={{ values: o.values, head: { idea: o.for }, leftHanded: o.leftHanded }}
        className="btn btn-ghost btn-xs"
        aria-label={t("paper.look", { what: `${o.for}, ${o.title}` })}
      >
        <Eye size={16} aria-hidden="true" />
      </Link>
    </li>
  );
}
