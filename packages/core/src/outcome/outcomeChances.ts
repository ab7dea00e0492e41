import { LIMITS } from '../limits/limits.js';
import { HAND_SAMPLES } from './hands.js';
import { CRUST_LIMITS } from '../heat/colour.js';
import type { FrySample } from '../heat/solveFry.js';
import type { PlannedPiece } from './plannedPiece.js';
import { type HandFactors, handFactors, type OutcomeSurface } from './outcomeSurface.js';

/** Of so many pieces made by hand, how they come out. Shares, together 1; what fails twice counts as the worse. */
export interface OutcomeChances {
  readonly right: number;
  /** The middle does not reach the temperature at which it is safe. */
  readonly unsafe: number;
  /** The innermost dough does not set. */
  readonly raw: number;
  readonly pale: number;
  readonly dark: number;
}

/** When each of the pieces made by hand comes to what, s in the oil. */
interface HandMoments {
  readonly setS: Float64Array;
  readonly safeS: Float64Array;
  readonly goldenS: Float64Array;
  readonly darkS: Float64Array;
}

/** Factors of a surface, worked out once. */
const knownFactors = new WeakMap<OutcomeSurface, HandFactors>();
function factorsOf(surface: OutcomeSurface): HandFactors {
  let known = knownFactors.get(surface);
  if (!known) knownFactors.set(surface, (known = handFactors(surface)));
  return known;
}

/** Colour goes on after the last sample as it did for so long before it, s. */
const LAST_S = 120;

/** First moment at which a rising colour is there, s; `Infinity`: never. */
export function colourMoment(samples: PlannedPiece['samples'], face: (colours: FrySample['colours']) => number) {
  const colours = samples.map((sample) => face(sample.colours));
  const last = samples.length - 1;
  const endS = samples[last]!.timeS;
  const before = samples.findLastIndex(({ timeS }) => timeS <= endS - LAST_S);
  const perS = before < 0 ? 0 : (colours[last]! - colours[before]!) / (endS - samples[before]!.timeS);
  return (level: number): number => {
    const i = firstFrom(colours, level);
    if (i > last) return perS > 0 ? endS + (level - colours[last]!) / perS : Infinity;
    if (i === 0) return samples[0]!.timeS;
    const share = (level - colours[i - 1]!) / (colours[i]! - colours[i - 1]!);
    return samples[i - 1]!.timeS + share * (samples[i]!.timeS - samples[i - 1]!.timeS);
  };
}

/** Where the first of sorted figures stands that is no less than this one. */
function firstFrom(sorted: ArrayLike<number>, least: number): number {
  let [low, high] = [0, sorted.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sorted[middle]! >= least) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** @param withRest counts what resting does after they are taken out */
function handMoments(surface: OutcomeSurface, piece: PlannedPiece, withRest: boolean): HandMoments {
  const { set, safe, paler, darker } = factorsOf(surface);
  const insideOf = (factors: Float64Array, inOilS: number, byRestS: number) =>
    factors.map((factor) => {
      if (!withRest || inOilS === 0) return inOilS * factor;
      // What resting saves is between as long for every piece and longer for a slower one.
      return Number.isFinite(inOilS) ? (byRestS * (1 + factor) + inOilS * (factor - 1)) / 2 : byRestS * factor;
    });
  const colourOf = (face: (colours: FrySample['colours']) => number, limit: number, factors: Float64Array) => {
    const when = colourMoment(piece.samples, face);
    if (surface.coloursAt === 'a-moment') return factors.map((factor) => when(limit / factor));
    const plannedS = when(limit);
    return factors.map((factor) => plannedS * factor);
  };
  return {
    setS: insideOf(set, piece.setS, piece.setByRestS),
    safeS: insideOf(safe, piece.safeS, piece.safeByRestS),
    goldenS: colourOf((colours) => Math.min(...colours), CRUST_LIMITS.pale, paler),
    darkS: colourOf((colours) => Math.max(...colours), CRUST_LIMITS.brown, darker),
  };
}

/**
 * How pieces made by hand come out when all are taken out after the same time, rested.
 * @param timeS s in the oil
 * @example chancesAt(fry.surface, asPlanned, 10).raw // 1
 */
export function chancesAt(surface: OutcomeSurface, piece: PlannedPiece, timeS: number): OutcomeChances {
  const { setS, safeS, goldenS, darkS } = handMoments(surface, piece, true);
  return sharesOf((i) => ({
    isUnsafe: timeS < safeS[i]!,
    isRaw: timeS < setS[i]!,
    isDark: timeS >= darkS[i]!,
    isPale: timeS < goldenS[i]!,
  }));
}

/** What is wrong with one piece. */
interface PieceFaults {
  readonly isUnsafe: boolean;
  readonly isRaw: boolean;
  readonly isDark: boolean;
  readonly isPale: boolean;
}

/** Shares of pieces by what is wrong with them. @param faultsOf of each of so many pieces, by its index */
export function sharesOf(faultsOf: (index: number) => PieceFaults, pieces = HAND_SAMPLES.length): OutcomeChances {
  const count = { right: 0, unsafe: 0, raw: 0, pale: 0, dark: 0 };
  for (let i = 0; i < pieces; i++) {
    const { isUnsafe, isRaw, isDark, isPale } = faultsOf(i);
    count[isUnsafe ? 'unsafe' : isRaw ? 'raw' : isDark ? 'dark' : isPale ? 'pale' : 'right'] += 1;
  }
  const share = (key: keyof OutcomeChances) => count[key] / pieces;
  return {
    right: share('right'),
    unsafe: share('unsafe'),
    raw: share('raw'),
    pale: share('pale'),
    dark: share('dark'),
  };
}

/** Share of unsafe middles that a chosen moment allows: half of the share that stops a plan. */
const MOST_UNSAFE = LIMITS.outcome.unsafeShare / 2;
/** Moments whose chances lie so close are as good as one another. */
const AS_GOOD = 0.01;

/** When most pieces made by hand are right, and how many. */
export interface BestMoment {
  readonly timeS: number;
  readonly right: number;
}

/**
 * The moment at which most pieces come out right, never so early that middles are unsafe. Of moments as good
 * as one another, the first from `soonestS` on.
 *
 * @param withRest counts what resting does after they are taken out
 * @param soonestS the planned piece has the colour at which this cook takes pieces out
 * @returns `null`: no moment is right for any
 */
export function bestMoment(
  surface: OutcomeSurface,
  piece: PlannedPiece,
  withRest: boolean,
  soonestS: number,
): BestMoment | null {
  const { setS, safeS, goldenS, darkS } = handMoments(surface, piece, withRest);
  const pieces = HAND_SAMPLES.length;
  if (withRest && piece.restSpareS > 0) for (const [i, safe] of safeS.entries()) safeS[i] = safe + piece.restSpareS;
  const floorS = safeS.slice().sort()[Math.ceil((1 - MOST_UNSAFE) * pieces) - 1]!;
  const from = new Float64Array(pieces);
  const to = new Float64Array(pieces);
  let windows = 0;
  for (let i = 0; i < pieces; i++) {
    const fromS = Math.max(floorS, setS[i]!, safeS[i]!, goldenS[i]!);
    if (!(fromS < darkS[i]!)) continue;
    from[windows] = fromS;
    to[windows] = darkS[i]!;
    windows += 1;
  }
  if (windows === 0) return null;
  const opens = from.slice(0, windows).sort();
  const closes = to.slice(0, windows).sort();
  const openAt = (timeS: number) => firstFrom(opens, timeS + 1e-6) - firstFrom(closes, timeS + 1e-6);
  const candidates = [...opens, soonestS].sort((a, b) => a - b).map((timeS) => ({ timeS, open: openAt(timeS) }));
  const most = candidates.reduce((best, { open }) => Math.max(best, open), 0);
  const good = candidates.filter(({ open }) => open >= most - AS_GOOD * pieces);
  const chosen = good.find(({ timeS }) => timeS >= soonestS) ?? good[good.length - 1]!;
  return { timeS: chosen.timeS, right: chosen.open / pieces };
}
