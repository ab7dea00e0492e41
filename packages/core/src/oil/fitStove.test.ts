import fc from 'fast-check';
import { newTray } from '../plan/edit/starters.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { fitStove, type StoveRecord } from './fitStove.js';
import { pieceHeatCurve } from '../heat/pieceHeat.js';
import { potAtRest, type PotState, stepPot } from './pot.js';
import { seededNormal, seededUniform } from '../numeric/seededNoise.js';
import { type Pot, DEFAULT_KITCHEN } from '../draft/kitchen.js';

const STORE = DEFAULT_KITCHEN.pot;
const fry = planBatch(newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z'), DEFAULT_KITCHEN, null).fry!;
const pieceW = pieceHeatCurve(fry.bulk, fry.solution.samples, fry.takeOutS!, 1);

/** A warm-up, then loads of six, on a stove that is not what the Store thinks. */
function dayPlan(pot: Pot, seed: number, loads: number): StoveRecord {
  const normal = seededUniform(seed);
  const drops = Array.from({ length: loads }, (_, i) => 1100 + i * 900);
  const loadW = (atS: number) =>
    6 * drops.reduce((sum, at) => sum + (atS >= at ? (pieceW[Math.floor(atS - at)] ?? 0) : 0), 0);
  const settings: { atS: number; setting: number }[] = [{ atS: 0, setting: 9 }];
  const readings: { atS: number; probeC: number }[] = [];
  let state: PotState = potAtRest(21);
  const endS = 1100 + loads * 900;
  for (let atS = 0; atS < endS; atS++) {
    const wanted = state.probeC < 150 ? 9 : state.probeC > 162 ? 3 : 6;
    if (settings[settings.length - 1]!.setting !== wanted) settings.push({ atS, setting: wanted });
    state = stepPot(pot, state, wanted, 21, loadW(atS + 0.5), 1);
    if (atS % 2 === 1) readings.push({ atS: atS + 1, probeC: state.probeC + 0.25 * seededNormal(normal) });
  }
  return { readings, settings, loadW };
}

test('a seeded stove is found again from its warm-up and two drops, within 10 %, and the range is honest', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 1e6 }),
      fc.double({ min: 0.45, max: 0.85, noNaN: true }),
      fc.double({ min: 1.2, max: 4, noNaN: true }),
      fc.double({ min: 5, max: 15, noNaN: true }),
      (seed, efficiency, lossWPerK, probeLagS) => {
        const pot = { ...STORE, efficiency, lossWPerK, probeLagS };
        const fit = fitStove(STORE, 21, dayPlan(pot, seed, 2));
        expect(fit.converged).toBe(true);
        expect(Math.abs(fit.efficiency.value / efficiency - 1)).toBeLessThan(0.1);
        expect(Math.abs(fit.lossWPerK.value / lossWPerK - 1)).toBeLessThan(0.1);
        // A lag of a few seconds is told to half a second.
        expect(Math.abs(fit.probeLagS.value - probeLagS)).toBeLessThan(Math.max(0.7, 0.1 * probeLagS));
        expect(fit.residualC).toBeLessThan(0.6);
        expect(Math.abs(fit.efficiency.value - efficiency)).toBeLessThan(5 * fit.efficiency.sd + 0.003);
      },
    ),
    // Noise is drawn: the same draws each time.
    { numRuns: 12, seed: 7 },
  );
});

test('a burner that stores heat is found with the rest, and no range is narrower than its error', () => {
  const rings = [
    ['induction', 10],
    ['radiant', 45],
    ['plate', 120],
    ['plate', 180],
    // The kitchen has it wrong.
    ['gas', 60],
  ] as const;
  for (const [burner, burnerLagS] of rings) {
    for (const seed of [3, 11]) {
      const pot = { ...STORE, efficiency: 0.52, lossWPerK: 2.6, probeLagS: 9, burnerLagS };
      const fit = fitStove({ ...STORE, burner }, 21, dayPlan(pot, seed, 2));
      const known = { efficiency: 0.52, lossWPerK: 2.6, probeLagS: 9, burnerLagS } as const;
      for (const figure of ['efficiency', 'lossWPerK', 'probeLagS', 'burnerLagS'] as const) {
        const { value, sd } = fit[figure];
        expect({
          burner,
          burnerLagS,
          figure,
          off: Math.abs(value - known[figure]) / (4 * sd + 0.01 * value) < 1,
        }).toEqual({
          burner,
          burnerLagS,
          figure,
          off: true,
        });
      }
      expect(Math.abs(fit.efficiency.value / 0.52 - 1)).toBeLessThan(0.1);
      expect(Math.abs(fit.burnerLagS.value / burnerLagS - 1)).toBeLessThan(0.3);
    }
  }
  // A warm-up alone does not tell burner and probe apart: the range says so.
  const pot = { ...STORE, probeLagS: 9, burnerLagS: 45 };
  const short = dayPlan(pot, 3, 1);
  const warm = { ...short, readings: short.readings.filter(({ atS }) => atS < 700) };
  const alone = fitStove({ ...STORE, burner: 'radiant' }, 21, warm);
  const whole = fitStove({ ...STORE, burner: 'radiant' }, 21, dayPlan(pot, 3, 2));
  expect(alone.efficiency.sd).toBeGreaterThan(2 * whole.efficiency.sd);
  expect(Math.abs(alone.efficiency.value - pot.efficiency)).toBeLessThan(4 * alone.efficiency.sd);
});

test('with what was found, the recovery after the next drop is told within 8 s; with what the Store thought it is not', () => {
  const pot = { ...STORE, efficiency: 0.48, lossWPerK: 3, probeLagS: 12 };
  const record = dayPlan(pot, 7, 3);
  const until = 1100 + 2 * 900;
  const seen = { ...record, readings: record.readings.filter((one) => one.atS <= until) };
  const fit = fitStove(STORE, 21, seen);
  const fitted = {
    ...STORE,
    efficiency: fit.efficiency.value,
    lossWPerK: fit.lossWPerK.value,
    probeLagS: fit.probeLagS.value,
  };
  /** s from the drop of the third load into oil of 158 °C until it is back at 157. */
  const recovery = (with_: Pot) => {
    let state: PotState = potAtRest(158);
    for (let s = 0; s < 1800; s++) {
      const before = state.oilC;
      state = stepPot(with_, state, 8, 21, record.loadW(until + s + 0.5), 1);
      if (state.oilC > before && state.oilC >= 157) return s;
    }
    return 1800;
  };
  expect(Math.abs(recovery(fitted) - recovery(pot))).toBeLessThan(8);
  expect(Math.abs(recovery(STORE) - recovery(pot))).toBeGreaterThan(12);
});

test('too short a record is refused by its name', () => {
  const short = {
    readings: Array.from({ length: 30 }, (_, i) => ({ atS: i, probeC: 20 })),
    settings: [],
    loadW: () => 0,
  };
  expect(() => fitStove(STORE, 21, short)).toThrow(expect.objectContaining({ path: 'readings' }));
  expect(() => fitStove(STORE, 21, { ...short, readings: [] })).toThrow(expect.objectContaining({ path: 'readings' }));
});
