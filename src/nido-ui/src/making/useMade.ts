import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { make, type Problem } from "../api/client";

export type Answer = Record<string, unknown> & { trace: string[] };

/** The answer of a calculator; while something new is asked the last answer stays on screen. */
export const useMade = (name: string, ask: Record<string, unknown>) =>
  useQuery<Answer, Problem>({
    queryKey: ["making", name, ask],
    queryFn: () => make<Answer>(name, ask),
    placeholderData: (before, query) => (query?.queryKey[1] === name ? keepPreviousData(before) : undefined),
    retry: false,
  });
