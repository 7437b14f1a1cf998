import {
  Fragment,
  type ReactElement,
  type ReactNode,
  startTransition,
  useDeferredValue,
  useEffect,
  useState,
} from "react";
import { useTranslation } from "react-i18next";
import { ErrorNote } from "./ErrorNote";
import { fetchLater } from "./later";

/** Threads where lines will stand: something is on its way, and it is not nothing. */
export function Skeleton({ lines = 6, className = "" }: { lines?: number; className?: string }) {
  const { t } = useTranslation();
  return (
    <div role="status" className={className} data-skeleton>
      <span className="sr-only">{t("loading")}</span>
      {Array.from({ length: lines }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: threads are alike
        <span key={i} aria-hidden="true" className="skeleton-thread" style={{ width: `${92 - ((i * 37) % 45)}%` }} />
      ))}
    </div>
  );
}

/** A place of which nothing is known yet: its head and threads, or why nothing comes. */
export function PlaceSkeleton({ error }: { error?: unknown }) {
  return error ? (
    <main className="min-w-0 flex-1 p-6">
      <ErrorNote error={error} />
    </main>
  ) : (
    <main className="flex min-w-0 flex-1 flex-col">
      <div className="h-[61px] shrink-0 border-base-300 border-b px-4 py-4">
        <span aria-hidden="true" className="skeleton-thread mt-0 w-40" />
      </div>
      <Skeleton lines={12} className="p-4" />
    </main>
  );
}

/**
 * Draws much in small pieces between which a press is answered, instead of in one; until then what stands for it. What is
 * drawn once stays and changes at once.
 */
export function Gently({ children, until = null }: { children: ReactNode; until?: ReactNode }) {
  const begun = useDeferredValue(true, false);
  return begun ? children : until;
}

/** The page of a place; drawn gently, so that it never holds up a press. */
export function PlaceMain({ className = "", children }: { className?: string; children: ReactNode }) {
  return (
    <Gently until={<PlaceSkeleton />}>
      <Standing className={className}>{children}</Standing>
    </Gently>
  );
}

function Standing({ className, children }: { className: string; children: ReactNode }) {
  useEffect(fetchLater, []);
  return <main className={`flex min-w-0 flex-1 flex-col ${className}`}>{children}</main>;
}

/** Draws one after the other, each when the one before it can be seen; what is still to come is stood for. */
export function InTurn({ children, until }: { children: ReactElement[]; until: ReactNode }) {
  const [drawn, setDrawn] = useState(1);
  useEffect(() => {
    if (drawn < children.length) {
      startTransition(() => setDrawn(drawn + 1));
    }
  }, [drawn, children.length]);
  return children.map((child, i) => (i < drawn ? child : <Fragment key={child.key}>{until}</Fragment>));
}
