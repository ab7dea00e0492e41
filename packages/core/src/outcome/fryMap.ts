import { LIMITS } from '../limits/limits.js';
import { FRY_HORIZON_S, RANGES } from '../draft/ranges.js';
import { requireIn, requireWithin } from '../errors.js';
import { FRY_STEPPING } from '../heat/advanceFry.js';
import { CRUST_LIMITS, TAKE_OUT_COLOUR } from '../heat/colour.js';
import { bestMoment, colourMoment } from './outcomeChances.js';
import type { OutcomeSurface } from './outcomeSurface.js';
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

/** A point and how far it may be missed: either way, alone. */
export interface ForgivingPoint {
  readonly oilC: number;
  readonly timeS: number;
  readonly marginC: number;
  readonly marginS: number;
  /** Both at once, in units of ±5 °C with ±45 s. */
  readonly margin: number;
}

/** What hands and oil miss by. Source: docs/models/frying.md. */
const MISS_C = 5;
const MISS_S = 45;
/** Golden at or under this is preferred: less acrylamide. Source: docs/models/frying.md. */
const PREFER_C = 175;

/** Longer than this after it is ready nobody leaves a piece in, s: a dark that is never reached is no merit. */
const LEFT_IN_S = 300;
/** Chances that lie so close are as good as one another. */
const AS_GOOD = 0.01;
/** To be missed by more than this is worth nothing more: then the quicker point is the better one. */
const ENOUGH_MARGIN = 1.5;
const NEARLY = 0.9;

const windowOf = ({ doneS, goldenS, darkS }: FryMapRow): [number, number] | null => {
  if (doneS === null || goldenS === null) return null;
  const from = Math.max(doneS, goldenS);
  const to = Math.min(darkS ?? Infinity, from + LEFT_IN_S);
  return to > from ? [from, to] : null;
};

/** How far a point may be missed both ways at once before it comes out wrong; 0 when it is wrong already. */
function marginAt(rows: readonly FryMapRow[], oilC: number, timeS: number): number {
  let margin = Infinity;
  for (const row of rows) {
    const away = Math.abs(row.oilC - oilC) / MISS_C;
    if (away >= margin) continue;
    const window = windowOf(row);
    const spare = window ? Math.min(timeS - window[0], window[1] - timeS) / MISS_S : -1;
    margin = Math.min(margin, Math.max(away, Math.max(0, spare)));
  }
  // Past the first and last row nothing is known.
  const edge = Math.min(oilC - rows[0]!.oilC, rows[rows.length - 1]!.oilC - oilC) / MISS_C;
  return Math.max(0, Math.min(margin, edge + 1));
}

/**
 * The most forgiving point within the oil that is usual for this dough. In each row the moment at which most pieces
 * made by hand are right; of rows as good as the best, those with the largest margin against ±5 °C and ±45 s together,
 * at or under 175 °C where that leaves a choice; and of these the quickest: a piece that lies long in cool oil is greasy.
 * `null` when nothing there is right.
 *
 * @param rows in rising order of oil temperature, at least two
 * @param usualC the family's own oil, °C
 * @param surface how pieces made by hand differ
 * @example forgivingPoint(rows, { least: 145, most: 165 }, fry.surface).oilC <= 165 // true
 */
export function forgivingPoint(
  rows: readonly FryMapRow[],
  usualC: { readonly least: number; readonly most: number },
  surface: OutcomeSurface,
): ForgivingPoint | null {
  const usual = rows.filter(({ oilC }) => oilC >= usualC.least && oilC <= usualC.most);
  const found = usual.flatMap((row) => {
    const best = bestOfRow(row, surface);
    return best ? [{ ...best, oilC: row.oilC, margin: marginAt(rows, row.oilC, best.timeS) }] : [];
  });
  const under = found.filter(({ oilC }) => oilC <= PREFER_C);
  const some = under.length > 0 ? under : found;
  const mostRight = some.reduce((most, { right }) => Math.max(most, right), 0);
  const all = some.filter(({ right }) => right >= mostRight - AS_GOOD);
  const most = all.reduce((best, { margin }) => Math.max(best, margin), 0);
  const enough = NEARLY * Math.min(most, ENOUGH_MARGIN);
  const best = all
    .filter(({ margin }) => margin >= enough && margin > 0)
    .reduce<(typeof all)[number] | null>((quick, one) => (quick && quick.timeS <= one.timeS ? quick : one), null);
  return best && { ...best, ...marginsAt(rows, best.oilC, best.timeS)! };
}

/** When most pieces made by hand are right in the oil of a row; `null`: when none is. Resting is not counted on. */
function bestOfRow(row: FryMapRow, surface: OutcomeSurface): { timeS: number; right: number } | null {
  const { doneS, goldenS, paler, darker, horizonS } = row;
  if (doneS === null || goldenS === null) return null;
  const last = paler.length - 1;
  const samples = Array.from(paler, (colour, i) => ({
    timeS: (horizonS * i) / last,
    colours: [colour, darker[i]!] as const,
  }));
  // Done from the start: the oven makes it so.
  const [setS, safeS] = doneS === 0 ? [0, 0] : [row.setS ?? Infinity, row.safeS ?? 0];
  const piece = { setS, safeS, setByRestS: setS, safeByRestS: safeS, restSpareS: 0, samples };
  const best = bestMoment(
    surface,
    piece,
    false,
    colourMoment(samples, (colours) => Math.min(...colours))(TAKE_OUT_COLOUR),
  );
  return best && windowOf(row) && best.timeS >= windowOf(row)![0] ? best : null;
}

/**
 * How far the oil alone, or the time alone, may be off at a point; `null` when it does not come out right.
 * @example marginsAt(rows, 158, 30) // null
 */
export function marginsAt(
  rows: readonly FryMapRow[],
  oilC: number,
  timeS: number,
): { marginC: number; marginS: number } | null {
  const row = rows.reduce((near, one) => (Math.abs(one.oilC - oilC) < Math.abs(near.oilC - oilC) ? one : near));
  const window = windowOf(row);
  if (!window || timeS < window[0] || timeS > (row.darkS ?? Infinity)) return null;
  let marginC = Infinity;
  for (const other of rows) {
    if (fryRegion(other, timeS) === 'right') continue;
    marginC = Math.min(marginC, Math.abs(other.oilC - oilC));
  }
  const edge = Math.max(oilC - rows[0]!.oilC, rows[rows.length - 1]!.oilC - oilC);
  return {
    marginC: Math.min(marginC, edge),
    marginS: Math.min(timeS - window[0], (row.darkS ?? Math.max(timeS, window[1])) - timeS),
  };
}
