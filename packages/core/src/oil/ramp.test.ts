import fc from 'fast-check';
import { advanceFry } from '../heat/advanceFry.js';
import { CRUST_LIMITS } from '../heat/colour.js';
import { createFryBody } from '../heat/fryBody.js';
import { fryMapRow } from '../outcome/fryMap.js';
import { runFry, sampleAt, solveFry } from '../heat/solveFry.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { withFryMethod } from '../plan/batch/fryArms.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import { oilWanted, rampFrom } from './ramp.js';

const DRAFT = newTray('Rising', 'squash-sage', 12, '2030-01-05T18:30:00Z');
const FRY = planBatch(DRAFT, DEFAULT_KITCHEN, null).fry!;
const SPEC = {
  body: FRY.body,
  oilC: 125,
  turn: 'held-under',
  coreTargetC: 74,
  coreIsLine: false,
  horizonS: 1800,
} as const;
const RAMP = { outC: 165, overS: 600 };

test('rising oil begins and ends where it is said, never jumps, and moves as a whole', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 110, max: 200, noNaN: true }),
      fc.record({
        outC: fc.double({ min: 110, max: 200, noNaN: true }),
        overS: fc.double({ min: 60, max: 1800, noNaN: true }),
      }),
      fc.double({ min: -100, max: 3000, noNaN: true }),
      (oilC, ramp, afterS) => {
        const now = oilWanted(oilC, ramp, afterS);
        expect(oilWanted(oilC, ramp, -1)).toBe(oilC);
        expect(oilWanted(oilC, ramp, ramp.overS)).toBeCloseTo(ramp.outC, 9);
        expect(Math.abs(oilWanted(oilC, ramp, afterS + 1) - now)).toBeLessThanOrEqual(
          Math.abs(ramp.outC - oilC) / ramp.overS + 1e-9,
        );
        expect(oilWanted(oilC + 5, rampFrom(ramp, oilC, oilC + 5), afterS)).toBeCloseTo(now + 5, 9);
        expect(oilWanted(oilC, undefined, afterS)).toBe(oilC);
      },
    ),
  );
});

test('the solver follows it as one that is stepped a second at a time, and goes back into it anywhere', () => {
  const run = runFry({ ...SPEC, ramp: RAMP });
  const body = createFryBody({ ...FRY.body, faces: 'one' });
  for (let s = 0; s < 700; s++) {
    advanceFry(body, 1, oilWanted(125, RAMP, s + 0.5));
    if (s % 100 !== 99) continue;
    const sample = sampleAt(run.solution.samples, s + 1);
    expect(Math.abs(sample.colours[0] - body.faces[0]!.colour)).toBeLessThan(0.01 + 0.02 * body.faces[0]!.colour);
    const again = run.bodyAt(s + 1);
    expect(Math.abs(again.faces[0]!.colour - body.faces[0]!.colour)).toBeLessThan(0.01 + 0.02 * body.faces[0]!.colour);
  }
  // Between the two oils it is held at, in every moment.
  for (const moment of ['goldenS', 'doneS'] as const) {
    const [low, high] = [
      solveFry({ ...SPEC, oilC: 125 })[moment] ?? Infinity,
      solveFry({ ...SPEC, oilC: 165 })[moment]!,
    ];
    expect(run.solution[moment]!).toBeLessThan(low);
    expect(run.solution[moment]!).toBeGreaterThan(high);
  }
});

test('the slow method that lets oil rise comes out golden and cooked, its map agrees, and its loads wait for the oil', () => {
  const draft = withFryMethod(DRAFT, 'rising');
  const { fry } = planBatch(draft, DEFAULT_KITCHEN, null);
  expect(fry!.takeOutS).not.toBeNull();
  expect(fry!.findings.map(({ code }) => code)).toEqual(
    expect.arrayContaining(['fry.cooked', 'fry.golden', 'fry.ramp']),
  );
  expect(Math.min(...fry!.atTakeOut!.colours)).toBeGreaterThan(CRUST_LIMITS.pale);
  const map = {
    body: fry!.body,
    turn: draft.fry.turn,
    coreTargetC: 74,
    coreIsLine: false,
    rows: 2,
    columns: 9,
    horizonS: 1800,
    oilC: { least: draft.fry.oilC, most: 190 },
    roomC: 21,
    ramp: { ramp: draft.fry.ramp!, fromC: draft.fry.oilC },
  };
  const { goldenS } = fry!.solution;
  expect(Math.abs(fryMapRow(map, 0).goldenS! / goldenS! - 1)).toBeLessThan(0.03);
  const [first, second] = fry!.loads!.loadStartsS;
  expect(second! - first!).toBeGreaterThan(fry!.takeOutS! + 60);
  expect(Math.abs(fry!.loads!.energyResidual)).toBeLessThan(0.001);
  // Held again when another method is taken.
  expect(withFryMethod(draft, 'hot').fry.ramp).toBeUndefined();
});
