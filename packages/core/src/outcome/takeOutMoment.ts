import { CRUST_LIMITS } from '../heat/colour.js';
import { bestMoment } from './outcomeChances.js';
import type { OutcomeSurface } from './outcomeSurface.js';
import type { PlannedPiece } from './plannedPiece.js';

/** Resting is counted on where so many more of 100 pieces come out right by it. */
const REST_WORTH = 0.05;

/**
 * The moment at which most pieces made by hand come out right, from the plan's surface and one fried piece: the
 * planned one, or one that went through what the oil really did. Source: docs/models/outcome.md.
 *
 * @param colourS when the piece has the colour at which this cook takes pieces out, s; `null`: never
 * @param counts whether resting is counted on; `null`: where it makes enough of a difference
 * @returns s in the oil; `null`: no moment has colour, set dough and a safe core without being too dark
 */
export function takeOutMoment(
  surface: OutcomeSurface,
  piece: PlannedPiece,
  colourS: number | null,
  counts: boolean | null = null,
): number | null {
  if (colourS === null) return null;
  const inOil = counts === true ? null : bestMoment(surface, piece, false, colourS);
  const isEnough = counts === false || (counts === null && inOil !== null && inOil.right > 1 - REST_WORTH);
  const rested = isEnough ? null : bestMoment(surface, piece, true, colourS);
  const best = rested && rested.right > (inOil?.right ?? 0) + REST_WORTH ? rested : (inOil ?? rested);
  if (best === null) return null;
  // The planned piece itself is right then, or nothing is.
  const readyS = Math.max(piece.setByRestS, piece.safeByRestS);
  return best.timeS < readyS || darkAt(piece, best.timeS) ? null : best.timeS;
}

/** Whether the planned piece is too dark by then. */
function darkAt({ samples }: PlannedPiece, timeS: number): boolean {
  const first = samples.find(({ colours }) => Math.max(...colours) >= CRUST_LIMITS.brown);
  return first !== undefined && first.timeS <= timeS;
}
