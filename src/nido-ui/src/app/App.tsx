import { lazy, Suspense } from "react";
import { Navigate, Route, Routes } from "react-router";
import { $api } from "../api/client";
import { CupboardPage } from "../cupboard/CupboardPage";
import { GroupPage } from "../group/GroupPage";
import { IdeasPage } from "../ideas/IdeasPage";
import { ThemePage } from "../ideas/theme/ThemePage";
import { PrepPage } from "../prep/PrepPage";
import { today } from "../shared/dates";
import { TodayPage } from "../today/TodayPage";
import { TermPage } from "../week/term/TermPage";
import { WeekPage } from "../week/WeekPage";
import { WordsPage } from "../words/WordsPage";
import { currentWeek, lastGroup } from "./currentWeek";
import { Frame } from "./Frame";
import { StartPage } from "./StartPage";
import { useLook } from "./useLook";

// The calculators are many and drawn: they are fetched when they are opened.
const MakingPage = lazy(() => import("../making/MakingPage").then((m) => ({ default: m.MakingPage })));

const JournalPage = lazy(() => import("../journal/JournalPage").then((m) => ({ default: m.JournalPage })));

// Sheets and their previews are fetched when paper is opened.
const PaperPage = lazy(() => import("../paper/PaperPage").then((m) => ({ default: m.PaperPage })));
const SheetPage = lazy(() => import("../paper/SheetPage").then((m) => ({ default: m.SheetPage })));

const HousePage = lazy(() => import("../house/HousePage").then((m) => ({ default: m.HousePage })));

/** Every place stands below a week: /w/<week>/<place>. */
export function App() {
  return (
    <Routes>
      <Route path="/" element={<ToNewestWeek />} />
      <Route path="/start" element={<StartPage />} />
      <Route path="/house" element={<HouseAlone />} />
      <Route path="/w/:weekId" element={<Frame />}>
        <Route index element={<Navigate to="week" replace />} />
        <Route path="group" element={<GroupPage />} />
        <Route path="cupboard" element={<CupboardPage />} />
        <Route
          path="ideas/making/:name?"
          element={
            <Suspense>
              <MakingPage />
            </Suspense>
          }
        />
        <Route path="ideas/words" element={<WordsPage />} />
        <Route path="ideas/theme/:themeId?" element={<ThemePage />} />
        <Route path="ideas/:ideaId?" element={<IdeasPage />} />
        <Route path="week" element={<WeekPage />} />
        <Route path="week/term" element={<TermPage />} />
        <Route path="prep" element={<PrepPage />} />
        <Route
          path="prep/paper"
          element={
            <Suspense>
              <PaperPage />
            </Suspense>
          }
        />
        <Route
          path="prep/paper/:kind"
          element={
            <Suspense>
              <SheetPage />
            </Suspense>
          }
        />
        <Route path="today" element={<TodayPage />} />
        <Route
          path="journal"
          element={
            <Suspense>
              <JournalPage />
            </Suspense>
          }
        />
        <Route
          path="house"
          element={
            <Suspense>
              <HousePage />
            </Suspense>
          }
        />
      </Route>
      <Route path="*" element={<Navigate to="/" replace />} />
    </Routes>
  );
}

/** The house before there is a week, or after the last one went. */
function HouseAlone() {
  useLook();
  return (
    <div className="min-h-screen bg-base-200">
      <Suspense>
        <HousePage />
      </Suspense>
    </div>
  );
}

function ToNewestWeek() {
  const weeks = $api.useQuery("get", "/api/weeks");
  if (!weeks.data) {
    return null;
  }
  const first = currentWeek(weeks.data, lastGroup(), today());
  return <Navigate to={first ? `/w/${first.id}/week` : "/start"} replace />;
}
