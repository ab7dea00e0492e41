import fc from 'fast-check';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { withFold, withShape } from '../plan/edit/editDraft.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import { advanceFry, FRY_STEPPING } from './advanceFry.js';
import { copyFryBody, createFryBody } from './fryBody.js';
import { coreOf, restInAir } from './restInAir.js';
import { runFry } from './solveFry.js';

const made = newTray('Rests', 'squash-sage', 12, '2030-01-05T18:30:00Z');
const bodyOf = (shape: 'half-moon' | 'ball' | 'cone', fillingKg: number) =>
  planBatch(withShape(withFold(made, { fillingEachKg: fillingKg }), shape), DEFAULT_KITCHEN, null).fry!.body;
const anyBody = fc
  .tuple(fc.constantFrom('half-moon', 'ball', 'cone'), fc.double({ min: 0.01, max: 0.05, noNaN: true }))
  .map(([shape, kg]) => bodyOf(shape, kg));
const friedS = fc.integer({ min: 60, max: 700 });

test('resting heats the middle on for a while, never cools what was hotter, and leaves the piece itself alone', () => {
  fc.assert(
    fc.property(anyBody, friedS, fc.double({ min: 5, max: 35, noNaN: true }), (spec, s, roomC) => {
      const body = createFryBody({ ...spec, faces: 'one' });
      advanceFry(body, s, 160);
      const before = [coreOf(body), body.timeS, body.tempC.slice()] as const;
      const rest = restInAir(body, roomC);
      expect([coreOf(body), body.timeS, body.tempC]).toEqual(before);
      expect(rest.coreC).toBeGreaterThanOrEqual(before[0] - 1e-9);
      expect(rest.coreC).toBeLessThan(101);
      expect(rest.coreAfterS).toBeGreaterThanOrEqual(0);
      expect(rest.coreAfterS).toBeLessThanOrEqual(360);
      expect(rest.biteC).toBeLessThanOrEqual(rest.coreC + 1e-9);
      // A warmer room never cools it more.
      expect(restInAir(body, roomC + 10).biteC).toBeGreaterThanOrEqual(rest.biteC - 0.05);
    }),
    { numRuns: 25 },
  );
});

test('steps as long as they are agree with steps a twentieth as long', () => {
  for (const [shape, kg, s] of [
    ['half-moon', 0.035, 500],
    ['ball', 0.03, 400],
    ['cone', 0.03, 300],
  ] as const) {
    const body = createFryBody({ ...bodyOf(shape, kg), faces: 'one' });
    advanceFry(body, s, 160);
    const { coreC } = restInAir(body, 21);
    const surface = { stillH: 12, bubblingH: 12, fullFluxWPerM2: 1 };
    const fine = copyFryBody(body, { ...body.spec, surface, exposedShare: 0, upperDry: 0 });
    let peakC = coreOf(body);
    const watch = () => {
      peakC = Math.max(peakC, coreOf(fine));
      return false;
    };
    fine.stepS = 0.05;
    advanceFry(fine, 360, 21, watch, { ...FRY_STEPPING, firstS: 0.05, growth: 1.1, mostS: 0.5 });
    expect(Math.abs(coreC - peakC)).toBeLessThan(0.4);
  }
});

test('a fry is gone back into at any moment, between its turns too', () => {
  for (const turn of ['held-under', 'once', 'each-minute'] as const) {
    const spec = {
      body: bodyOf('half-moon', 0.03),
      oilC: 160,
      turn,
      coreTargetC: 74,
      coreIsLine: false,
      horizonS: 1800,
    };
    const run = runFry(spec);
    const { samples } = run.solution;
    for (let i = 5; i < samples.length; i += 23) {
      const { timeS, coreC, colours } = samples[i]!;
      const body = run.bodyAt(timeS);
      expect(body.timeS).toBeCloseTo(timeS, 6);
      expect(Math.abs(coreOf(body) - coreC)).toBeLessThan(0.3);
      expect(Math.abs(body.faces[0]!.colour - colours[0])).toBeLessThan(0.02);
    }
  }
});
