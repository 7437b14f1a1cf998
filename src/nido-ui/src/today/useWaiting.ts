import i18next from "i18next";
import { useEffect, useEffectEvent, useState, useSyncExternalStore } from "react";
import { useChanged } from "../shared/changed";
import { sendWaiting, type Waiting, waiting, whenLaidAside } from "./waiting";

const EVERY = 8_000;

/** What waits for the house to be reached again; it goes up by itself. */
export function useWaiting() {
  const [count, setCount] = useState(() => waiting().length);
  const [refused, setRefused] = useState<Waiting[]>([]);
  // What is to be read again is asked when something went up, not a reason to begin anew.
  const changed = useEffectEvent(useChanged("week"));
  useEffect(() => {
    let sending = false;
    const send = async () => {
      if (sending || waiting().length === 0) {
        setCount(waiting().length);
        return;
      }
      sending = true;
      const done = await sendWaiting(async ({ to, method, body }) => {
        try {
          const answer = await fetch(to, {
            method,
            headers: { "Content-Type": "application/json", "Accept-Language": i18next.language },
            body: JSON.stringify(body),
          });
          return answer.ok ? "kept" : answer.status >= 500 ? "away" : "refused";
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
    const forget = whenLaidAside(now);
    void send();
    return () => {
      clearInterval(tick);
      window.removeEventListener("online", now);
      forget();
    };
  }, []);
  return { count, refused };
}

/** What waits for one address, oldest first: the screen shows it as tapped before the house knows. */
export function useLaidAside<T>(to: string): T[] {
  const all = useSyncExternalStore(
    (tell) => {
      const forget = whenLaidAside(tell);
      const tick = setInterval(tell, 1_000);
      return () => {
        forget();
        clearInterval(tick);
      };
    },
    () => JSON.stringify(waiting().filter((w) => w.to === to)),
  );
  return (JSON.parse(all) as Waiting[]).map((w) => w.body as T);
}
