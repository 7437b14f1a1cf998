import { useSyncExternalStore } from "react";

// As wide as the styles' narrow screens: see max-md.
const query = "(width < 48rem)";

/** Whether the page is as narrow as a phone; follows it as it turns. */
export const useNarrow = () =>
  useSyncExternalStore(
    (changed) => {
      const narrow = window.matchMedia(query);
      narrow.addEventListener("change", changed);
      return () => narrow.removeEventListener("change", changed);
    },
    () => window.matchMedia(query).matches,
  );
