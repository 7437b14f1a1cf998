import { useState } from "react";
import { useTranslation } from "react-i18next";
import { $api } from "../api/client";
import { ErrorNote } from "../shared/ErrorNote";
import { PlaceMain, PlaceSkeleton } from "../shared/Skeleton";
import { useWeek } from "../shared/useWeek";
import { Asking } from "./Asking";
import { Bags } from "./Bags";
import { Letters } from "./Letters";

const parts = ["letters", "asking", "bags"] as const;

/** Families: letters before a week, after it and as a reminder, what is asked for, and bags for home. */
export function FamiliesPage() {
  const { t } = useTranslation();
  const { week } = useWeek();
  const [part, setPart] = useState<(typeof parts)[number]>("letters");
  const known = week.data?.groupKind === "class";
  const group = $api.useQuery(
    "get",
    "/api/groups/{groupId}",
    { params: { path: { groupId: week.data?.groupId ?? "" } } },
    { enabled: known },
  );
  const children = group.data?.children ?? [];
  if (!week.data || (known && !group.data)) {
    return <PlaceSkeleton error={week.error ?? group.error} />;
  }
  return (
    <PlaceMain>
      <header className="flex flex-wrap items-center gap-3 border-base-300 border-b px-4 py-2.5">
        <h1 className="leading-tight">{t("families.title")}</h1>
        <span className="quiet place-said">{week.data.theme.name}</span>
        {known && (
          <fieldset className="join" aria-label={t("families.part")}>
            {parts.map((p) => (
              <button
                key={p}
                type="button"
                aria-pressed={part === p}
                className={`btn join-item btn-sm min-h-11 ${part === p ? "btn-primary" : "btn-outline"}`}
                onClick={() => setPart(p)}
              >
                {t(`families.parts.${p}`)}
              </button>
            ))}
          </fieldset>
        )}
      </header>
      <section className="pane min-h-0 flex-1 overflow-auto px-4 py-3" aria-label={t(`families.parts.${part}`)}>
        <ErrorNote error={week.error ?? group.error} />
        {part === "letters" && <Letters group={group.data} />}
        {part === "asking" && <Asking />}
        {part === "bags" && <Bags childrenOfGroup={children} />}
      </section>
    </PlaceMain>
  );
}
