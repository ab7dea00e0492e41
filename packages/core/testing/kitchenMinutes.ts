// Kitchen minutes: what practised cooks take out at, by eye; the tests hold the product to them and the bench prints them.
import type { DoughFamilyId, ShapeId, TurnMethod } from '../src/draft/choices.js';
import type { TrayDraft } from '../src/draft/draft.js';
import { withDoughEach, withFamily, withFold, withShape, withWorkedFormula } from '../src/plan/edit/editDraft.js';
import { DEFAULT_KITCHEN } from '../src/draft/kitchen.js';
import { planCold } from '../src/plan/tray/planCold.js';
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
  /** Wall as rolled, where it is not what the dough's mass makes it. */
  readonly rolledM?: number;
  readonly crumbed?: boolean;
}

/** Rolled to a thickness, with a disc that takes so much dough. */
function rolledTo(draft: TrayDraft, rolledM: number, doughKg: number): TrayDraft {
  let [low, high] = [0.06, 0.3];
  for (let i = 0; i < 30; i++) {
    const discM = (low + high) / 2;
    const { piece } = planCold(withFold(draft, { discM, thicknessM: rolledM }), DEFAULT_KITCHEN).fold;
    if (piece && piece.doughKg > doughKg) high = discM;
    else low = discM;
  }
  return withFold(draft, { discM: (low + high) / 2, thicknessM: rolledM });
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
  rolledM,
  crumbed,
}: KitchenPiece): TrayDraft {
  const made = withWorkedFormula(withFamily(newTray('Minutes', 'squash-sage', 24, '2030-01-05T18:30:00Z'), family));
  const formed = withFold(withShape(made, shape), { fillingEachKg: fillingG / 1000, ...(discM && { discM }) });
  // A sheet of its own thickness is cut as large as the dough's mass makes it.
  const sized = rolledM === undefined ? withDoughEach(formed, doughG / 1000) : rolledTo(formed, rolledM, doughG / 1000);
  return {
    ...sized,
    ...(crumbed && { coating: { wet: 'egg', dry: 'crumb', double: false } }),
    fry: { ...sized.fry, oilC, turn },
  };
}

/** What it is, the piece, from and to how many minutes, and how its filling is found. */
export const FRIED: readonly (readonly [string, KitchenPiece, number, number, 'hot' | 'warm'])[] = [
  [
    'half-moon of shortcrust, 55 g',
    { family: 'shortcrust', shape: 'half-moon', doughG: 27, fillingG: 28, oilC: 158, turn: 'each-minute' },
    ...([7, 12, 'hot'] as const),
  ],
  [
    'cone of shortcrust, 40 g',
    { family: 'shortcrust', shape: 'cone', doughG: 18, fillingG: 22, oilC: 150, turn: 'each-minute' },
    ...([11, 16, 'hot'] as const),
  ],
  [
    'rope of hot-oil dough, 45 g',
    { family: 'hot-oil', shape: 'half-moon', doughG: 22, fillingG: 23, oilC: 168, turn: 'once' },
    ...([4.5, 8, 'hot'] as const),
  ],
  [
    'half-moon of soft quick dough, 48 g',
    { family: 'soft-quick', shape: 'half-moon', doughG: 26, fillingG: 22, oilC: 172, turn: 'once' },
    ...([3.5, 7, 'hot'] as const),
  ],
  [
    'teardrop of hot-water dough, 36 g, crumbed',
    { family: 'hot-water', shape: 'teardrop', doughG: 22, fillingG: 14, oilC: 175, turn: 'once', crumbed: true },
    ...([3.5, 6, 'warm'] as const),
  ],
  [
    'rice oval, 45 g',
    { family: 'rice-starch', shape: 'oval', doughG: 31, fillingG: 14, oilC: 163, turn: 'each-minute' },
    ...([4.5, 8.5, 'warm'] as const),
  ],
  [
    'small ball of rich yeast dough, 22 g',
    { family: 'yeast', shape: 'ball', doughG: 16, fillingG: 6, oilC: 160, turn: 'each-minute' },
    ...([2.5, 5, 'hot'] as const),
  ],
  [
    'puffed bread, 80 g, rolled 5 mm and basted',
    { family: 'soft-quick', shape: 'puffed-bread', doughG: 80, fillingG: 0, oilC: 178, turn: 'basted', discM: 0.132 },
    ...([1.5, 3.5, 'hot'] as const),
  ],
];

/** The same of the oven: what it is, the piece, °C, and from and to how many minutes. */
export const BAKED: readonly (readonly [string, KitchenPiece, number, number, number])[] = [
  [
    'bun of yeast dough, 65 g',
    { family: 'yeast', shape: 'ball', doughG: 35, fillingG: 30, oilC: 170, turn: 'once' },
    ...([175, 14, 20] as const),
  ],
  [
    'half-moon of yeast dough, 85 g',
    { family: 'yeast', shape: 'half-moon', doughG: 50, fillingG: 35, oilC: 170, turn: 'once', discM: 0.13 },
    ...([180, 18, 28] as const),
  ],
  [
    'lined cup of egg and butter dough, 60 g',
    { family: 'egg-butter', shape: 'cup', doughG: 28, fillingG: 32, oilC: 170, turn: 'once', discM: 0.105 },
    ...([175, 35, 50] as const),
  ],
];

/** Known to cooks too, but not within their minutes by the product: printed by the bench, and told in docs. */
export const OUTSIDE: typeof FRIED = [
  [
    'rope of egg and butter dough, 110 g, rolled 3 mm',
    {
      family: 'egg-butter',
      shape: 'half-moon',
      doughG: 58,
      fillingG: 52,
      oilC: 175,
      turn: 'each-minute',
      rolledM: 0.003,
    },
    ...([4, 7.5, 'warm'] as const),
  ],
  [
    'pouch of wholemeal dough, 70 g',
    { family: 'wholemeal', shape: 'pouch', doughG: 38, fillingG: 32, oilC: 155, turn: 'each-minute' },
    ...([6, 12, 'hot'] as const),
  ],
  [
    'bun of yeast dough, 60 g, crumbed, half-depth',
    { family: 'yeast', shape: 'ball', doughG: 37, fillingG: 23, oilC: 168, turn: 'half-depth', crumbed: true },
    ...([6, 10, 'warm'] as const),
  ],
];
