import { CRUST_LIMITS } from '../heat/colour.js';
import { bestMoment } from './outcomeChances.js';
import type { OutcomeSurface } from './outcomeSurface.js';
import type { PlannedPiece } from './plannedPiece.js';

/** When to take out, and why then. */
export interface TakeOutMoment {
  /** s in the oil; `null`: no moment has colour, set dough and a safe core without being too dark. */
  readonly takeOutS: number | null;
  /** It is taken out before it is done, for it gets there while it rests. */
  readonly rests: boolean;
}

/** Resting is counted on where so many more of 100 pieces come out right by it. */
const REST_WORTH = 0.05;

/**
 * The moment at which most pieces made by hand come out right, from the plan's surface and one fried piece: the
 * planned one, or one that went through what the oil really did. Source: docs/models/outcome.md.
 *
 * @param colourS when the piece has the colour at which this cook takes pieces out, s; `null`: never
 * @param counts whether resting is counted on; `null`: where it makes enough of a difference
 */
export function takeOutMoment(
  surface: OutcomeSurface,
  piece: PlannedPiece,
  colourS: number | null,
  counts: boolean | null = null,
): TakeOutMoment {
  const none = { takeOutS: null, rests: false };
  if (colourS === null) return none;
  const inOil = counts === true ? null : bestMoment(surface, piece, false, colourS);
  const isEnough = counts === false || (counts === null && inOil !== null && inOil.right > 1 - REST_WORTH);
  const rested = isEnough ? null : bestMoment(surface, piece, true, colourS);
  const best = rested && rested.right > (inOil?.right ?? 0) + REST_WORTH ? rested : (inOil ?? rested);
  if (best === null) return none;
  // The planned piece itself is right then, or nothing is.
  const readyS = Math.max(piece.setByRestS, piece.safeByRestS);
  const { timeS } = best;
  if (timeS < readyS || darkAt(piece, timeS)) return none;
  return { takeOutS: timeS, rests: timeS < Math.max(piece.setS, piece.safeS) };
}

/** Whether the planned piece is too dark by then. */
function darkAt({ samples }: PlannedPiece, timeS: number): boolean {
  const first = samples.find(({ colours }) => Math.max(...colours) >= CRUST_LIMITS.brown);
  return first !== undefined && first.timeS <= timeS;
}
