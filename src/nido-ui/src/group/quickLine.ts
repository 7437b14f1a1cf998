import { type HelpLevel, helpLevels, type Schemas, type StepsView } from "../api/client";

export interface Understood {
  seen: Schemas["ObservationBody"] | null;
  /** What was understood so far, or which word was not. */
  child?: string | undefined;
  ladder?: string | undefined;
  step?: number | undefined;
  help?: HelpLevel | undefined;
  wrong?: string | undefined;
}

const plain = (text: string) => text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();

/** Reads "zo sci 5 a": the beginning of a name, of a ladder, a step, and the first letter of the help. */
export function quickLine(line: string, steps: StepsView, helpWords: Record<HelpLevel, string>): Understood {
  const [name, head, number, word] = plain(line).split(/\s+/).filter(Boolean);
  const children = steps.children.filter((c) => name && plain(c.name).startsWith(name));
  const child = children.find((c) => plain(c.name) === name) ?? (children.length === 1 ? children[0] : undefined);
  if (!child) {
    return { seen: null, wrong: name };
  }
  const ladders = steps.ladders.filter(
    (l) => head && (plain(l.head).startsWith(head) || plain(l.name).startsWith(head)),
  );
  const ladder = ladders[0];
  if (!ladder) {
    return { seen: null, child: child.name, wrong: head };
  }
  const step = Number(number);
  if (!Number.isInteger(step) || step < 1 || step > ladder.steps.length) {
    return { seen: null, child: child.name, ladder: ladder.name, wrong: number };
  }
  const help = helpLevels.find((h) => word && plain(helpWords[h]).startsWith(word));
  if (!help) {
    return { seen: null, child: child.name, ladder: ladder.name, step, wrong: word };
  }
  return {
    seen: { childId: child.childId, ladder: ladder.id, step, help, on: null, by: null, note: null },
    child: child.name,
    ladder: ladder.name,
    step,
    help,
  };
}
