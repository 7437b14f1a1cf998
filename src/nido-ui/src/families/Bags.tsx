import { Printer } from "lucide-react";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api, type Child, type Schemas } from "../api/client";
import { useChanged } from "../shared/changed";
import { dayAndMonth } from "../shared/dates";
import { ErrorNote } from "../shared/ErrorNote";
import { Skeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { BagsAtHome } from "./BagsAtHome";

const kinds: Schemas["BagKind"][] = ["readiness", "week"];

/** Bags for home: what is in one for a child, what to do with it, what to mind; lent and back. */
export function Bags({ childrenOfGroup }: { childrenOfGroup: Child[] }) {
  const { t, i18n } = useTranslation();
  const { weekId } = useWeek();
  const [chosen, setChosen] = useState<string>();
  const [kind, setKind] = useState<Schemas["BagKind"]>("readiness");
  const child = childrenOfGroup.find((c) => c.id === chosen) ?? childrenOfGroup[0];
  const childId = child?.id ?? "";
  const bag = $api.useQuery(
    "get",
    "/api/weeks/{weekId}/bags/{childId}/{kind}",
    { params: { path: { weekId, childId, kind } } },
    { enabled: childId !== "" },
  );
  const lend = $api.useMutation("post", "/api/weeks/{weekId}/bags", { onSuccess: useChanged("cupboard") });
  if (!child) {
    return <p>{t("bags.nobody")}</p>;
  }
  const language = child.homeLanguage === "es" ? "es" : i18n.language;
  return (
    <div className="grid gap-x-8 gap-y-5 lg:grid-cols-2" data-bags>
      <section>
        <h2 className="mb-2 font-bold text-lg">{t("bags.pack")}</h2>
        <div className="mb-3 flex flex-wrap gap-2">
          <select
            className="select min-h-11 w-48"
            aria-label={t("bags.for")}
            value={childId}
            onChange={(e) => setChosen(e.target.value)}
          >
            {childrenOfGroup.map((c) => (
              <option key={c.id} value={c.id ?? ""}>
                {c.name}
              </option>
            ))}
          </select>
          <fieldset className="join" aria-label={t("bags.which")}>
            {kinds.map((k) => (
              <button
                key={k}
                type="button"
                aria-pressed={kind === k}
                className={`btn join-item min-h-11 ${kind === k ? "btn-primary" : "btn-outline"}`}
                onClick={() => setKind(k)}
              >
                {t(`bags.kind.${k}`)}
              </button>
            ))}
          </fieldset>
        </div>
        <ErrorNote error={bag.error ?? lend.error} />
        {bag.data && (
          <div className="rounded-[10px] border border-base-300 bg-base-100 p-4" data-bag>
            <h3 className="font-bold text-lg">{bag.data.title}</h3>
            <p className="quiet mb-2 text-[13px]">{t("bags.days", { count: bag.data.days })}</p>
            <ul className="mb-3">
              {bag.data.things.map((x) => (
                <li key={x.id}>
                  {x.count} × {x.name}{" "}
                  <span className="quiet text-[13px]">
                    {t(x.comesBack ? "bags.comesBack" : "bags.stays")}
                    {x.have !== null && x.have < x.count && ` · ${t("bags.lacking")}`}
                  </span>
                </li>
              ))}
            </ul>
            {bag.data.leftOut.map((line) => (
              <p key={line} className="text-warning">
                {line}
              </p>
            ))}
            <ol className="mb-2 list-inside list-decimal space-y-1">
              {bag.data.steps.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ol>
            {bag.data.mind.map((line) => (
              <p key={line} className="text-[13px] text-warning">
                {t("families.mind")} {line}
              </p>
            ))}
            <div className="mt-3 flex flex-wrap gap-2">
              <button
                type="button"
                className="btn btn-primary min-h-11"
                disabled={lend.isPending}
                onClick={() => lend.mutate({ params: { path: { weekId } }, body: { childId, kind } })}
              >
                {t("bags.lend", { name: child.name, days: bag.data.days })}
              </button>
              <a
                className="btn btn-outline min-h-11"
                href={`/api/weeks/${weekId}/bags/${childId}/${kind}/bag.pdf?language=${language}`}
                download
              >
                <Printer size={16} aria-hidden="true" /> {t("bags.print")}
              </a>
            </div>
          </div>
        )}
        {!bag.data && !bag.error && <Skeleton lines={8} />}
      </section>
      <BagsAtHome day={dayAndMonth} />
    </div>
  );
}
