import { useEffect } from "react";
import { keyFor } from "./letterKeys";

/** Single keys for a place, where they were moved to; never while something is being typed or a dialog is open. */
export function useKeys(keys: [key: string, act: (event: KeyboardEvent) => void][]) {
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const at = event.target as HTMLElement;
      const typing = at.matches("input:not([type=range],[type=checkbox]), textarea, select");
      if (typing || event.ctrlKey || event.metaKey || event.altKey || document.querySelector("dialog[open]")) {
        return;
      }
      const act = keys.find(([key]) => keyFor(key) === event.key)?.[1];
      if (act) {
        event.preventDefault();
        act(event);
      }
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  });
}
