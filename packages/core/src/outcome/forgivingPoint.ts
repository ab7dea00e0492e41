import { TAKE_OUT_COLOUR } from '../heat/colour.js';
import { type FryMapRow, fryRegion, LEFT_IN_S } from './fryMap.js';
import { bestMoment, colourMoment } from './outcomeChances.js';
import type { OutcomeSurface } from './outcomeSurface.js';

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
  const window = windowOf(row);
  return best && window && best.timeS >= window[0] ? best : null;
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
