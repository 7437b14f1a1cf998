import { useQueryClient } from "@tanstack/react-query";
import { useParams } from "react-router";
import { $api, type WeekView } from "../api/client";
import { isTouched } from "./changed";

/** The week in the address. */
export function useWeek() {
  const { weekId = "" } = useParams();
  const path = { params: { path: { weekId } } };
  const week = $api.useQuery("get", "/api/weeks/{weekId}", path);
  const queries = useQueryClient();
  /** Shows an answer at once, and lets everything computed from the week be read again. */
  const show = (view: WeekView) => {
    queries.setQueryData($api.queryOptions("get", "/api/weeks/{weekId}", path).queryKey, view);
    void queries.invalidateQueries({
      predicate: (q) => q.queryKey[1] !== "/api/weeks/{weekId}" && isTouched(String(q.queryKey[1]), "week"),
    });
  };
  return { weekId, week, show, path };
}
