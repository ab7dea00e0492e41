import fc from 'fast-check';
import { finishAsks } from './finishAsks.js';
import { stoveState } from './stoveAct.js';

test('a batch is finished without a question only when nothing is left over, and oil and burner are safe or wanted next', () => {
  fc.assert(
    fc.property(
      fc.nat(40),
      fc.nat(9),
      fc.option(fc.double({ min: 15, max: 260, noNaN: true })),
      fc.boolean(),
      fc.nat(3),
      (toFry, burner, lastC, keepsHot, baking) => {
        const drop = { id: 'd', atS: 0, kind: 'drop' as const, pieces: [1, 2, 3] };
        const oven = { id: 'o', atS: 300, kind: 'to-oven' as const, pieces: [1, 2, 3], ovenC: 175, afterS: 600 };
        const out = { id: 'e', atS: 900, kind: 'oven-out' as const, pieces: [1, 2, 3].slice(baking) };
        const { inOven } = stoveState(baking === 3 ? [drop, oven] : [drop, oven, out], 3);
        const asks = finishAsks({ toFry, burner, inOven }, { lastC }, keepsHot);
        const isHot = lastC !== null && lastC > 60;
        expect(asks === null).toBe(toFry === 0 && baking === 0 && (keepsHot || (!isHot && burner === 0)));
        if (!asks) return;
        expect(asks.unfried).toBe(toFry);
        expect(asks.inOven).toBe(baking);
        expect(asks.hotC).toBe(isHot && !keepsHot ? lastC : null);
        expect(asks.burner).toBe(keepsHot ? 0 : burner);
        // Hotter oil, or more left over, never makes it quieter.
        const worse = finishAsks({ toFry: toFry + 1, burner, inOven }, { lastC: Math.max(61, lastC ?? 0) }, keepsHot)!;
        expect(worse.unfried).toBeGreaterThan(asks.unfried);
      },
    ),
  );
});
