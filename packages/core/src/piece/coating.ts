import { type CoatingChoices, type DryCoatingId, type WetCoatingId } from '../draft/choices.js';
import { requireWithin } from '../errors.js';

interface Film {
  /** What stays on the skin, kg/m². */
  readonly kgPerM2: number;
  readonly of: Readonly<Record<string, number>>;
  readonly browning: number;
}
interface Grain extends Film {
  readonly kgPerM3: number;
}

/** Working values, our own; see docs/models/fold.md. */
const WET: Readonly<Record<WetCoatingId, Film>> = {
  none: { kgPerM2: 0, of: {}, browning: 1 },
  water: { kgPerM2: 0.05, of: { water: 1 }, browning: 1 },
  egg: { kgPerM2: 0.12, of: { egg: 1 }, browning: 1.2 },
  milk: { kgPerM2: 0.07, of: { milk: 1 }, browning: 1.12 },
  slurry: { kgPerM2: 0.14, of: { 'corn-starch': 0.25, water: 0.75 }, browning: 0.95 },
};
const DRY: Readonly<Record<DryCoatingId, Grain>> = {
  none: { kgPerM2: 0, of: {}, browning: 1, kgPerM3: 600 },
  crumb: { kgPerM2: 0.24, of: { 'bread-crumb': 1 }, browning: 1.3, kgPerM3: 450 },
  semolina: { kgPerM2: 0.16, of: { 'durum-semolina': 1 }, browning: 1.05, kgPerM3: 700 },
  sesame: { kgPerM2: 0.26, of: { 'sesame-seed': 1 }, browning: 1.15, kgPerM3: 600 },
  poppy: { kgPerM2: 0.22, of: { 'poppy-seed': 1 }, browning: 1, kgPerM3: 580 },
};
/** A dry coating on a dry skin: this share of it stays. */
const DRY_ON_DRY = 0.2;
/** A second round holds less than the first. */
const SECOND = 0.8;
/** How long a coating rests before the oil, s. */
export const COATING_REST_S = 600;
/** The tray wants more than the pieces take: crumb clumps, the last piece still has to be rolled. */
const TRAY = 1.3;

/** What a coating adds to one piece. */
export interface Coating {
  readonly massKg: number;
  readonly wetKg: number;
  readonly thicknessM: number;
  /** Browning of the skin over that of bare dough. */
  readonly browning: number;
  /** Dry coating with nothing under it to hold it. */
  readonly fallsOff: boolean;
  /** Crumbs and seeds that come off in the oil: skim between loads. */
  readonly sheds: boolean;
  /** To set out for one piece, kg of each ingredient, with what stays in the tray. */
  readonly supplies: readonly { readonly ingredientId: string; readonly massKg: number }[];
}

/**
 * What a coating adds to a piece with this much surface: mass, thickness, browning, and what to set out.
 * Our own, see docs/models/fold.md.
 *
 * @param surfaceM2 skin of the piece, 0–1
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example coatingOf({ wet: 'egg', dry: 'crumb', double: false }, 0.01).massKg // 0.0036
 */
export function coatingOf(choices: CoatingChoices, surfaceM2: number): Coating {
  requireWithin(surfaceM2, 0, 1, 'surfaceM2');
  const wet = WET[choices.wet];
  const dry = DRY[choices.dry];
  const rounds = choices.double && choices.wet !== 'none' && choices.dry !== 'none' ? 1 + SECOND : 1;
  const fallsOff = choices.dry !== 'none' && choices.wet === 'none';
  const wetKg = wet.kgPerM2 * surfaceM2 * rounds;
  const dryKg = dry.kgPerM2 * surfaceM2 * rounds * (fallsOff ? DRY_ON_DRY : 1);
  const supplies = [
    ...Object.entries(wet.of).map(([ingredientId, share]) => ({ ingredientId, massKg: share * wetKg * TRAY })),
    ...Object.entries(dry.of).map(([ingredientId, share]) => ({ ingredientId, massKg: share * dryKg * TRAY })),
  ];
  return {
    massKg: wetKg + dryKg,
    wetKg,
    thicknessM: surfaceM2 > 0 ? (dryKg / dry.kgPerM3 + wetKg / 1030) / surfaceM2 : 0,
    browning: wet.browning * (fallsOff ? 1 : dry.browning),
    fallsOff,
    sheds: choices.dry !== 'none',
    supplies,
  };
}
