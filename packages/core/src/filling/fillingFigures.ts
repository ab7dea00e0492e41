import { clamp, requireWithin } from '../errors.js';
import { type Formula, formulaTotals, type FormulaTotals } from '../ingredient/formula.js';

/** Usual salt of a savoury filling, percent of its cooked mass. */
export const SALT_BAND = { least: 0.8, most: 1.6 } as const;

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
  /** Water by mass when cooked, 0–0.97. */
  readonly waterShare: number;
  /** kg/m³, from the water left: 950 nearly dry to 1060 wet. */
  readonly densityKgPerM3: number;
}

/**
 * Filling formula cooked dry to a share of its raw mass.
 *
 * @param cookToShare cooked over raw mass, 0.3–1; the water that leaves is never more than there is
 * @param panKg tare, 0–10
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE
 * @example fillingFigures([{ ingredientId: 'onion', massKg: 1 }], 0.8, 0.5).targetWithPanKg // 1.3
 */
export function fillingFigures(lines: Formula, cookToShare: number, panKg: number): FillingFigures {
  requireWithin(cookToShare, 0.3, 1, 'filling.cookToShare');
  requireWithin(panKg, 0, 10, 'filling.panKg');
  const totals = formulaTotals(lines, 'filling.lines');
  const rawKg = totals.massKg;
  const boiledOffKg = Math.min((1 - cookToShare) * rawKg, totals.parts.water);
  const targetKg = rawKg - boiledOffKg;
  const waterShare = targetKg > 0 ? clamp((totals.parts.water - boiledOffKg) / targetKg, 0, 0.97) : 0;
  return {
    totals,
    rawKg,
    linePercents: lines.map((line) => (rawKg > 0 ? (100 * line.massKg) / rawKg : 0)),
    targetKg,
    targetWithPanKg: targetKg + panKg,
    boiledOffKg,
    saltPercent: targetKg > 0 ? (100 * totals.parts.salt) / targetKg : 0,
    waterShare,
    densityKgPerM3: 950 + 110 * waterShare,
  };
}
