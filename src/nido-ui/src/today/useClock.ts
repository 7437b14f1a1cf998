import { useEffect, useState } from "react";
import { minuteNow } from "./clock";

/** Minutes of the day here, read again each quarter of a minute. */
export function useClock() {
  const [minute, setMinute] = useState(minuteNow);
  useEffect(() => {
    const tick = setInterval(() => setMinute(minuteNow()), 15_000);
    return () => clearInterval(tick);
  }, []);
  return minute;
}
