import { useCallback, useRef } from "react";
import { editionOf } from "../api/client";

/** The edition a form was opened with: what is saved says so, and nobody's change is overwritten unseen. */
export function useEdition(path: string) {
  const opened = useRef<string | null>(null);
  opened.current ??= editionOf(path);
  /** After saving, or after looking at what someone else made of it: the newest edition. */
  const renew = useCallback(() => {
    opened.current = editionOf(path);
  }, [path]);
  const ifMatch = useCallback(() => ({ "If-Match": opened.current ?? "" }), []);
  return { ifMatch, renew };
}
