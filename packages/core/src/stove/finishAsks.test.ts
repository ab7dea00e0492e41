import fc from 'fast-check';
import { finishAsks } from './finishAsks.js';

test('a batch is finished without a question only when nothing is left over, and oil and burner are safe or wanted next', () => {
  fc.assert(
    fc.property(
      fc.nat(40),
      fc.nat(9),
      fc.option(fc.double({ min: 15, max: 260, noNaN: true })),
      fc.boolean(),
      (toFry, burner, lastC, keepsHot) => {
        const asks = finishAsks({ toFry, burner }, { lastC }, keepsHot);
        const isHot = lastC !== null && lastC > 60;
        expect(asks === null).toBe(toFry === 0 && (keepsHot || (!isHot && burner === 0)));
        if (!asks) return;
        expect(asks.unfried).toBe(toFry);
        expect(asks.hotC).toBe(isHot && !keepsHot ? lastC : null);
        expect(asks.burner).toBe(keepsHot ? 0 : burner);
        // Hotter oil, or more left over, never makes it quieter.
        const worse = finishAsks({ toFry: toFry + 1, burner }, { lastC: Math.max(61, lastC ?? 0) }, keepsHot)!;
        expect(worse.unfried).toBeGreaterThan(asks.unfried);
      },
    ),
  );
});
