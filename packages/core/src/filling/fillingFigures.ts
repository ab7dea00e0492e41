import { RANGES } from '../draft/ranges.js';
import { requireIn } from '../errors.js';
import { type Formula, formulaTotals, type FormulaTotals } from '../ingredient/formula.js';
import { heldWaterKg } from './freeLiquid.js';
import { type Pantry, SHIPPED_PANTRY } from '../ingredient/pantry.js';
import type { FillingMethod } from '../draft/choices.js';
import { clamp } from '../numeric/clamp.js';

/** Usual salt of a savoury filling, percent of its cooked mass. */
export const SALT_RANGE = { least: 0.8, most: 1.6 } as const;

/** Filling after cooking. Masses in kg. */
export interface FillingFigures {
  readonly totals: FormulaTotals;
  /** What goes into the pan. */
  readonly rawKg: number;
  /** Percent of each line in what goes into the pan, in the order of the formula. */
  readonly linePercents: readonly number[];
  /** Stop cooking when the filling weighs this. */
  readonly targetKg: number;
  /** What the scale must show with the pan on it. */
  readonly targetWithPanKg: number;
  readonly boiledOffKg: number;
  readonly saltPercent: number;
  /** Salt that comes with salty parts rather than as salt, kg. */
  readonly saltFromPartsKg: number;
  /** Liquid that neither solids nor thickener hold, kg: what runs. */
  readonly freeKg: number;
  /** Juice that runs off when it is strained, kg; what is left of it once reduced apart. */
  readonly juiceKg: number;
  readonly juiceReducedKg: number;
  /** Volume of what goes into the pan, m³. */
  readonly rawM3: number;
  /** Water by mass when cooked, 0–0.97. */
  readonly waterShare: number;
  /** kg/m³, from the water left: 950 nearly dry to 1060 wet. */
  readonly densityKgPerM3: number;
}

/** Of the free liquid this share runs through a strainer: our own working value. */
const STRAINS = 0.8;

/** What a formula alone does not say of a filling. */
export interface FillingHow {
  readonly pantry?: Pantry | undefined;
  readonly method?: FillingMethod | undefined;
}

/**
 * Filling formula cooked dry to a share of its raw mass.
 *
 * @param cookToShare cooked over raw mass, 0.3–1; the water that leaves is never more than there is
 * @param panKg tare, 0–10
 * @param how its method: thickened fillings lose nothing; squeezed ones lose salt and sugar with the water
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE
 * @example fillingFigures([{ ingredientId: 'onion', massKg: 1 }], 0.8, 0.5).targetWithPanKg // 1.3
 */
export function fillingFigures(
  lines: Formula,
  cookToShare: number,
  panKg: number,
  { pantry = SHIPPED_PANTRY, method = 'pan' }: FillingHow = {},
): FillingFigures {
  requireIn(cookToShare, RANGES.draft.cookToShare, 'filling.cookToShare');
  requireIn(panKg, RANGES.draft.panKg, 'filling.panKg');
  const totals = formulaTotals(lines, 'filling.lines', pantry);
  const rawKg = totals.massKg;
  const share = method === 'thicken' ? 1 : cookToShare;
  const boiledOffKg = Math.min((1 - share) * rawKg, totals.parts.water);
  // What is pressed out takes its part of everything dissolved along.
  const kept = method === 'squeeze' && totals.parts.water > 0 ? 1 - boiledOffKg / totals.parts.water : 1;
  const saltKg = totals.parts.salt * kept;
  const held = heldWaterKg(lines, pantry);
  const juiceKg = STRAINS * Math.max(0, totals.parts.water - held);
  const targetKg = rawKg - boiledOffKg;
  const waterShare = targetKg > 0 ? clamp((totals.parts.water - boiledOffKg) / targetKg, 0, 0.97) : 0;
  return {
    totals,
    rawKg,
    linePercents: lines.map((line) => (rawKg > 0 ? (100 * line.massKg) / rawKg : 0)),
    targetKg,
    targetWithPanKg: targetKg + panKg,
    boiledOffKg,
    saltPercent: targetKg > 0 ? (100 * saltKg) / targetKg : 0,
    saltFromPartsKg: kept * saltOfParts(lines, pantry),
    freeKg: Math.max(0, totals.parts.water - boiledOffKg - held),
    juiceKg,
    juiceReducedKg: Math.max(0, juiceKg - boiledOffKg),
    rawM3: lines.reduce((sum, line) => sum + line.massKg / pantry.find(line.ingredientId).densityKgPerM3, 0),
    waterShare,
    densityKgPerM3: 950 + 110 * waterShare,
  };
}

/** Salt in cheese, stock, fish and the like, kg. */
function saltOfParts(lines: Formula, pantry: Pantry): number {
  return lines.reduce((sum, line) => {
    const { role, composition } = pantry.find(line.ingredientId);
    return role === 'salt' ? sum : sum + line.massKg * composition.salt;
  }, 0);
}
