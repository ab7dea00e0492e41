import fc from 'fast-check';
import { DOUGH_FAMILIES } from '../dough/doughFamily.js';
import { FORMS } from '../piece/forms.js';
import { type BatchDraft } from '../draft/draft.js';
import { withFamily, withWorkedFormula } from './editDraft.js';
import { planBatch } from './planBatch.js';
import { newBatch, STARTERS } from './starters.js';
import { TURN_SCHOOLS } from '../draft/choices.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const EAT = '2030-01-05T18:30:00Z';

/** Every number anywhere in a value. */
function numbersIn(value: unknown, path = ''): [string, number][] {
  if (typeof value === 'number') return [[path, value]];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, inner]) => numbersIn(inner, `${path}.${key}`));
}

test('any draft within its ranges plans without a crash and without a number that is none', () => {
  const double = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  const drafts = fc.record({
    form: fc.constantFrom(...FORMS.map((form) => form.id)),
    starter: fc.constantFrom(...STARTERS.map((s) => s.id)),
    pieces: fc.integer({ min: 1, max: 2000 }),
    fold: fc.record({
      discM: double(0.02, 0.4),
      lengthM: double(0.02, 1.5),
      thicknessM: double(0.0004, 0.012),
      sealM: double(0.002, 0.04),
      fillingEachKg: double(0, 1),
      edge: fc.constantFrom('plain' as const, 'fork' as const, 'rope' as const, 'mould' as const),
    }),
    seal: fc.record({
      glue: fc.constantFrom('none' as const, 'water' as const, 'egg' as const),
      flouredRim: fc.boolean(),
      finalPinch: fc.boolean(),
      airPressed: fc.boolean(),
      covered: fc.boolean(),
      waitS: double(0, 7200),
    }),
    coat: fc.record({
      wet: fc.constantFrom('none' as const, 'egg' as const, 'slurry' as const),
      dry: fc.constantFrom('none' as const, 'crumb' as const, 'poppy' as const),
      double: fc.boolean(),
    }),
    family: fc.constantFrom(...DOUGH_FAMILIES.map((f) => f.id)),
    dough: fc.record({ onHeat: fc.boolean(), rise: fc.constantFrom('room' as const, 'fridge' as const) }),
    filling: fc.record({
      cookToShare: double(0.3, 1),
      method: fc.constantFrom('pan' as const, 'strain' as const, 'squeeze' as const, 'thicken' as const),
      place: fc.constantFrom('room' as const, 'fridge' as const, 'ice-bath' as const, 'freezer' as const),
      covered: fc.boolean(),
      hotC: double(-20, 110),
      dishes: fc.integer({ min: 1, max: 4 }),
      aheadDays: fc.integer({ min: 0, max: 2 }),
      raw: fc.constantFrom('poultry' as const, 'minced-meat' as const, 'fish' as const, 'vegetables' as const),
    }),
    oilC: double(110, 200),
    minutesS: fc.option(double(20, 1800)),
    turn: fc.constantFrom(...TURN_SCHOOLS),
    start: fc.constantFrom('room' as const, 'fridge' as const, 'frozen' as const, 'tempered' as const),
    lotSize: fc.option(fc.integer({ min: 1, max: 60 })),
  });
  fc.assert(
    fc.property(drafts, ({ form, starter, pieces, fold, family, dough, filling, seal, coat, ...fry }) => {
      const base = withWorkedFormula(withFamily(newBatch('Any', starter, 24, EAT), family));
      const draft: BatchDraft = {
        ...base,
        form,
        pieces,
        fold,
        seal,
        coat,
        fry,
        dough: { ...base.dough, ...dough },
        filling: { ...base.filling, ...filling },
      };
      const planned = planBatch(draft, DEFAULT_KITCHEN, null);
      const bad = numbersIn(planned).filter(([, n]) => Number.isNaN(n));
      expect(bad).toEqual([]);
      const fried = planned.fry;
      if (fried) expect(fried.solution.converged).toBe(true);
    }),
    { numRuns: 80 },
  );
});
