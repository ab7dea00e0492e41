import fc from 'fast-check';
import type { StovePiece } from './stoveAct.js';
import { potPlaces } from './potPlaces.js';

const dayPlan = fc
  .array(fc.record({ droppedS: fc.integer({ min: 0, max: 60 }), forS: fc.option(fc.integer({ min: 1, max: 20 })) }), {
    maxLength: 20,
  })
  .map((all) =>
    all.map(({ droppedS, forS }, i): StovePiece => ({
      number: i + 1,
      load: 1,
      droppedS,
      turnsS: [],
      burst: false,
      oven: null,
      outS: forS === null ? null : droppedS + forS,
    })),
  );
const inPotAt = (pieces: readonly StovePiece[], s: number) =>
  pieces.filter(({ droppedS, outS }) => droppedS <= s && (outS === null || outS > s));

it('no two pieces that lie in the pot together share a place, and none moves when another is taken out or dropped later', () => {
  fc.assert(
    fc.property(dayPlan, fc.integer({ min: 0, max: 80 }), (pieces, s) => {
      const places = potPlaces(pieces);
      const now = inPotAt(pieces, s);
      expect(new Set(now.map(({ number }) => places.get(number))).size).toBe(now.length);
      // As it was known then: what came later changes nothing of it.
      const then = potPlaces(
        pieces
          .filter(({ droppedS }) => droppedS <= s)
          .map((piece) => ({ ...piece, outS: piece.outS !== null && piece.outS > s ? null : piece.outS })),
      );
      for (const { number } of now) expect(then.get(number)).toBe(places.get(number));
      // No place stays empty beyond the fullest the pot has been.
      const fullest = Math.max(0, ...pieces.map(({ droppedS }) => inPotAt(pieces, droppedS).length));
      for (const place of places.values()) expect(place).toBeLessThan(fullest);
    }),
  );
});
