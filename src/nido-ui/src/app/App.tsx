import { type ComponentType, lazy, Suspense } from "react";
import { Navigate, Route, Routes } from "react-router";
import { $api } from "../api/client";
import { today } from "../shared/dates";
import { currentWeek, lastGroup } from "./currentWeek";
import { Frame } from "./Frame";
import { useLook } from "./useLook";

/** A place is fetched when it is opened. */
const place = <Name extends string>(load: () => Promise<Record<Name, ComponentType>>, name: Name) =>
  lazy(async () => ({ default: (await load())[name] }));

const StartPage = place(() => import("./StartPage"), "StartPage");
const GroupPage = place(() => import("../group/GroupPage"), "GroupPage");
const CupboardPage = place(() => import("../cupboard/CupboardPage"), "CupboardPage");
const IdeasPage = place(() => import("../ideas/IdeasPage"), "IdeasPage");
const MakingPage = place(() => import("../making/MakingPage"), "MakingPage");
const WordsPage = place(() => import("../words/WordsPage"), "WordsPage");
const ThemePage = place(() => import("../ideas/theme/ThemePage"), "ThemePage");
const WeekPage = place(() => import("../week/WeekPage"), "WeekPage");
const TermPage = place(() => import("../week/term/TermPage"), "TermPage");
const PrepPage = place(() => import("../prep/PrepPage"), "PrepPage");
const PaperPage = place(() => import("../paper/PaperPage"), "PaperPage");
const SheetPage = place(() => import("../paper/SheetPage"), "SheetPage");
const TodayPage = place(() => import("../today/TodayPage"), "TodayPage");
const FamiliesPage = place(() => import("../families/FamiliesPage"), "FamiliesPage");
const JournalPage = place(() => import("../journal/JournalPage"), "JournalPage");
const HousePage = place(() => import("../house/HousePage"), "HousePage");

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
    return null;
  }
  const first = currentWeek(weeks.data, lastGroup(), today());
  return <Navigate to={first ? `/w/${first.id}/week` : "/start"} replace />;
}
