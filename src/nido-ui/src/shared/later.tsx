import { type ComponentType, lazy, Suspense } from "react";

const waiting = new Set<() => Promise<unknown>>();

/** What only a press opens: not a part of the page's own file, so that the page stands sooner on a slow line. */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>): ComponentType<Props> {
  const Late: ComponentType<Props> = lazy(async () => ({ default: await load() }));
  waiting.add(load);
  return (props) => (
    <Suspense>
      <Late {...props} />
    </Suspense>
  );
}

/** Fetches it once the place stands and nothing else is to do: a press then finds it here, also with the house away. */
export function fetchLater() {
  const fetchAll = () => {
    for (const load of waiting) {
      waiting.delete(load);
      // Where it does not come now, the press asks again.
      load().catch(() => undefined);
    }
  };
  const whenIdle = globalThis.requestIdleCallback ?? ((then: () => void) => setTimeout(then, 1_000));
  whenIdle(fetchAll);
}
