import fc from 'fast-check';
import { burnerAdvice } from './burnerAdvice.js';
import { potAtRest, stepPot } from './pot.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

test('whoever follows it has the oil where it is wanted, within two degrees, on any burner and with any probe', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 130, max: 185, noNaN: true }),
      fc.double({ min: 1200, max: 3500, noNaN: true }),
      fc.double({ min: 1, max: 25, noNaN: true }),
      fc.double({ min: 2, max: 200, noNaN: true }),
      fc.double({ min: 0.001, max: 0.004, noNaN: true }),
      fc.integer({ min: 3, max: 14 }),
      (oilC, burnerW, probeLagS, burnerLagS, oilM3, settings) => {
        const pot = { ...DEFAULT_KITCHEN.pot, burnerW, probeLagS, burnerLagS, oilM3, settings };
        const advice = burnerAdvice(pot, 21, oilC);
        if (!advice) return;
        const exactly = (settings * pot.lossWPerK * (oilC - 21)) / (pot.efficiency * burnerW);
        /** Hottest the oil comes, and when it is there, for one who turns back at this reading. */
        const follow = (turnAtC: number) => {
          let state = potAtRest(21);
          let thereS = 0;
          let peakC = 0;
          let isTurned = false;
          for (let s = 0; s < 9000; s += 0.5) {
            isTurned ||= state.probeC >= turnAtC;
            state = stepPot(pot, state, isTurned ? exactly : settings, 21, 0, 0.5);
            peakC = Math.max(peakC, state.oilC);
            if (state.oilC < oilC - 2.01 && thereS === s) thereS = s + 0.5;
          }
          return { peakC, thereS };
        };
        const told = follow(advice.turnAtC);
        expect(Math.abs(told.peakC - oilC)).toBeLessThan(2);
        expect(Math.abs(told.thereS - advice.warmS)).toBeLessThan(0.06 * advice.warmS + 10 + 0.15 * burnerLagS);
        // One who waits for the target to be read is over by about what is said.
        const late = follow(oilC).peakC - oilC;
        expect(Math.abs(late - advice.overC)).toBeLessThan(0.25 * advice.overC + 1);
        expect(advice.restC).toBeGreaterThanOrEqual(oilC - 1e-6);
      },
    ),
    // One wrong answer is enough: each costs a second to make smaller.
    { numRuns: 25, endOnFailure: true },
  );
});

test('a burner that never gets there has no advice', () => {
  expect(burnerAdvice({ ...DEFAULT_KITCHEN.pot, burnerW: 300 }, 21, 180)).toBeNull();
});
