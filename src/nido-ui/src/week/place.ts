/** A place on the board where an idea can lie. */
export interface Place {
  day: number;
  blockId: string;
  offer: number;
}

export const placeId = (p: Place) => `${p.day}-${p.blockId}-${p.offer}`;

/** The place on the board that has the focus, or null. */
export const placeUnderHand = () => {
  const at = (document.activeElement as HTMLElement | null)?.dataset.place;
  return at ? (JSON.parse(at) as Place) : null;
};
