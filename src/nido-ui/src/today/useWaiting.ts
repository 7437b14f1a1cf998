import { useEffect, useEffectEvent, useState } from "react";
import { api } from "../api/client";
import { useChanged } from "../shared/changed";
import { sendWaiting, type Waiting, waiting } from "./waiting";

const EVERY = 8_000;

/** What waits for the house to be reached again; it goes up by itself. */
export function useWaiting() {
  const [count, setCount] = useState(() => waiting().length);
  const [refused, setRefused] = useState<Waiting[]>([]);
  // What is to be read again is asked when something went up, not a reason to begin anew.
  const changed = useEffectEvent(useChanged("seen"));
  useEffect(() => {
    let sending = false;
    const send = async () => {
      if (sending || waiting().length === 0) {
        setCount(waiting().length);
        return;
      }
      sending = true;
      const done = await sendWaiting(async ({ groupId, seen }) => {
        try {
          const answer = await api.POST("/api/groups/{groupId}/observations", {
            params: { path: { groupId } },
            body: { observations: [seen] },
          });
          return answer.response.ok ? "kept" : answer.response.status >= 500 ? "away" : "refused";
        } catch {
          return "away";
        }
      });
      sending = false;
      setCount(waiting().length);
      if (done.refused.length > 0) {
        setRefused((before) => [...before, ...done.refused]);
      }
      if (done.kept > 0) {
        changed();
      }
    };
    const tick = setInterval(() => void send(), EVERY);
    const now = () => void send();
    window.addEventListener("online", now);
    window.addEventListener("nido-waits", now);
    void send();
    return () => {
      clearInterval(tick);
      window.removeEventListener("online", now);
      window.removeEventListener("nido-waits", now);
    };
  }, []);
  return { count, refused };
}
