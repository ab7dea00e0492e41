// Kitchen minutes: what practised cooks take out at, by eye; the tests hold the product to them and the bench prints them.
import type { DoughFamilyId, ShapeId, TurnMethod } from '../src/draft/choices.js';
import type { TrayDraft } from '../src/draft/draft.js';
import { withDoughEach, withFamily, withFold, withShape, withWorkedFormula } from '../src/plan/edit/editDraft.js';
import { newTray } from '../src/plan/edit/starters.js';

/** One piece of a cook's, as it is made by hand. */
export interface KitchenPiece {
  readonly family: DoughFamilyId;
  readonly shape: ShapeId;
  readonly doughG: number;
  readonly fillingG: number;
  readonly oilC: number;
  readonly turn: TurnMethod;
  readonly discM?: number;
  readonly crumbed?: boolean;
  readonly washed?: boolean;
}

/** A batch of it with all else as the product would have it. */
export function kitchenDraft({
  family,
  shape,
  doughG,
  fillingG,
  oilC,
  turn,
  discM,
  crumbed,
  washed,
}: KitchenPiece): TrayDraft {
  const made = withWorkedFormula(withFamily(newTray('Minutes', 'squash-sage', 24, '2030-01-05T18:30:00Z'), family));
  const formed = withFold(withShape(made, shape), { fillingEachKg: fillingG / 1000, ...(discM && { discM }) });
  const sized = withDoughEach(formed, doughG / 1000);
  return {
    ...sized,
    ...(washed && { coating: { wet: 'egg', dry: 'none', double: false } }),
    ...(crumbed && { coating: { wet: 'egg', dry: 'crumb', double: false } }),
    fry: { ...sized.fry, oilC, turn },
  };
}

/** What it is, the piece, from and to how many minutes, and how its filling is found. */
export const FRIED: readonly (readonly [string, KitchenPiece, number, number, 'hot' | 'warm'])[] = [
  [
    'half-moon of short dough, 68 g',
    { family: 'shortcrust', shape: 'half-moon', doughG: 33, fillingG: 35, oilC: 158, turn: 'once' },
    ...([8, 12, 'hot'] as const),
  ],
  [
    'cone of short dough',
    { family: 'shortcrust', shape: 'cone', doughG: 16, fillingG: 20, oilC: 147, turn: 'once' },
    ...([12, 16, 'hot'] as const),
  ],
  [
    'rope of hot-oil dough',
    { family: 'hot-oil', shape: 'half-moon', doughG: 30, fillingG: 30, oilC: 170, turn: 'once' },
    ...([5, 8, 'warm'] as const),
  ],
  [
    'half-moon of soft dough',
    { family: 'soft-quick', shape: 'half-moon', doughG: 33, fillingG: 30, oilC: 165, turn: 'once' },
    ...([4.5, 8, 'hot'] as const),
  ],
  [
    'scalded teardrop in crumb: its filling is hardly warm',
    { family: 'hot-water', shape: 'teardrop', doughG: 30, fillingG: 18, oilC: 175, turn: 'once', crumbed: true },
    ...([4, 6.5, 'warm'] as const),
  ],
  [
    'starch oval',
    { family: 'rice-starch', shape: 'oval', doughG: 39, fillingG: 18, oilC: 163, turn: 'each-minute' },
    ...([5.5, 9.1, 'warm'] as const),
  ],
  [
    'small ball of rich dough',
    { family: 'yeast', shape: 'ball', doughG: 14, fillingG: 5, oilC: 160, turn: 'each-minute' },
    ...([2.5, 4.7, 'hot'] as const),
  ],
  [
    'puffed bread, rolled 6 mm and basted',
    { family: 'soft-quick', shape: 'puffed-bread', doughG: 100, fillingG: 0, oilC: 178, turn: 'basted', discM: 0.135 },
    ...([2, 4, 'hot'] as const),
  ],
];

/** The same of the oven: what it is, the piece, °C, and from and to how many minutes. */
export const BAKED: readonly (readonly [string, KitchenPiece, number, number, number])[] = [
  [
    'filled bun',
    { family: 'yeast', shape: 'ball', doughG: 36, fillingG: 42, oilC: 170, turn: 'once' },
    ...([175, 15, 20] as const),
  ],
  [
    'half-moon of yeast dough',
    { family: 'yeast', shape: 'half-moon', doughG: 62, fillingG: 40, oilC: 170, turn: 'once', discM: 0.14 },
    ...([180, 22, 30] as const),
  ],
  [
    'lined cup of egg dough, washed',
    {
      family: 'egg-butter',
      shape: 'cup',
      doughG: 77,
      fillingG: 110,
      oilC: 170,
      turn: 'once',
      discM: 0.147,
      washed: true,
    },
    ...([175, 40, 50] as const),
  ],
];

/** Known to cooks too, but not yet within their minutes by the product: printed by the bench, and told in docs. */
export const OUTSIDE: readonly (readonly [string, KitchenPiece, number, number, 'hot' | 'warm'])[] = [
  [
    'wholemeal pouch',
    { family: 'wholemeal', shape: 'pouch', doughG: 53, fillingG: 45, oilC: 155, turn: 'each-minute' },
    ...([7, 14, 'hot'] as const),
  ],
  [
    'rope of egg dough',
    { family: 'egg-butter', shape: 'half-moon', doughG: 95, fillingG: 70, oilC: 180, turn: 'each-minute' },
    ...([4, 6.5, 'warm'] as const),
  ],
  [
    'crumbed bun, half-depth',
    { family: 'yeast', shape: 'ball', doughG: 45, fillingG: 28, oilC: 170, turn: 'half-depth', crumbed: true },
    ...([8, 11, 'warm'] as const),
  ],
];
