import { requireWithin } from '../errors.js';
import { M3_PER_ML, type Measures } from '../quantity/units.js';
import type { Formula, FormulaLine } from './formula.js';
import type { Pantry } from './pantry.js';

/** What hangs in the kitchen to measure with. */
export interface MeasuringTools {
  readonly units: 'grams' | 'cups';
  /** Smallest step the scale shows, kg, 0.00001–0.1. */
  readonly scaleStepKg: number;
  readonly measures: Measures;
}

export interface RoundedFormula {
  readonly lines: Formula;
  /** Indices of lines no tool can measure that finely: they stay as they were. */
  readonly unmeasured: readonly number[];
}

/** A line may move this far, so that no ratio of two moves by more than 1 %. */
const MOST_OFF = 0.0049;
/** Round figures a scale is read at, in its own steps: the coarsest that is near enough wins. */
const SCALE_STEPS = [100, 50, 25, 20, 10, 5, 2, 1];
const SPOON_EIGHTHS = 8;

/** Nearest multiple of a step, when it lies within what a line may move. */
function nearest(massKg: number, stepKg: number): number | null {
  const rounded = Math.round(massKg / stepKg) * stepKg;
  return rounded > 0 && Math.abs(rounded - massKg) <= MOST_OFF * massKg ? rounded : null;
}

function byScale(massKg: number, scaleStepKg: number): number | null {
  for (const steps of SCALE_STEPS) {
    const rounded = nearest(massKg, steps * scaleStepKg);
    if (rounded !== null) return rounded;
  }
  return null;
}

function bySpoon(massKg: number, densityKgPerM3: number, { cupMl, teaspoonMl }: Measures): number | null {
  const kgPerMl = densityKgPerM3 * M3_PER_ML;
  for (const ml of [
    cupMl,
    cupMl / 2,
    cupMl / 4,
    teaspoonMl * 3,
    teaspoonMl,
    teaspoonMl / 2,
    teaspoonMl / SPOON_EIGHTHS,
  ]) {
    const rounded = nearest(massKg, ml * kgPerMl);
    if (rounded !== null) return rounded;
  }
  return null;
}

/**
 * Rounds a formula to what scale, cups and spoons can do, without moving any ratio of two lines
 * by more than 1 %. Lines too small for the tools stay exact and are named.
 *
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE (a scale step outside 0.01–100 g)
 * @example roundFormula([{ ingredientId: 'water', massKg: 0.3811 }], { units: 'grams', scaleStepKg: 0.001, measures: METRIC_MEASURES }, SHIPPED_PANTRY).lines[0].massKg // 0.38
 */
export function roundFormula(lines: Formula, tools: MeasuringTools, pantry: Pantry): RoundedFormula {
  requireWithin(tools.scaleStepKg, 1e-5, 0.1, 'scaleStepKg');
  const unmeasured: number[] = [];
  const rounded = lines.map((line, index): FormulaLine => {
    if (!(line.massKg > 0)) return line;
    const { densityKgPerM3 } = pantry.find(line.ingredientId);
    const scale = () => byScale(line.massKg, tools.scaleStepKg);
    const spoon = () => bySpoon(line.massKg, densityKgPerM3, tools.measures);
    // A kitchen of cups reaches for the scale only where no spoon will do, and the other way round.
    const massKg = tools.units === 'cups' ? (spoon() ?? scale()) : (scale() ?? spoon());
    if (massKg === null) unmeasured.push(index);
    return { ...line, massKg: massKg ?? line.massKg };
  });
  return { lines: rounded, unmeasured };
}
