import { LIMITS } from '../limits/limits.js';
import { FRY_HORIZON_S, RANGES } from '../draft/ranges.js';
import { requireIn, requireWithin } from '../errors.js';
import { FRY_STEPPING } from '../heat/advanceFry.js';
import { CRUST_LIMITS } from '../heat/colour.js';
import type { FryBodySpec } from '../heat/fryBody.js';
import { darkerFace, type FrySample, momentWhen, palerFace, sampleAt, solveFry } from '../heat/solveFry.js';
import { rampFrom } from '../oil/ramp.js';
import type { OilRamp, TurnMethod } from '../draft/choices.js';

/** What comes out of oil at one temperature after so many minutes. */
export type FryRegion = 'raw' | 'dark-raw' | 'pale' | 'right' | 'dark';

/** Every oil and every moment for one piece. */
export interface FryMapSpec {
  readonly body: FryBodySpec;
  readonly turn: TurnMethod;
  readonly coreTargetC: number;
  /** Air in which pieces rest when they are out of the oil, °C. */
  readonly roomC: number;
  /** As in `FrySolveSpec`. */
  readonly coreIsLine?: boolean;
  /** It leaves the oil by its colour and is done in the oven: the inside is not judged here. Absent: it is. */
  readonly byColour?: boolean;
  /** Oil that rises: the rows begin where they say, and rise as this one does from `rampFromC`. */
  readonly ramp?: { readonly ramp: OilRamp; readonly fromC: number };
  /** How portions differ, standard deviation over mean; absent: as by most hands. */
  readonly portionSpread?: number;
  /** Temperatures of the oil, °C, 110–200. */
  readonly oilC: { readonly least: number; readonly most: number };
  /** Rows of the map, 2–121, and columns over the time, 2–400. */
  readonly rows: number;
  readonly columns: number;
  /** s, 60–1800. */
  readonly horizonS: number;
}

/** One temperature of the oil, all the time through. Moments in s, `null` when not within the horizon. */
export interface FryMapRow {
  readonly oilC: number;
  readonly horizonS: number;
  /** Colour of the paler and the darker face, one figure a column, from 0 to the horizon. */
  readonly paler: Float32Array;
  readonly darker: Float32Array;
  readonly doneS: number | null;
  /** The three questions apart: dough set, filling safe (`null` too where nothing asks it), filling hot. */
  readonly setS: number | null;
  readonly safeS: number | null;
  readonly hotS: number | null;
  /** Paler face golden; darker face past brown. */
  readonly goldenS: number | null;
  readonly darkS: number | null;
  readonly converged: boolean;
}

/** Cells of a map's bodies: its moments lie within 3 % of a plan's. */
const WALL_CELLS = 9;
const FILLING_CELLS = 6;
const SOLID_CELLS = 16;

/** Longer than this after it is ready nobody leaves a piece in, s: a dark that is never reached is no merit. */
export const LEFT_IN_S = 300;

/** And longer steps: a moment moves by a second or two. */
export const MAP_STEPPING = { ...FRY_STEPPING, firstS: 0.1, growth: 1.2, mostS: 3 };

export function coarse(body: FryBodySpec): FryBodySpec {
  return {
    ...body,
    wallCells: body.fillingCells === 0 ? SOLID_CELLS : WALL_CELLS,
    fillingCells: body.fillingCells === 0 ? 0 : FILLING_CELLS,
  };
}

/**
 * The same piece a little smaller or larger: its wall is rolled as before.
 * @param factor of its thickness, 0.5–2
 * @example sizedBody(body, 0.5).radiusM / body.radiusM // 0.5
 */
export function sizedBody(body: FryBodySpec, factor: number): FryBodySpec {
  requireWithin(factor, 0.5, 2, 'factor');
  const radiusM = Math.max(0.0005, Math.min(0.1, body.radiusM * factor));
  return { ...body, radiusM, wallM: body.fillingCells === 0 ? radiusM : Math.min(body.wallM, 0.95 * radiusM) };
}

export function requireMap(spec: FryMapSpec): void {
  requireIn(spec.oilC.least, RANGES.draft.oilC, 'oilC.least');
  requireWithin(spec.oilC.most, spec.oilC.least, RANGES.draft.oilC.most, 'oilC.most');
  requireWithin(spec.rows, 2, 121, 'rows');
  requireWithin(spec.columns, 2, 400, 'columns');
  requireWithin(spec.horizonS, 60, RANGES.draft.minutesS.most, 'horizonS');
}

/**
 * One row of the map.
 * @param index 0 (the coolest) to rows − 1
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example fryMapRow(mapSpec, 0).oilC // 140
 */
export function fryMapRow(spec: FryMapSpec, index: number): FryMapRow {
  requireMap(spec);
  const { least, most } = spec.oilC;
  const oilC = least + ((most - least) * index) / (spec.rows - 1);
  const { body, turn, coreTargetC, coreIsLine, horizonS, columns } = spec;
  // Fried as long as a plan looks: the result does not depend on how much of it is shown.
  const solution = solveFry({
    body: coarse(body),
    oilC,
    turn,
    coreTargetC,
    horizonS: FRY_HORIZON_S,
    stepping: MAP_STEPPING,
    ...rampAt(spec, oilC),
    enough: { afterS: LEFT_IN_S, leastS: horizonS },
    ...(coreIsLine === undefined ? {} : { coreIsLine }),
  });
  const paler = new Float32Array(columns);
  const darker = new Float32Array(columns);
  const grow = growthAfter(solution.samples);
  const endS = solution.samples[solution.samples.length - 1]!.timeS;
  for (let i = 0; i < columns; i++) {
    const timeS = (horizonS * i) / (columns - 1);
    const sample = sampleAt(solution.samples, timeS);
    // The solver stops when all is known; colour goes on as it went.
    const more = grow * Math.max(0, timeS - endS);
    paler[i] = palerFace(sample) + more;
    darker[i] = darkerFace(sample) + more;
  }
  return {
    oilC,
    horizonS,
    paler,
    darker,
    doneS: spec.byColour ? 0 : solution.doneS,
    setS: solution.doughSetS,
    safeS: coreIsLine === false ? null : solution.coreS,
    hotS: body.fillingCells === 0 ? null : momentWhen(solution.samples, (sample) => sample.coreC, LIMITS.bite.hotC),
    goldenS: momentWhen(solution.samples, palerFace, CRUST_LIMITS.pale),
    darkS: solution.darkS,
    converged: solution.converged,
  };
}

export function rampAt({ ramp }: FryMapSpec, oilC: number): { readonly ramp?: OilRamp } {
  const moved = ramp && rampFrom(ramp.ramp, ramp.fromC, oilC);
  return moved ? { ramp: moved } : {};
}

/** Colour a second over the last two minutes, both faces alike. */
function growthAfter(samples: readonly FrySample[]): number {
  const last = samples[samples.length - 1]!;
  const before = sampleAt(samples, Math.max(0, last.timeS - 120));
  const mean = (sample: FrySample) => (sample.colours[0] + sample.colours[1]) / 2;
  return (mean(last) - mean(before)) / Math.max(1, last.timeS - before.timeS);
}

/**
 * Rows in the order they are best computed: every eighth first, then what lies between.
 * @example fryMapOrder(3) // [0,2,1]
 */
export function fryMapOrder(rows: number): number[] {
  const order: number[] = [];
  const seen = new Set<number>();
  for (const step of [8, 4, 2, 1]) {
    for (let i = 0; i < rows; i += step) if (!seen.has(i)) order.push(seen.add(i) && i);
    // The last row closes the coarse map.
    if (!seen.has(rows - 1)) order.push(seen.add(rows - 1) && rows - 1);
  }
  return order;
}

/**
 * What comes out of a row's oil at a moment.
 * @example fryRegion({ doneS: 300, goldenS: 400, darkS: 600 }, 500) // 'right'
 */
export function fryRegion(row: Pick<FryMapRow, 'doneS' | 'goldenS' | 'darkS'>, timeS: number): FryRegion {
  const isDone = row.doneS !== null && timeS >= row.doneS;
  const isDark = row.darkS !== null && timeS >= row.darkS;
  if (!isDone) return isDark ? 'dark-raw' : 'raw';
  if (isDark) return 'dark';
  return row.goldenS !== null && timeS >= row.goldenS ? 'right' : 'pale';
}
