import { Suspense, useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { Outlet, useLocation, useNavigate, useParams } from "react-router";
import { longDay } from "../shared/dates";
import { PlaceSkeleton } from "../shared/Skeleton";
import { useKeys } from "../shared/useKeys";
import { useWeek } from "../shared/useWeek";
import { rememberGroup } from "./currentWeek";
import { ErrorBoundary } from "./ErrorBoundary";
import { HelpDialog, type HelpPart } from "./HelpDialog";
import { places } from "./places";
import { Rail } from "./Rail";
import { UnknownWeek } from "./UnknownWeek";

/** The rail at the left, on a phone at the foot; a place beside it. */
export function Frame() {
  const { t } = useTranslation();
  const { weekId } = useParams();
  const { week } = useWeek();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [help, setHelp] = useState<HelpPart | null>(null);
  const place = pathname.split("/")[3] ?? "week";
  const groupId = week.data?.groupId;
  useEffect(() => {
    if (groupId) {
      rememberGroup(groupId);
    }
  }, [groupId]);
  // The title names the place and the week, and a screen reader hears where one is.
  const title = [
    place === "house" ? t("rail.house") : t(`places.${place}`, { defaultValue: "" }),
    week.data && `${week.data.theme.name}, ${longDay(week.data.monday)}`,
    "Nido",
  ]
    .filter(Boolean)
    .join(" · ");
  useEffect(() => {
    document.title = title;
  }, [title]);
  useKeys([
    ...places.map((p, i): [string, () => void] => [`${i + 1}`, () => void navigate(`/w/${weekId}/${p.id}`)]),
    ["/", () => document.querySelector<HTMLInputElement>("[data-find]")?.focus()],
    ["?", () => setHelp("keys")],
  ]);
  const gone = (week.error as { status?: number } | null)?.status === 404;
  return (
    <div className="flex h-dvh max-md:flex-col-reverse">
      <a
        href="#place"
        className="-translate-y-20 absolute top-1 left-24 z-50 rounded-[10px] bg-base-100 px-3 py-2 focus:translate-y-0"
      >
        {t("rail.skip")}
      </a>
      <p className="sr-only" aria-live="polite">
        {title}
      </p>
      <Rail onHelp={() => setHelp("tour")} />
      <div id="place" tabIndex={-1} className="flex min-h-0 min-w-0 flex-1 outline-none">
        <ErrorBoundary key={place}>
          {gone ? (
            <UnknownWeek />
          ) : (
            <Suspense fallback={<PlaceSkeleton />}>
              <Outlet />
            </Suspense>
          )}
        </ErrorBoundary>
      </div>
      {help && <HelpDialog first={help} onClose={() => setHelp(null)} />}
    </div>
  );
}
