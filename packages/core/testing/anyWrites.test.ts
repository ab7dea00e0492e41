import fc from 'fast-check';
import {
  bakePlan,
  CRUMB_ANSWERS,
  crumbPlan,
  fryArm,
  INGREDIENTS,
  lotWays,
  planBatch,
  plannedFigures,
  runSheet,
  batchAmounts,
} from '../src/index.js';
import { anyDraft, anyIngredient, anyKitchen } from './anyWrites.js';

/** Every number anywhere in a value that is none. */
function notNumbers(value: unknown, path = ''): string[] {
  if (typeof value === 'number') return Number.isNaN(value) ? [path] : [];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, inner]) => notNumbers(inner, `${path}.${key}`));
}

const ids = [...INGREDIENTS.map((one) => one.id), 'own-one', 'own-two', 'own-one', 'own-two', 'own-one', 'own-two'];
const anything = [anyDraft(ids), anyKitchen(), anyIngredient('own-one'), anyIngredient('own-two')] as const;

test('whatever the server accepts is planned: every answer comes, and every figure in it is one', () => {
  fc.assert(
    fc.property(...anything, (draft, settings, one, two) => {
      const kitchen = { ...settings, ingredients: [one, two] };
      const plan = planBatch(draft, kitchen, null);
      expect(notNumbers(plan)).toEqual([]);
      if (plan.fry) expect(plan.fry.solution.converged).toBe(true);
      if (plan.serve) expect(notNumbers(runSheet(draft, plan, kitchen))).toEqual([]);
      expect(notNumbers(plannedFigures(plan, draft))).toEqual([]);
      expect(notNumbers(batchAmounts(draft, [], kitchen))).toEqual([]);
    }),
    { numRuns: 400 },
  );
});

test('so are the other ways to cook it', () => {
  fc.assert(
    fc.property(...anything, fc.constantFrom(...CRUMB_ANSWERS), (draft, settings, one, two, answer) => {
      const kitchen = { ...settings, ingredients: [one, two] };
      for (const way of [
        fryArm(draft, kitchen),
        crumbPlan(draft, kitchen, answer),
        lotWays(draft, kitchen),
        bakePlan(draft, kitchen, 175),
      ]) {
        expect(notNumbers(way)).toEqual([]);
      }
    }),
    { numRuns: 30 },
  );
});
