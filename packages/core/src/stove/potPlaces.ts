import type { StovePiece } from './stoveAct.js';

/**
 * A place in the drawn pot for each piece of the session: the first that is free when it goes in,
 * kept until it comes out, so that no piece moves because another one was taken out.
 */
export function potPlaces(pieces: readonly StovePiece[]): ReadonlyMap<number, number> {
  const places = new Map<number, number>();
  const inOrder = [...pieces].sort((a, b) => a.droppedS - b.droppedS || a.number - b.number);
  for (const [i, piece] of inOrder.entries()) {
    const beside = inOrder.slice(0, i).filter(({ outS }) => outS === null || outS > piece.droppedS);
    const taken = new Set(beside.map(({ number }) => places.get(number)));
    let place = 0;
    while (taken.has(place)) place += 1;
    places.set(piece.number, place);
  }
  return places;
}
