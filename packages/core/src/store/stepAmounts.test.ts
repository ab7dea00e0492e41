import fc from 'fast-check';
import { anyDraft } from '../../testing/anyWrites.js';
import { type CookAct, cookState, stepState } from '../cook/cookAct.js';
import { batchOf } from '../draft/batchDraft.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import type { Formula } from '../ingredient/formula.js';
import { withFamily } from '../plan/edit/editDraft.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { runSheet } from '../plan/batch/runSheet.js';
import { newTray, STARTERS } from '../plan/edit/starters.js';
import { batchAmounts, stepAmounts } from './stepAmounts.js';
import { draftSupplies } from '../plan/tray/supplies.js';

const sumOf = (lines: Formula) => lines.reduce((sum, { massKg }) => sum + massKg, 0);

test('all that a batch takes stands in the list once, and nothing else; each is ticked for itself', () => {
  fc.assert(
    fc.property(anyDraft(), (draft) => {
      const all = batchAmounts(batchOf(draft), [], DEFAULT_KITCHEN);
      const takes =
        sumOf(draft.dough.lines) + sumOf(draft.filling.lines) + sumOf(draftSupplies(draft, DEFAULT_KITCHEN));
      expect(sumOf(all.map(({ ingredient, massKg }) => ({ ingredientId: ingredient.id, massKg })))).toBeCloseTo(
        takes,
        6,
      );
      expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
      for (const { massKg, weighKg } of all) {
        expect(massKg).toBeGreaterThan(0);
        expect(weighKg).toBe(massKg);
      }
    }),
    { numRuns: 100 },
  );
});

test('each amount is at the step that needs it, and rims and coatings are set out before the first disc', () => {
  for (const { id } of STARTERS) {
    const draft = {
      ...newTray('Amounts', id, 24, '2030-01-05T18:30:00Z'),
      coating: { wet: 'egg', dry: 'semolina', double: false } as const,
    };
    const all = batchAmounts(batchOf(draft), [], DEFAULT_KITCHEN);
    const sheet = runSheet([{ draft, plan: planBatch(draft, DEFAULT_KITCHEN, null) }]);
    const bySteps = sheet.flatMap((step) => stepAmounts(step.id, all));
    expect(bySteps.map(({ key }) => key).sort()).toEqual(all.map(({ key }) => key).sort());
    const ids = (step: (typeof sheet)[number]['id']) => stepAmounts(step, all).map(({ ingredient }) => ingredient.id);
    expect(ids('weigh-filling').sort()).toEqual(
      draft.filling.lines
        .filter((l) => l.massKg > 0)
        .map((l) => l.ingredientId)
        .sort(),
    );
    expect(ids('roll')).toEqual(expect.arrayContaining(['egg', 'durum-semolina']));
    expect(sheet.findIndex((step) => step.id === 'roll')).toBeLessThan(sheet.findIndex((step) => step.id === 'fold'));
    expect(ids('fry')).toEqual([]);
  }
  // Two doughs are made in one step, one after the other.
  const coiled = withFamily(newTray('Two', 'squash-sage', 24, '2030-01-05T18:30:00Z'), 'coiled');
  const lines = coiled.dough.lines.map((line, i) => (i === 1 ? { ...line, part: 1 as const } : line));
  const two = batchAmounts(batchOf({ ...coiled, dough: { ...coiled.dough, lines } }), [], DEFAULT_KITCHEN);
  expect([...new Set(stepAmounts('mix-dough', two).map(({ of }) => of))]).toEqual(['dough', 'second-dough']);
});

test('a stronger pack weighs less; a line that stands twice is two lines to tick', () => {
  const draft = newTray('Strong', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  const salt = draft.dough.lines.find((line) => line.ingredientId === 'fine-salt')!;
  const twice = { ...draft, dough: { ...draft.dough, lines: [...draft.dough.lines, salt] } };
  const all = batchAmounts(batchOf(twice), [{ ingredientId: 'fine-salt', strength: 2 }], DEFAULT_KITCHEN);
  const salts = all.filter(({ of, ingredient }) => of === 'dough' && ingredient.id === 'fine-salt');
  expect(salts.map(({ key }) => key)).toEqual(['dough fine-salt', 'dough fine-salt 2']);
  for (const { massKg, weighKg } of salts) expect(weighKg).toBeCloseTo(massKg / 2, 12);
});

test('ticks: the last word on each line counts, whoever said it, and going back to a step keeps them', () => {
  const line = fc.constantFrom('dough salt', 'dough butter', 'filling leek');
  const tick = fc.record({ line, on: fc.boolean(), atMs: fc.integer({ min: 0, max: 50 }) });
  fc.assert(
    fc.property(fc.array(tick, { maxLength: 20 }), fc.boolean(), (told, goesBack) => {
      const acts = told.map((one, i): CookAct => ({ ...one, id: `a${i}`, step: 'mix-dough', kind: 'tick' }));
      const all: CookAct[] = goesBack ? [...acts, { id: 'back', atMs: 60, step: 'mix-dough', kind: 'back' }] : acts;
      const { ticked } = stepState(cookState(all), 'mix-dough');
      expect(new Set(ticked).size).toBe(ticked.length);
      for (const one of ['dough salt', 'dough butter', 'filling leek']) {
        const words = [...told].map((t, i) => ({ ...t, i })).filter((t) => t.line === one);
        const last = words.sort((a, b) => a.atMs - b.atMs || a.i - b.i).at(-1);
        expect(ticked.includes(one)).toBe(last?.on ?? false);
      }
      // Told twice, it is told once.
      expect(cookState([...all, ...all])).toEqual(cookState(all));
      expect(stepState(cookState(all), 'fold').ticked).toEqual([]);
    }),
  );
});
