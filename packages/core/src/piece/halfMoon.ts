import { requireWithin } from '../errors.js';

/** Mean and greatest of the membrane −∇²φ = 1 on a unit half-disc (closed series; models.md §4). */
const HALF_DISC_MEAN = 0.0474;
const HALF_DISC_MOST = 0.0976;
/** A fold edge is not pinned: it gives more room and rise than a sealed one. */
const FOLD_ROOM = 1.4;
const FOLD_RISE = 1.6;

/** Fitted to three-dimensional conduction: shape exponent of a half-moon. */
export const HALF_MOON_EXPONENT = 1.45;
/** Share of the skin that floats over the oil. */
export const HALF_MOON_EXPOSED = 0.35;

/** A half-moon before folding. Lengths in m. */
export interface HalfMoonSpec {
  /** Rolled disc, 0.02–0.4. */
  readonly discM: number;
  /** Rolled thickness, 0.0004–0.012. */
  readonly thicknessM: number;
  /** Bare rim kept for sealing, 0.002–0.04. */
  readonly sealM: number;
  /** Filling of one piece, kg, 0–1. */
  readonly fillingKg: number;
  readonly fillingKgPerM3: number;
  readonly doughKgPerM3: number;
  /** Area stretch the dough takes before it thins dangerously, 0.01–0.5. */
  readonly stretch: number;
}

/** A folded half-moon, all computed. Lengths m, volumes m³, masses kg. */
export interface HalfMoon {
  readonly doughKg: number;
  readonly doughM3: number;
  readonly fillingM3: number;
  readonly airM3: number;
  /** What the pocket holds before the wall thins dangerously. */
  readonly capacityM3: number;
  /** Filling over capacity; 0.6–0.85 holds. */
  readonly fill: number;
  readonly wallCrownM: number;
  readonly wallSeamM: number;
  /** Two layers pressed together. */
  readonly sealThickM: number;
  /** Rise of each face over the fold plane. */
  readonly riseM: number;
  /** Through the thickest place. */
  readonly thicknessM: number;
  readonly widthM: number;
  readonly depthM: number;
  readonly sealLengthM: number;
  readonly pocketRadiusM: number;
  /** Skin that meets the oil. */
  readonly surfaceM2: number;
  readonly volumeM3: number;
  /** Coldest point to nearest skin. */
  readonly heatRadiusM: number;
}

/** Chord of a shallow arch of given length and rise; its length is c·(1 + 8/3·(rise/c)²). */
function chordOf(lengthM: number, riseM: number): number {
  const disc = lengthM * lengthM - (32 / 3) * riseM * riseM;
  // Past this rise the shallow arch has no chord: the steepest one that does is a third.
  return disc > 0 ? (lengthM + Math.sqrt(disc)) / 2 : lengthM / 2;
}

/**
 * Whole geometry of a half-moon from disc, thickness, seal and filling: capacity
 * V = 2A√(2ε⟨φ⟩)·1.4, f′ = f + air, rise H = f′·H_cap, thickness 2H + two walls thinned by ε f′².
 * Source: models.md §4, our own; see docs/models/fold.md.
 *
 * Returns `null` when the seal leaves no pocket at all.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function halfMoon(spec: HalfMoonSpec): HalfMoon | null {
  requireWithin(spec.discM, 0.02, 0.4, 'fold.discM');
  requireWithin(spec.thicknessM, 0.0004, 0.012, 'fold.thicknessM');
  requireWithin(spec.sealM, 0.002, 0.04, 'fold.sealM');
  requireWithin(spec.fillingKg, 0, 1, 'fold.fillingKg');
  requireWithin(spec.fillingKgPerM3, 300, 1600, 'fillingKgPerM3');
  requireWithin(spec.doughKgPerM3, 300, 1600, 'doughKgPerM3');
  requireWithin(spec.stretch, 0.01, 0.5, 'stretch');
  const discRadius = spec.discM / 2;
  const pocket = discRadius - spec.sealM;
  if (pocket < 0.003) return null;
  const mean = HALF_DISC_MEAN * pocket * pocket;
  const most = HALF_DISC_MOST * pocket * pocket;
  const area = (Math.PI * pocket * pocket) / 2;
  const wide = spec.stretch > 0.2 ? 1 + spec.stretch / 3 : 1;
  const capacityM3 = 2 * area * Math.sqrt(2 * spec.stretch * mean) * FOLD_ROOM * wide;
  const fillingM3 = spec.fillingKg / spec.fillingKgPerM3;
  const fill = fillingM3 / capacityM3;
  const airShare = 0.05 * Math.max(0, 1 - fill);
  const filled = fill + airShare;
  const used = spec.stretch * filled * filled;
  const riseM = filled * most * Math.sqrt((2 * spec.stretch) / mean) * FOLD_RISE;
  const wallCrownM = spec.thicknessM / (1 + used);
  const discArea = Math.PI * discRadius * discRadius;
  const doughM3 = discArea * spec.thicknessM;
  const airM3 = airShare * capacityM3;
  const thicknessM = 2 * riseM + 2 * wallCrownM;
  return {
    doughKg: doughM3 * spec.doughKgPerM3,
    doughM3,
    fillingM3,
    airM3,
    capacityM3,
    fill,
    wallCrownM,
    wallSeamM: spec.thicknessM / (1 + 2 * used),
    sealThickM: 2 * spec.thicknessM,
    riseM,
    thicknessM,
    widthM: chordOf(2 * pocket * (1 + used), riseM) + 2 * spec.sealM,
    depthM: chordOf(pocket * (1 + used), riseM) + spec.sealM,
    sealLengthM: Math.PI * (discRadius - spec.sealM / 2),
    pocketRadiusM: pocket,
    surfaceM2: discArea * (1 + used),
    volumeM3: doughM3 + fillingM3 + airM3,
    heatRadiusM: thicknessM / 2,
  };
}

/** Thickness that gives a wanted dough portion on this disc, m. */
export function thicknessForDough(doughKg: number, discM: number, doughKgPerM3: number): number {
  return doughKg / doughKgPerM3 / (Math.PI * (discM / 2) ** 2);
}

/**
 * Section through the middle, from the fold (x = 0) to the inner edge of the seal, upper
 * half, m: outer skin and filling surface. Blunt at the fold, pointed at the seal. For
 * drawing to scale; no other figure uses it.
 */
export function halfMoonSection(
  piece: HalfMoon,
  sealM: number,
  points = 40,
): { x: number; outer: number; inner: number }[] {
  const end = piece.depthM - sealM;
  const sealHalf = piece.sealThickM / 2;
  const peak = Math.pow(0.4, 0.6) * Math.pow(0.6, 0.9);
  return Array.from({ length: points + 1 }, (_, i) => {
    const u = i / points;
    const inner = (piece.riseM * Math.pow(u, 0.6) * Math.pow(1 - u, 0.9)) / peak;
    const wall = piece.wallCrownM + (sealHalf - piece.wallCrownM) * Math.pow(u, 4);
    return { x: u * end, outer: inner + wall, inner };
  });
}
