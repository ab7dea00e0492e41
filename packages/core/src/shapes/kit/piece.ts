import type { ShapeLook } from './drawn.js';
import type { HeatBody } from './heatBody.js';
import type { PieceMesh } from './mesh.js';
import { RANGES } from '../../draft/ranges.js';
import type { EdgeId, Point } from '../../draft/choices.js';
import { type ShapeId, type TurnMethod } from '../../draft/choices.js';
import { requireIn, requireWithin } from '../../errors.js';

/** One piece before it is folded. Lengths in m. */
export interface PieceSpec {
  /** Blank across: diameter of a disc, side of a square, width of a strip or sheet; 0.02–0.4. */
  readonly discM: number;
  /** Length of a strip or sheet, 0.02–1.5; other blanks have none. */
  readonly lengthM: number;
  /** Rolled thickness, 0.0004–0.012. */
  readonly thicknessM: number;
  /** Bare rim, overlap or end kept for sealing, 0.002–0.04. */
  readonly sealM: number;
  /** Filling of one piece, kg, 0–1. */
  readonly fillingKg: number;
  readonly fillingKgPerM3: number;
  readonly doughKgPerM3: number;
  /** Area stretch the dough takes before it thins dangerously, 0.01–0.5. */
  readonly stretch: number;
  /** How the rim is finished, where the shape has one to finish; absent: pressed plain. */
  readonly edge?: EdgeId;
  /** Air is pressed out from the middle before the last of the seam closes; absent: it is not. */
  readonly airPressed?: boolean;
  /** Of an own cutter: its outline, the longer side 1; absent: a leaf. */
  readonly outline?: readonly Point[];
}

/** A folded piece, all computed. Lengths m, volumes m³, masses kg. */
export interface Piece {
  readonly shape: ShapeId;
  /** Weighed for one piece; a gathered one gives its knot back. */
  readonly doughKg: number;
  /** In its wall. */
  readonly doughM3: number;
  readonly fillingM3: number;
  readonly airM3: number;
  /** What it holds before the wall thins dangerously, or before it no longer closes. */
  readonly capacityM3: number;
  /** Filling over capacity; 0.6–0.85 holds. */
  readonly fill: number;
  readonly wallCrownM: number;
  /** The thinnest place. */
  readonly wallSeamM: number;
  /** Layers of dough in the wall, one over the other; 1 in most shapes. */
  readonly layers: number;
  /** Where layers are pressed together, or gathered. */
  readonly sealThickM: number;
  /** Rise of each face over the middle plane, filling only. */
  readonly riseM: number;
  /** Through the thickest place. */
  readonly thicknessM: number;
  readonly widthM: number;
  readonly depthM: number;
  readonly sealLengthM: number;
  /** Skin that meets the oil. */
  readonly surfaceM2: number;
  readonly volumeM3: number;
  /** Coldest point to nearest skin. */
  readonly heatRadiusM: number;
  /** From the middle of the pocket to its nearest edge, in its own plane. */
  readonly reachM: number;
  /** Of the equivalent body for heat, fitted to three-dimensional conduction. */
  readonly shapeExponent: number;
  /** Share of the skin that floats over the oil. */
  readonly exposedShare: number;
  /** Of gathered shapes: how the disc must be rolled, and what comes of rolling it flat; `null` elsewhere. */
  readonly gathered: Gathered | null;
  /** Of a bread that puffs: how far steam lifts each face from the middle; absent: other shapes do not. */
  readonly puffM?: number;
}

/** A disc drawn up around its filling. m, kg. */
export interface Gathered {
  /** Wall everywhere when the disc is rolled as said. */
  readonly evenWallM: number;
  /** Wall that the rolled profile is drawn for, so that it takes exactly the dough there is. */
  readonly rollForM: number;
  /** Thickness to roll the centre and the rim to, for an even wall. */
  readonly rollCentreM: number;
  readonly rollRimM: number;
  /** Walls of a disc rolled flat. */
  readonly flatSideM: number;
  readonly flatKnotM: number;
  /** Dough over at the closure, to be pinched off. */
  readonly knotKg: number;
}

/** One shape: its blank, the piece that comes of it, and how both look. A new shape is one folder and one line in `shapes.ts`. */
export interface Shape {
  readonly id: ShapeId;
  readonly look: ShapeLook;
  /** Its exponent for heat. */
  readonly heatBody: HeatBody;
  /** The blank is cut out with a round cutter, or with the cook's own; absent: with a knife, or not at all. */
  readonly cutter?: 'round' | 'own';
  /** One disc, filled on one half and folded over. */
  readonly foldsOver?: true;
  /** The filling is one whole thing, an egg or the like, and is not spooned. */
  readonly holdsOneWhole?: true;
  /** It fries and bakes in a tin, which shields its flank. */
  readonly standsInTin?: true;
  /** Steam is meant to part it into two walls. */
  readonly puffs?: true;
  /** Filling over dough under which a piece is mostly dough. Our own, see docs/models/fold.md. */
  readonly leastFillingShare: number;
  /** Its mesh, where it is no pillow over its outline. */
  mesh?(piece: Piece): PieceMesh;
  readonly blank: 'disc' | 'two-discs' | 'half-disc' | 'square' | 'strip' | 'sheet' | 'cup' | 'own';
  /** Blanks of this shape have a length of their own. */
  readonly hasLength: boolean;
  /** Has a flat rim that can be forked, roped or moulded. */
  readonly hasEdge: boolean;
  /** How it must be moved in the oil to come out as it should; absent: as its dough is. */
  readonly usualTurn?: TurnMethod;
  /** Dough rolled for one piece, m². */
  blankAreaM2(discM: number, lengthM: number, outline?: readonly Point[]): number;
  /** Whole geometry; `null` when the seal leaves no room at all. @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE */
  piece(spec: PieceSpec): Piece | null;
}

/** A pocket filled past twice what it holds does not close. */
export function closes(piece: Piece | null): piece is Piece {
  return piece !== null && piece.fill <= 2;
}

/** What the fryer's solver takes, from the coldest point to the skin: half a millimetre to 10 cm. */
export const HEAT_RADIUS_M = { least: 0.0005, most: 0.1 } as const;

/**
 * What closes, and is no thinner or thicker than the solver takes.
 * @example isFryable(null) // false
 */
export function isFryable(piece: Piece | null): piece is Piece {
  return closes(piece) && piece.heatRadiusM >= HEAT_RADIUS_M.least && piece.heatRadiusM <= HEAT_RADIUS_M.most;
}

/** @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE */
export function requirePiece(spec: PieceSpec): void {
  requireIn(spec.discM, RANGES.draft.discM, 'fold.discM');
  requireIn(spec.lengthM, RANGES.draft.lengthM, 'fold.lengthM');
  requireIn(spec.thicknessM, RANGES.draft.thicknessM, 'fold.thicknessM');
  requireIn(spec.sealM, RANGES.draft.sealM, 'fold.sealM');
  requireIn(spec.fillingKg, RANGES.draft.fillingEachKg, 'fold.fillingKg');
  requireWithin(spec.fillingKgPerM3, 300, 1600, 'fillingKgPerM3');
  requireWithin(spec.doughKgPerM3, 300, 1600, 'doughKgPerM3');
  requireWithin(spec.stretch, 0.01, 0.5, 'stretch');
}

/** Chord of a shallow arch of given length and rise; its length is c·(1 + 8/3·(rise/c)²). */
export function chordOf(lengthM: number, riseM: number): number {
  const disc = lengthM * lengthM - (32 / 3) * riseM * riseM;
  // Past this rise the shallow arch has no chord: the steepest one that does is a third.
  return disc > 0 ? (lengthM + Math.sqrt(disc)) / 2 : lengthM / 2;
}

/** Of the air pressed out, this share stays. Our own. */
const PRESSED_LEAVES = 0.2;

/**
 * Trapped air, share of capacity: a twentieth of what filling leaves free, a fifth of that when
 * it is pressed out. Source: docs/models/fold.md.
 */
function airShareOf(fill: number, pressed = false): number {
  return 0.05 * Math.max(0, 1 - fill) * (pressed ? PRESSED_LEAVES : 1);
}

/** Skin of a piece, m²: never smaller than the ball of the same volume. */
export const skinOf = (surfaceM2: number, volumeM3: number): number =>
  Math.max(surfaceM2, Math.cbrt(36 * Math.PI * volumeM3 * volumeM3));

/** What goes into a piece, and how full that makes it: the same for every shape. */
export type Contents = Pick<
  Piece,
  'doughKg' | 'doughM3' | 'fillingM3' | 'airM3' | 'capacityM3' | 'fill' | 'volumeM3' | 'layers'
>;

/** One layer of dough, until a shape says more. @param doughM3 all of its blank. @param capacityM3 over 0 */
export function contentsOf(spec: PieceSpec, doughM3: number, capacityM3: number): Contents {
  const fillingM3 = spec.fillingKg / spec.fillingKgPerM3;
  const fill = fillingM3 / capacityM3;
  const airM3 = airShareOf(fill, spec.airPressed) * capacityM3;
  const doughKg = doughM3 * spec.doughKgPerM3;
  return { doughKg, doughM3, fillingM3, airM3, capacityM3, fill, volumeM3: doughM3 + fillingM3 + airM3, layers: 1 };
}
