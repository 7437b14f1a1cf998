import { useQueryClient } from "@tanstack/react-query";
import i18next from "i18next";
import { useEffect, useState } from "react";
import { $api, type IdeaName, type Problem, type Strip } from "../api/client";
import { readAgain } from "../shared/changed";

export interface News {
  stage: "first" | "choose" | "place" | "polish" | "wishes" | "done";
  seconds: number;
  bestMinutes: number;
  boundMinutes: number;
  /** How far the plan shown fills the loom: a child, and percents by aim. */
  filled: { childId: string; percents: number[] }[];
  plan: { day: number; blockId: string; offer: number; ideaId: string; locked: boolean }[] | null;
}

/** Starts, follows and stops a composition; the best plan so far is shown while it runs. */
export function useComposing(weekId: string, running: boolean) {
  const queries = useQueryClient();
  const path = { params: { path: { weekId } } };
  const [following, setFollowing] = useState(running);
  const [news, setNews] = useState<News | null>(null);
  const [plan, setPlan] = useState<News["plan"]>(null);
  const [filled, setFilled] = useState<News["filled"]>([]);
  const [problem, setProblem] = useState<Problem | null>(null);
  const start = $api.useMutation("post", "/api/weeks/{weekId}/composition", { onSuccess: () => setFollowing(true) });
  const stop = $api.useMutation("delete", "/api/weeks/{weekId}/composition");
  const ideas = $api.useQuery("get", "/api/weeks/{weekId}/ideas", path, { enabled: following });

  useEffect(() => {
    if (!following) {
      return;
    }
    const source = new EventSource(`/api/weeks/${weekId}/composition?language=${i18next.language}`);
    const end = () => {
      source.close();
      void readAgain(queries, "week").then(() => {
        setFollowing(false);
        setNews(null);
        setPlan(null);
        setFilled([]);
      });
    };
    source.addEventListener("compose", (event) => {
      const told = JSON.parse(event.data) as {
        kind: string;
        progress: News | null;
        problem: string | null;
        rules?: Problem["fields"];
      };
      if (told.progress) {
        setNews(told.progress);
        setPlan((before) => told.progress?.plan ?? before);
        setFilled((before) => (told.progress?.plan ? told.progress.filled : before));
      } else {
        setProblem(told.problem ? { title: told.problem, fields: told.rules ?? [] } : null);
        end();
      }
    });
    source.onerror = end;
    return () => source.close();
  }, [following, weekId, queries]);

  return {
    start: () => {
      setProblem(null);
      start.mutate(path);
    },
    stop: () => stop.mutate(path),
    news: following ? news : null,
    busy: following || start.isPending,
    error: start.error ?? problem,
    filled: following ? filled : [],
    preview: following && plan && ideas.data ? toStrips(plan, ideas.data) : null,
  };
}

export type Composing = ReturnType<typeof useComposing>;

/** Strips of a plan that is not saved yet: what can be said from the ideas alone. */
function toStrips(plan: NonNullable<News["plan"]>, ideas: IdeaName[]): Strip[] {
  const byId = new Map(ideas.map((i) => [i.ideaId, i]));
  return plan.flatMap((p) => {
    const idea = byId.get(p.ideaId);
    return idea
      ? [
          {
            ...p,
            title: idea.title,
            material: idea.material,
            shares: idea.shares,
            stepFrom: idea.stepFrom,
            stepTo: idea.stepTo,
            cautions: 0,
            lifted: false,
            shortOf: null,
            adults: 0,
            stays: false,
            reach: [],
          },
        ]
      : [];
  });
}
