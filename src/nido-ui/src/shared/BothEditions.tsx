import { useTranslation } from "react-i18next";
import type { Problem } from "../api/client";

const said = (value: unknown): string =>
  value === null || value === undefined || value === ""
    ? "—"
    : Array.isArray(value)
      ? value.map(said).join(", ") || "—"
      : typeof value === "object"
        ? Object.entries(value)
            .map(([k, v]) => `${k}: ${said(v)}`)
            .join("; ")
        : String(value);

/** What someone changed of what they opened, field by field. */
export function changed(opened: Record<string, unknown>, now: Record<string, unknown>): Record<string, unknown> {
  return Object.fromEntries(Object.entries(now).filter(([k, v]) => said(v) !== said(opened[k])));
}

/**
 * Someone changed the same thing meanwhile: theirs and mine side by side, and the choice. What I did not touch stays theirs
 * either way.
 */
export function BothEditions({
  error,
  opened,
  mine,
  labels,
  onMine,
  onTheirs,
}: {
  error: unknown;
  opened: Record<string, unknown>;
  mine: Record<string, unknown>;
  labels: Record<string, string>;
  onMine: (merged: Record<string, unknown>) => void;
  onTheirs: (current: Record<string, unknown>) => void;
}) {
  const { t } = useTranslation();
  const problem = error as Problem | null;
  const current = problem?.current;
  if (!current) {
    return null;
  }
  const touched = changed(opened, mine);
  const apart = Object.keys(mine).filter((k) => k in current && said(mine[k]) !== said(current[k]));
  return (
    <div role="alert" className="rounded-[10px] border border-warning p-3" data-both>
      <p className="font-bold">{t("both.title")}</p>
      <p>{t("both.why")}</p>
      <div className="overflow-x-auto">
        <table className="table table-sm my-2">
          <thead>
            <tr>
              <th />
              <th>{t("both.theirs")}</th>
              <th>{t("both.mine")}</th>
            </tr>
          </thead>
          <tbody>
            {apart.map((k) => (
              <tr key={k}>
                <th scope="row">{labels[k] ?? k}</th>
                <td>{said(current[k])}</td>
                <td>{k in touched ? said(mine[k]) : <span className="quiet">{t("both.untouched")}</span>}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {apart.length === 0 && <p>{t("both.same")}</p>}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-primary btn-sm" onClick={() => onMine({ ...current, ...touched })}>
          {t("both.keepMine")}
        </button>
        <button type="button" className="btn btn-outline btn-sm" onClick={() => onTheirs(current)}>
          {t("both.takeTheirs")}
        </button>
      </div>
    </div>
  );
}
