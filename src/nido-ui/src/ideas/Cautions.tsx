import { useTranslation } from "react-i18next";
import type { Caution } from "../api/client";
import { Source } from "../safety/Source";
import { severityIcon } from "../safety/severityIcon";

const upFront = 5;

/** What to mind: the five that matter most up front, the others one press away, each with why and source. */
export function Cautions({ cautions, narrow = false }: { cautions: Caution[]; narrow?: boolean }) {
  const { t } = useTranslation();
  const list = `grid gap-1.5 ${narrow ? "" : "xl:grid-cols-2"}`;
  const rest = cautions.slice(upFront);
  return (
    <>
      <ul className={list}>
        {cautions.slice(0, upFront).map((c) => (
          <CautionRow key={c.ruleId} caution={c} />
        ))}
      </ul>
      {rest.length > 0 && (
        <details className="mt-1.5">
          <summary className="cursor-pointer">{t("safety.moreCautions", { count: rest.length })}</summary>
          <ul className={`mt-1.5 ${list}`}>
            {rest.map((c) => (
              <CautionRow key={c.ruleId} caution={c} />
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function CautionRow({ caution: c }: { caution: Caution }) {
  const { t } = useTranslation();
  const Icon = severityIcon[c.severity];
  return (
    <li
      className={`flex gap-2 border-l-4 bg-base-200 px-3 py-1 ${c.severity === "tell" ? "border-base-300" : "border-warning"}`}
    >
      <Icon size={16} className="mt-0.5 shrink-0" aria-hidden="true" />
      <div className="min-w-0">
        <p>
          <b>{t(`severity.${c.severity}`)}:</b> {c.message}
          {c.lifted && (
            <b className="block">{t("safety.liftedBy", { adult: c.lifted.adult, reason: c.lifted.reason })}</b>
          )}
        </p>
        <Source
          why={[
            ...(c.what.length > 0 ? [t("idea.because", { what: c.what.join(", ") })] : []),
            ...(c.whom.length > 0 ? [t("safety.whom", { names: c.whom.join(", ") })] : []),
            ...c.why,
          ]}
          source={c.source}
          deferTo={c.deferTo}
        />
      </div>
    </li>
  );
}
