import { RANGES } from '../../draft/ranges.js';
import { requireIn, requireWithin } from '../../errors.js';
import { type CutLayout, cutLayout, type CutterShape, cutAreaM2, type Sheet } from './lattice.js';

/** A mass of dough rolled out and cut, until less than one more comes out of it. */
export interface CuttingSpec {
  readonly shape: CutterShape;
  /** Diameter, or side, m, 0.01–0.5. */
  readonly acrossM: number;
  /** Cuts one piece takes: two for a piece of two discs. */
  readonly perPiece: number;
  readonly thicknessM: number;
  readonly doughKg: number;
  readonly doughKgPerM3: number;
  /** Room to roll out on, m; a sheet takes no more of it than this. */
  readonly board: Sheet;
  /** How a roll toughens the dough: 1 for dough of gluten, 0 for dough without; scalded in between. */
  readonly toughens: number;
}

/** One rolling of dough: how many sheets alike, one drawn, and what it gives. */
export interface CutRoll {
  /** Of all the dough there is for this roll, sheets of this size. */
  readonly sheets: number;
  readonly sheet: Sheet;
  readonly layout: CutLayout;
  readonly cuts: number;
  readonly offcutKg: number;
  /** How tough its pieces are against first-cut ones: 1, then more. */
  readonly toughness: number;
}

export interface Cutting {
  readonly rolls: readonly CutRoll[];
  readonly cuts: number;
  readonly pieces: number;
  /** Too little for one more. */
  readonly leftKg: number;
  /** Lost to board and flour in re-rolling. */
  readonly lostKg: number;
  /** What the same dough gives divided by weight, shaped one by one. */
  readonly byWeight: number;
}

/** The outermost of a rolled sheet is ragged and thin, m. */
export const RAGGED_M = 0.005;
/** Of what is gathered up and rolled again this share stays on board and pin. */
const LOST_A_ROLL = 0.02;
/** Each re-roll toughens gluten dough by this much. Our own. */
const TOUGHER = 0.15;
const MOST_ROLLS = 8;

/** Size of sheets: as the board is, no larger; the dough is divided evenly over as many as that takes. */
function sheetsFor(areaM2: number, board: Sheet): { sheets: number; sheet: Sheet } {
  const boardM2 = board.wideM * board.highM;
  const sheets = Math.max(1, Math.ceil(areaM2 / boardM2 - 1e-9));
  const scale = Math.sqrt(areaM2 / sheets / boardM2);
  return { sheets, sheet: { wideM: board.wideM * scale, highM: board.highM * scale } };
}

const inner = ({ wideM, highM }: Sheet): Sheet => ({
  wideM: Math.max(0, wideM - 2 * RAGGED_M),
  highM: Math.max(0, highM - 2 * RAGGED_M),
});

/**
 * Cuts in turns: each value given is the work so far, after one more roll, so that a worker can
 * tell how far it is and stop between. The last is the whole. Our own; see docs/models/fold.md.
 *
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example [...cuttingRolls(cuttingOf(draft, kitchen, plan))].length > 0 // true
 */
export function* cuttingRolls(spec: CuttingSpec): Generator<Cutting> {
  const { shape, acrossM, thicknessM, doughKg, doughKgPerM3, board, toughens } = spec;
  requireIn(thicknessM, RANGES.draft.thicknessM, 'thicknessM');
  requireWithin(doughKg, 0, 200, 'doughKg');
  requireWithin(doughKgPerM3, 300, 1600, 'doughKgPerM3');
  requireIn(board.wideM, RANGES.kitchen.boardM, 'board.wideM');
  requireIn(board.highM, RANGES.kitchen.boardM, 'board.highM');
  requireWithin(spec.perPiece, 1, 2, 'perPiece');
  requireWithin(toughens, 0, 1, 'toughens');
  const kgPerM2 = thicknessM * doughKgPerM3;
  const eachKg = cutAreaM2(shape, acrossM) * kgPerM2;
  const rolls: CutRoll[] = [];
  let leftKg = doughKg;
  let cuts = 0;
  let lostKg = 0;
  const soFar = (): Cutting => ({
    rolls: [...rolls],
    cuts,
    pieces: Math.floor(cuts / spec.perPiece),
    leftKg,
    lostKg,
    byWeight: Math.floor(doughKg / (eachKg * spec.perPiece) + 1e-6),
  });
  while (rolls.length < MOST_ROLLS) {
    const again = rolls.length > 0;
    const lost = again ? LOST_A_ROLL * leftKg : 0;
    const rolledKg = leftKg - lost;
    if (rolledKg < eachKg) break;
    const { sheets, sheet } = sheetsFor(rolledKg / kgPerM2, board);
    const layout = cutLayout(shape, acrossM, inner(sheet));
    const made = sheets * layout.places.length;
    // A last lump is patted into one cut though its square sheet would not hold it.
    const given = made > 0 ? made : 1;
    lostKg += lost;
    leftKg = Math.max(0, rolledKg - given * eachKg);
    cuts += given;
    rolls.push({
      sheets,
      sheet,
      layout,
      cuts: given,
      offcutKg: leftKg,
      toughness: 1 + TOUGHER * toughens * rolls.length,
    });
    yield soFar();
  }
  if (rolls.length === 0) yield soFar();
}

/**
 * First cut, re-rolls, what is left, and the count by weight beside it.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example cutSheet(cuttingOf(draft, kitchen, plan)).pieces >= 24 // false
 */
export function cutSheet(spec: CuttingSpec): Cutting {
  let whole: Cutting | null = null;
  for (const soFar of cuttingRolls(spec)) whole = soFar;
  return whole!;
}
