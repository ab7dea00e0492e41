import type { DoughFamilyId, FormId, TurnSchool } from '../draft/choices.js';
import type { BatchDraft } from '../draft/draft.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { withDoughEach, withFamily, withFold, withForm, withWorkedFormula } from '../plan/editDraft.js';
import { bakePlan } from '../plan/bakePlan.js';
import { planBatch } from '../plan/planBatch.js';
import { newBatch } from '../plan/starters.js';

interface Piece {
  readonly family: DoughFamilyId;
  readonly form: FormId;
  readonly doughG: number;
  readonly fillingG: number;
  readonly oilC: number;
  readonly turn: TurnSchool;
  readonly discM?: number;
  readonly crumbed?: boolean;
  readonly washed?: boolean;
}

function draftOf({ family, form, doughG, fillingG, oilC, turn, discM, crumbed, washed }: Piece): BatchDraft {
  const made = withWorkedFormula(withFamily(newBatch('Minutes', 'squash-sage', 24, '2030-01-05T18:30:00Z'), family));
  const formed = withFold(withForm(made, form), { fillingEachKg: fillingG / 1000, ...(discM && { discM }) });
  const sized = withDoughEach(formed, doughG / 1000);
  return {
    ...sized,
    ...(washed && { coat: { wet: 'egg', dry: 'none', double: false } }),
    ...(crumbed && { coat: { wet: 'egg', dry: 'crumb', double: false } }),
    fry: { ...sized.fry, oilC, turn },
  };
}

const fried = (piece: Piece) => planBatch(draftOf(piece), DEFAULT_KITCHEN, null).fry!;

const least = (s: number) => s * 60;

/** What practised cooks lift at, by eye, minutes. Source: docs/models/practice.md; working ranges of our own. */
test.each<[string, Piece, number, number, 'hot' | 'warm']>([
  [
    'half-moon of short dough, 68 g',
    { family: 'rubbed-short', form: 'half-moon', doughG: 33, fillingG: 35, oilC: 158, turn: 'once' },
    ...([8, 12, 'hot'] as const),
  ],
  [
    'cone of short dough',
    { family: 'rubbed-short', form: 'cone', doughG: 16, fillingG: 20, oilC: 147, turn: 'once' },
    ...([12, 16, 'hot'] as const),
  ],
  [
    'rope of hot-oil dough',
    { family: 'hot-oil', form: 'half-moon', doughG: 30, fillingG: 30, oilC: 170, turn: 'once' },
    ...([5, 8, 'warm'] as const),
  ],
  [
    'half-moon of soft dough',
    { family: 'soft-quick', form: 'half-moon', doughG: 33, fillingG: 30, oilC: 165, turn: 'once' },
    ...([4.5, 8, 'hot'] as const),
  ],
  [
    'scalded teardrop in crumb: its filling is hardly warm',
    { family: 'scalded', form: 'teardrop', doughG: 30, fillingG: 18, oilC: 175, turn: 'once', crumbed: true },
    ...([4, 6.5, 'warm'] as const),
  ],
  [
    'starch oval',
    { family: 'starch-mash', form: 'oval', doughG: 39, fillingG: 18, oilC: 163, turn: 'each-minute' },
    ...([5.5, 9.1, 'warm'] as const),
  ],
  [
    'small ball of rich dough',
    { family: 'yeast', form: 'ball', doughG: 14, fillingG: 5, oilC: 160, turn: 'each-minute' },
    ...([2.5, 4.7, 'hot'] as const),
  ],
])('%s: set and golden within the minutes that cooks know', (_name, piece, from, to, filling) => {
  const { liftS, rest, needsRest, solution } = fried(piece);
  expect(liftS! / 60).toBeGreaterThan(from);
  expect(liftS! / 60).toBeLessThan(to);
  // In the oil, or while it rests on the rack.
  expect(needsRest || solution.doughSetS! <= liftS!).toBe(true);
  expect(solution.goldenS!).toBeLessThanOrEqual(liftS!);
  expect(solution.darkS ?? Infinity).toBeGreaterThan(liftS! + least(0.4));
  if (filling === 'hot') expect(rest!.biteC).toBeGreaterThan(58);
  else expect(rest!.biteC).toBeLessThan(70);
});

/** The same of the oven, °C and minutes. */
test.each<[string, Piece, number, number, number]>([
  [
    'filled bun',
    { family: 'yeast', form: 'ball', doughG: 36, fillingG: 42, oilC: 170, turn: 'once' },
    ...([175, 15, 20] as const),
  ],
  [
    'half-moon of yeast dough',
    { family: 'yeast', form: 'half-moon', doughG: 62, fillingG: 40, oilC: 170, turn: 'once', discM: 0.14 },
    ...([180, 22, 30] as const),
  ],
  [
    'lined cup of egg dough, washed',
    {
      family: 'egg-butter',
      form: 'cup',
      doughG: 77,
      fillingG: 110,
      oilC: 170,
      turn: 'once',
      discM: 0.147,
      washed: true,
    },
    ...([175, 40, 50] as const),
  ],
])('%s: baked and golden within the minutes that cooks know', (_name, piece, ovenC, from, to) => {
  const { outS, darkFirst, doneS, goldenS } = bakePlan(draftOf(piece), DEFAULT_KITCHEN, ovenC)!;
  expect(outS! / 60).toBeGreaterThan(from);
  expect(outS! / 60).toBeLessThan(to);
  expect(Math.max(doneS!, goldenS!)).toBeLessThanOrEqual(outS!);
  expect(darkFirst).toBe(false);
});
