/** A place on the board where an idea can lie. */
export interface Place {
  day: number;
  blockId: string;
  offer: number;
}

export const placeId = (p: Place) => `${p.day}-${p.blockId}-${p.offer}`;
