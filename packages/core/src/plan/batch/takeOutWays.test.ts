import type { TrayDraft } from '../../draft/draft.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import { CRUST_LIMITS } from '../../heat/colour.js';
import { darkerFace, palerFace, sampleAt } from '../../heat/solveFry.js';
import { failingOf } from '../../outcome/failing.js';
import { withFold, withShape } from '../edit/editDraft.js';
import { takeOutWays } from './takeOutWays.js';
import { planBatch } from './planBatch.js';
import { newTray } from '../edit/starters.js';

const made = newTray('Ways', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const fryOf = (draft: TrayDraft) => planBatch(draft, DEFAULT_KITCHEN, null);
const at = (draft: TrayDraft, oilC: number, more: Partial<TrayDraft['fry']> = {}): TrayDraft => ({
  ...draft,
  fry: { ...draft.fry, oilC, minutesS: null, ...more },
});
const ball = withShape(withFold(made, { fillingEachKg: 0.08 }), 'ball');

test('where no moment is right that is all that counts on the line, and every way out leads to one that is', () => {
  for (const failing of [
    at(ball, 178),
    at(made, 115),
    at(withFold(made, { thicknessM: 0.006 }), 180, { start: 'fridge' }),
  ]) {
    const { fry, serve } = fryOf(failing);
    expect(fry!.takeOutS).toBeNull();
    expect(fry!.findings.find(({ tone }) => tone === 'stop')?.code).toMatch(/^fry\.(no-moment|never-done)$/);
    expect(serve!.findings.map(({ code }) => code)).toContain('serve.no-take-out');
    expect(serve!.findings.map(({ code }) => code)).not.toContain('serve.on-time');
    const ways = takeOutWays(failing, DEFAULT_KITCHEN, 0);
    expect(ways.length).toBeGreaterThan(0);
    for (const way of ways) {
      const then = fryOf(way.draft).fry!;
      // What is offered keeps what it says of the pieces.
      expect([way.id, then.chances!.right, failingOf(then.chances!)]).toEqual([way.id, way.right, null]);
      expect(way.right).toBeGreaterThanOrEqual(0.9);
      if (way.ovenS !== null) {
        // By its colour out of the oil: golden, and done only in the oven.
        expect(palerFace(sampleAt(then.solution.samples, way.takeOutS))).toBeGreaterThanOrEqual(CRUST_LIMITS.pale);
        expect(way.ovenS).toBeGreaterThan(60);
        continue;
      }
      expect([way.id, then.takeOutS]).toEqual([way.id, way.takeOutS]);
      expect(then.rest!.biteC).toBe(way.biteC);
      expect(then.findings.filter(({ tone }) => tone === 'stop')).toEqual([]);
      expect(darkerFace(then.atTakeOut!)).toBeLessThan(CRUST_LIMITS.brown);
    }
  }
});

test('own minutes that are right for too few are judged beside the minutes the plan would take, and one tap takes those', () => {
  const asPlanned = fryOf(at(made, 158)).fry!;
  const early = at(made, 158, { minutesS: Math.round(0.88 * asPlanned.takeOutS!) });
  const { chances, findings } = fryOf(early).fry!;
  expect(failingOf(chances!)).toBe('pale');
  expect(findings.map(({ code }) => code)).toContain('fry.some-pale');
  expect(findings.map(({ code }) => code)).not.toContain('fry.golden');
  // Other minutes are enough: nothing else is offered.
  expect(takeOutWays(early, DEFAULT_KITCHEN, chances!.right)).toEqual([
    expect.objectContaining({ id: 'minutes', takeOutS: asPlanned.takeOutS, right: asPlanned.chances!.right }),
  ]);
  // Nothing is offered where nothing is gained.
  expect(takeOutWays(at(made, 158), DEFAULT_KITCHEN, asPlanned.chances!.right)).toEqual([]);
});

test('a taking out is never past dark, and one that counts on resting gets there while it rests', () => {
  let rested = 0;
  for (const family of [made, ball, withShape(made, 'teardrop'), newTray('Cones', 'lentil-dill', 24, made.eatAt)]) {
    for (let oilC = 140; oilC <= 190; oilC += 5) {
      for (const raw of [undefined, 'poultry'] as const) {
        const draft = at({ ...family, filling: { ...family.filling, ...(raw && { raw }), coreTargetC: 74 } }, oilC);
        const fry = fryOf(draft).fry!;
        if (fry.takeOutS === null) continue;
        expect(darkerFace(fry.atTakeOut!)).toBeLessThan(CRUST_LIMITS.brown);
        expect(fry.takeOutS).toBeLessThan(fry.solution.darkS ?? Infinity);
        if (fry.needsRest) rested += 1;
        if (raw) expect(fry.needsRest ? fry.rest!.coreC - 1 : fry.atTakeOut!.coreC).toBeGreaterThanOrEqual(74 - 1e-6);
        expect(fry.rest!.coreC).toBeGreaterThanOrEqual(fry.atTakeOut!.coreC - 1e-6);
      }
    }
  }
  expect(rested).toBeGreaterThan(0);
});
