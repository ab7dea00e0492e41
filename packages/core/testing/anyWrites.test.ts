import fc from 'fast-check';
import { batchAmounts } from '../src/public/ledger.js';
import {
  bakePlan,
  crumbPlan,
  fryArm,
  INGREDIENTS,
  loadWays,
  planTrays,
  plannedFigures,
  runSheet,
} from '../src/public/plan.js';
import { CRUMB_ANSWERS } from '../src/public/stove.js';
import { anyBatch, anyDraft, anyIngredient, anyKitchen } from './anyWrites.js';

/** Every number anywhere in a value that is none. */
function notNumbers(value: unknown, path = ''): string[] {
  if (typeof value === 'number') return Number.isNaN(value) ? [path] : [];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, inner]) => notNumbers(inner, `${path}.${key}`));
}

const ids = [...INGREDIENTS.map((one) => one.id), 'own-one', 'own-two', 'own-one', 'own-two', 'own-one', 'own-two'];
const around = [anyKitchen(), anyIngredient('own-one'), anyIngredient('own-two')] as const;

test('whatever the server accepts is planned: every answer comes, and every figure in it is one', () => {
  fc.assert(
    fc.property(anyBatch(ids), ...around, (batch, settings, one, two) => {
      const kitchen = { ...settings, ingredients: [one, two] };
      const trays = planTrays(batch, kitchen, null);
      expect(notNumbers(trays)).toEqual([]);
      for (const { draft, plan } of trays) {
        if (plan.fry) expect(plan.fry.solution.converged).toBe(true);
        expect(notNumbers(plannedFigures(plan, draft))).toEqual([]);
      }
      expect(notNumbers(runSheet(trays))).toEqual([]);
      expect(notNumbers(batchAmounts(batch, [], kitchen))).toEqual([]);
    }),
    { numRuns: 120, endOnFailure: true },
  );
});

test('so are the other ways to cook it', () => {
  fc.assert(
    fc.property(anyDraft(ids), ...around, fc.constantFrom(...CRUMB_ANSWERS), (draft, settings, one, two, answer) => {
      const kitchen = { ...settings, ingredients: [one, two] };
      for (const way of [
        fryArm(draft, kitchen),
        crumbPlan(draft, kitchen, answer),
        loadWays(draft, kitchen),
        bakePlan(draft, kitchen, 175),
      ]) {
        expect(notNumbers(way)).toEqual([]);
      }
    }),
    { numRuns: 15 },
  );
});
