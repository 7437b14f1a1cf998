import { type ComponentType, lazy, Suspense, useState } from "react";

const waiting = new Set<() => Promise<unknown>>();

/** What only a press opens: not a part of the page's own file, so that the page stands sooner on a slow line. */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>): ComponentType<Props> {
  let here: ComponentType<Props> | null = null;
  const fetched = async () => {
    here = await load();
    return here;
  };
  const Late: ComponentType<Props> = lazy(async () => ({ default: await fetched() }));
  waiting.add(fetched);
  // What is here is drawn at once: what was waited for is shown three tenths of a second later at the soonest.
  // biome-ignore lint/correctness/noComponentHookFactories: called once for each, where the module of its page begins
  return function Later(props) {
    // Once drawn it stays as it began: drawn anew it would forget what was typed into it.
    const [Here] = useState(() => here);
    return Here ? (
      <Here {...props} />
    ) : (
      <Suspense>
        <Late {...props} />
      </Suspense>
    );
  };
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
