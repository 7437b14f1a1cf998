import { type ComponentType, lazy, Suspense } from "react";
import { Navigate, Route, Routes } from "react-router";
import { $api } from "../api/client";
import { today } from "../shared/dates";
import { PlaceSkeleton } from "../shared/Skeleton";
import { currentWeek, lastGroup } from "./currentWeek";
import { Frame } from "./Frame";
import { pages } from "./pages";
import { useLook } from "./useLook";

/** A place is fetched when it is opened. */
const place = <Name extends string>(load: () => Promise<Record<Name, ComponentType>>, name: Name) =>
  lazy(async () => ({ default: (await load())[name] }));

const StartPage = place(pages.start, "StartPage");
const GroupPage = place(pages.group, "GroupPage");
const CupboardPage = place(pages.cupboard, "CupboardPage");
const IdeasPage = place(pages.ideas, "IdeasPage");
const MakingPage = place(pages.making, "MakingPage");
const WordsPage = place(pages.words, "WordsPage");
const ThemePage = place(pages.theme, "ThemePage");
const WeekPage = place(pages.week, "WeekPage");
const TermPage = place(pages.term, "TermPage");
const PrepPage = place(pages.prep, "PrepPage");
const PaperPage = place(pages.paper, "PaperPage");
const SheetPage = place(pages.sheet, "SheetPage");
const TodayPage = place(pages.today, "TodayPage");
const FamiliesPage = place(pages.families, "FamiliesPage");
const JournalPage = place(pages.journal, "JournalPage");
const HousePage = place(pages.house, "HousePage");

/** Every place stands below a week: /w/<week>/<place>. */
export function App() {
  return (
    <Suspense>
      <Routes>
        <Route path="/" element={<ToNewestWeek />} />
        <Route path="/start" element={<StartPage />} />
        <Route path="/house" element={<HouseAlone />} />
        <Route path="/w/:weekId" element={<Frame />}>
          <Route index element={<Navigate to="week" replace />} />
          <Route path="group" element={<GroupPage />} />
          <Route path="cupboard" element={<CupboardPage />} />
          <Route path="ideas/making/:name?" element={<MakingPage />} />
          <Route path="ideas/words" element={<WordsPage />} />
          <Route path="ideas/theme/:themeId?" element={<ThemePage />} />
          <Route path="ideas/:ideaId?" element={<IdeasPage />} />
          <Route path="week" element={<WeekPage />} />
          <Route path="week/term" element={<TermPage />} />
          <Route path="prep" element={<PrepPage />} />
          <Route path="prep/paper" element={<PaperPage />} />
          <Route path="prep/paper/:kind" element={<SheetPage />} />
          <Route path="today" element={<TodayPage />} />
          <Route path="journal" element={<JournalPage />} />
          <Route path="families" element={<FamiliesPage />} />
          <Route path="house" element={<HousePage />} />
        </Route>
        <Route path="*" element={<Navigate to="/" replace />} />
      </Routes>
    </Suspense>
  );
}

/** The house before there is a week, or after the last one went. */
function HouseAlone() {
  useLook();
  return (
    <div className="min-h-screen bg-base-200">
      <HousePage />
    </div>
  );
}

function ToNewestWeek() {
  const weeks = $api.useQuery("get", "/api/weeks");
  if (!weeks.data) {
    return <PlaceSkeleton error={weeks.error} />;
  }
  const first = currentWeek(weeks.data, lastGroup(), today());
  return <Navigate to={first ? `/w/${first.id}/week` : "/start"} replace />;
}
