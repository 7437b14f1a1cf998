import { type ReactNode, useDeferredValue, useState } from "react";
import { useTranslation } from "react-i18next";
import { Link } from "react-router";
import { $api } from "../api/client";
import { plain, signed } from "../shared/figures";
import { numberOf } from "../shared/numbers";
import { Skeleton } from "../shared/Skeleton";
import { Thread } from "../shared/Stitches";
import { useWeek } from "../shared/useWeek";

/**
 * "What can 60 lids do this week?": the ideas a material can carry, the best for the aims still open first. What stands below
 * waits for them, so that nothing is pushed down.
 */
export function Carries({
  materialId,
  have,
  unit,
  children,
}: {
  materialId: string;
  have: number;
  unit: string;
  children: ReactNode;
}) {
  const { t } = useTranslation();
  const { weekId } = useWeek();
  const [text, setText] = useState<string | null>(null);
  const amount = useDeferredValue(text === null || text === "" ? have : (numberOf(text) ?? have));
  const ideas = $api.useQuery(
    "get",
    "/api/cupboard/{materialId}/ideas",
    { params: { path: { materialId }, query: { weekId, amount } } },
    {
      // Of another amount: those seen stay until the others are there.
      placeholderData: (before, query) =>
        query?.queryKey[2]?.params?.path?.materialId === materialId ? before : undefined,
    },
  );
  if (ideas.isLoading) {
    return <Skeleton lines={10} />;
  }
  const section = (
    <section data-carries>
      <h3 className="mt-3 flex flex-wrap items-center gap-1.5 font-bold">
        {t("cupboard.whatCan")}
        <input
          className="input input-sm w-16 px-1.5"
          inputMode="decimal"
          aria-label={t("cupboard.howMany")}
          value={text ?? plain(have)}
          onChange={(e) => setText(e.target.value)}
        />
        {unit} {t("cupboard.doThisWeek")}
      </h3>
      <ul>
        {ideas.data?.slice(0, 8).map((i) => (
          <li key={i.ideaId} className="border-base-300 border-t py-1">
            <Link to={`/w/${weekId}/ideas/${i.ideaId}`} className="font-semibold underline">
              {i.title}
            </Link>
            <span className="flex">
              <Thread shares={i.shares} />
            </span>
            <span className={`block text-[13px] ${i.enough ? "quiet" : "text-warning"}`}>
              {t(i.enough ? "cupboard.takes" : "cupboard.takesMore", { takes: plain(i.takes), unit })} ·{" "}
              {i.openMinutes > 0
                ? t("cupboard.open", { minutes: signed(i.openMinutes) })
                : t("cupboard.gives", { minutes: plain(i.minutes) })}
              {i.placedTimes > 0 ? ` · ${t("ideas.placed", { count: i.placedTimes })}` : ""}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
  return (
    <>
      {ideas.data?.length === 0 ? null : section}
      {children}
    </>
  );
}
