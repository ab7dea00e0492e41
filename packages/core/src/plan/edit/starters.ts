import { CoreError } from '../../errors.js';
import type { Formula } from '../../ingredient/formula.js';
import type { TrayDraft } from '../../draft/draft.js';
import { fitDough, fitFilling, withShape } from './editDraft.js';
import type { DoughFamilyId, ShapeId } from '../../draft/choices.js';

export type StarterId = 'squash-sage' | 'lentil-dill' | 'mushroom-barley' | 'mackerel-leek' | 'pear-ginger';

/** A filling with the dough it goes in: what "New batch" starts from. */
export interface Starter {
  readonly id: StarterId;
  readonly family: DoughFamilyId;
  readonly dough: Formula;
  readonly filling: Formula;
  readonly cookToShare: number;
  readonly coreTargetC: number;
  readonly fold: TrayDraft['fold'];
  readonly fry: TrayDraft['fry'];
}

/** Grams as written on our own kitchen cards. */
function card(lines: Readonly<Record<string, number>>): Formula {
  return Object.entries(lines).map(([ingredientId, grams]) => ({ ingredientId, massKg: grams / 1000 }));
}

const SLOW = { minutesS: null, start: 'room', loadSize: null } as const;

/** Quantities are our own. */
export const STARTERS: readonly Starter[] = [
  {
    id: 'squash-sage',
    family: 'shortcrust',
    dough: card({ 'plain-wheat-flour': 1000, 'vegetable-shortening': 200, water: 380, 'fine-salt': 16 }),
    filling: card({
      'roast-squash': 1300,
      onion: 260,
      'hard-cheese': 180,
      sage: 14,
      'fine-salt': 11,
      'black-pepper': 2,
    }),
    cookToShare: 0.9,
    coreTargetC: 74,
    fold: { discM: 0.118, thicknessM: 0.0026, sealM: 0.011, fillingEachKg: 0.035 },
    fry: { oilC: 158, turn: 'each-minute', ...SLOW },
  },
  {
    id: 'lentil-dill',
    family: 'shortcrust',
    dough: card({
      'plain-wheat-flour': 750,
      'wholemeal-wheat-flour': 250,
      'sunflower-oil': 160,
      water: 410,
      'fine-salt': 16,
    }),
    filling: card({
      'boiled-brown-lentils': 1100,
      leek: 260,
      carrot: 180,
      'olive-oil': 40,
      dill: 22,
      'fine-salt': 12,
      'lemon-juice': 25,
    }),
    cookToShare: 0.88,
    coreTargetC: 74,
    fold: { discM: 0.11, thicknessM: 0.0025, sealM: 0.01, fillingEachKg: 0.03 },
    fry: { oilC: 156, turn: 'each-minute', ...SLOW },
  },
  {
    id: 'mushroom-barley',
    family: 'hot-water',
    dough: card({ 'plain-wheat-flour': 1000, water: 1050, butter: 90, 'fine-salt': 14 }),
    filling: card({ mushroom: 1100, 'boiled-barley': 520, onion: 220, butter: 45, garlic: 14, 'fine-salt': 14 }),
    cookToShare: 0.72,
    coreTargetC: 74,
    fold: { discM: 0.11, thicknessM: 0.0028, sealM: 0.01, fillingEachKg: 0.034 },
    fry: { oilC: 172, turn: 'each-minute', ...SLOW },
  },
  {
    id: 'mackerel-leek',
    family: 'shortcrust',
    dough: card({ 'plain-wheat-flour': 1000, lard: 190, water: 380, 'fine-salt': 14 }),
    filling: card({
      'smoked-mackerel': 560,
      leek: 520,
      'boiled-potato': 560,
      'lemon-juice': 30,
      'fine-salt': 5,
      'black-pepper': 3,
    }),
    cookToShare: 0.9,
    coreTargetC: 74,
    fold: { discM: 0.112, thicknessM: 0.0025, sealM: 0.011, fillingEachKg: 0.031 },
    fry: { oilC: 160, turn: 'each-minute', ...SLOW },
  },
  {
    id: 'pear-ginger',
    family: 'shortcrust',
    dough: card({ 'plain-wheat-flour': 1000, butter: 240, water: 330, sugar: 20, 'fine-salt': 8 }),
    filling: card({ pear: 1500, sugar: 110, 'fresh-ginger': 28, 'corn-starch': 42, 'lemon-juice': 30, 'fine-salt': 3 }),
    cookToShare: 0.8,
    coreTargetC: 74,
    fold: { discM: 0.1, thicknessM: 0.0025, sealM: 0.011, fillingEachKg: 0.02 },
    fry: { oilC: 155, turn: 'each-minute', ...SLOW },
  },
];

/**
 * "New batch": form, filling, how many, when; a whole working draft comes back, with dough and
 * filling made to come out even, and the blank sized for the shape.
 * @throws CoreError UNKNOWN_NAME, OUT_OF_RANGE
 * @example newTray('Cones', 'lentil-dill', 12, '2030-01-05T18:30:00Z', 'cone').pieces // 12
 */
export function newTray(
  name: string,
  starterId: string,
  pieces: number,
  eatAt: string,
  shape: ShapeId = 'half-moon',
): TrayDraft {
  const starter = STARTERS.find((s) => s.id === starterId);
  if (!starter) throw new CoreError('UNKNOWN_NAME', 'starterId', `There is no filling "${starterId.slice(0, 40)}".`);
  const draft: TrayDraft = {
    name,
    shape: 'half-moon',
    pieces,
    eatAt,
    dough: { family: starter.family, lines: starter.dough },
    filling: {
      lines: starter.filling,
      cookToShare: starter.cookToShare,
      panKg: 1.2,
      hotC: 85,
      place: 'fridge',
      covered: false,
      coreTargetC: starter.coreTargetC,
    },
    fold: starter.fold,
    fry: starter.fry,
  };
  return fitFilling(fitDough(withShape(draft, shape)));
}
