import { contentsOf, type Shape, type Gathered, type Piece, type PieceSpec, requirePiece, skinOf } from './piece.js';

/** Nothing is rolled thinner than this, m. */
const LEAST_ROLL_M = 0.001;
/** A knot is reported as at most this many walls; the rest of the dough is pinched off. */
const MOST_KNOT = 3;
/** Drawn up by hand a rim reaches this many times its area stretch further than it was rolled. Our own. */
const DRAWN_UP = 3;
const BALL = (4 / 3) * Math.PI;
const radiusOf = (volumeM3: number): number => Math.cbrt(volumeM3 / BALL);

/**
 * Thickness to roll a disc to at distance s from its centre so that it makes a ball of even
 * wall: `t(s) = τλ·sin(λs/R)/(s/R)`, λ = πR over the disc's radius; never under 1 mm.
 * Source: docs/models/fold.md, our own: a ring at s lands at angle λs/R and shrinks to sin of it.
 *
 * @param discRadiusM of the rolled disc
 * @param ballRadiusM R, to the middle of the wall
 * @param wallM τ, the even wall
 * @example rolledProfileM(0, 0.06, 0.02, 0.004) // 0.00439
 */
export function rolledProfileM(sM: number, discRadiusM: number, ballRadiusM: number, wallM: number): number {
  const lambda = (Math.PI * ballRadiusM) / discRadiusM;
  const angle = (lambda * sM) / ballRadiusM;
  const ring = angle < 1e-6 ? lambda * lambda : (lambda * Math.sin(angle)) / (sM / ballRadiusM);
  return Math.max(LEAST_ROLL_M, wallM * ring);
}

/** Rings a disc is summed over. */
const RINGS = 60;

/**
 * Wall that a profile is drawn for so that it takes exactly the dough there is: where a
 * millimetre is the least, the rim takes more than an even wall would, and the middle gets less.
 *
 * @param wallM τ of an even wall of the same dough
 */
export function profileWallM(discRadiusM: number, ballRadiusM: number, wallM: number): number {
  const thereM3 = 4 * Math.PI * ballRadiusM ** 2 * wallM;
  const takenM3 = (forM: number): number => {
    let sum = 0;
    for (let i = 0; i < RINGS; i++) {
      const s = ((i + 0.5) / RINGS) * discRadiusM;
      sum += 2 * Math.PI * s * rolledProfileM(s, discRadiusM, ballRadiusM, forM) * (discRadiusM / RINGS);
    }
    return sum;
  };
  let [low, high] = [0, 1.5 * wallM];
  // So little dough that a millimetre everywhere is too much: as thin as can be rolled.
  if (takenM3(low) >= thereM3) return 0;
  for (let step = 0; step < 40; step++) {
    const middle = (low + high) / 2;
    if (takenM3(middle) < thereM3) low = middle;
    else high = middle;
  }
  return high;
}

/** Where the rim is measured: the last tenth is gathered up and pinched. */
const RIM_AT = 0.9;

/** How to roll it, and what comes of a disc rolled flat: dough piles up θ/sin θ towards the closure. */
function gatheredOf(
  discRadiusM: number,
  ballRadiusM: number,
  evenWallM: number,
  knotM3: number,
  spec: PieceSpec,
): Gathered {
  const reach = Math.PI * ballRadiusM;
  // A disc too small to close is stretched until it does; one too large leaves a knot.
  const stretched = Math.max(1, reach / discRadiusM) ** 2;
  const flat = (angle: number) => (spec.thicknessM / stretched) * (angle / Math.sin(angle));
  const rollForM = profileWallM(discRadiusM, ballRadiusM, evenWallM);
  const at = (share: number) => rolledProfileM(share * discRadiusM, discRadiusM, ballRadiusM, rollForM);
  return {
    evenWallM,
    rollForM,
    rollCentreM: at(0),
    rollRimM: at(RIM_AT),
    flatSideM: flat(Math.PI / 2),
    flatKnotM: Math.min(MOST_KNOT * evenWallM, flat(0.9 * Math.PI)),
    knotKg: knotM3 * spec.doughKgPerM3,
  };
}

/**
 * Dough of a disc that is in the wall, m³: what lies further out than half-way round the ball is
 * gathered in the knot and pinched off, and the less wall there is, the smaller the ball.
 */
function wallOf(discRadiusM: number, discM3: number, heldM3: number): number {
  const held = (wallM3: number): number => {
    const middleM = (radiusOf(heldM3) + radiusOf(heldM3 + wallM3)) / 2;
    return discM3 * Math.min(1, ((Math.PI * middleM) / discRadiusM) ** 2);
  };
  if (held(discM3) >= discM3) return discM3;
  let [low, high] = [0, discM3];
  for (let step = 0; step < 50; step++) {
    const middle = (low + high) / 2;
    if (held(middle) > middle) low = middle;
    else high = middle;
  }
  return high;
}

/** What of the ball another gathered shape keeps: its half-axes over the ball's outer radius, and its skin. */
interface GatheredShape {
  readonly widthM: number;
  readonly depthM: number;
  readonly thicknessM: number;
  readonly surfaceM2: number;
  readonly heatRadiusM: number;
}

interface GatheredShapeSpec extends Pick<Shape, 'id' | 'look' | 'holdsOneWhole'> {
  /** All pieces of a gathered shape are alike. */
  readonly heatBody: number;
  readonly exposedShare: number;
  /** @param outerM radius of the ball of the same volume */
  shape(outerM: number): GatheredShape;
}

/**
 * A disc gathered around its filling: inner volume is filling and air, shell volume the dough,
 * the wall solved from both. It holds what its disc still closes around when it has given all
 * the stretch it has. Pressed, drawn long or to a point it keeps its volume; the wall thins by
 * what the skin grows. Source: docs/models/fold.md, our own.
 */
export function gatheredShape({ exposedShare, shape, ...shared }: GatheredShapeSpec): Shape {
  const { id, heatBody } = shared;
  const blankAreaM2 = (discM: number) => (Math.PI * discM * discM) / 4;
  const piece = (spec: PieceSpec): Piece | null => {
    requirePiece(spec);
    // What is pinched together closes nothing.
    const discRadiusM = spec.discM / 2 - spec.sealM / 2;
    if (discRadiusM < 0.006) return null;
    const doughM3 = blankAreaM2(spec.discM) * spec.thicknessM;
    const mostMid = (discRadiusM * (1 + DRAWN_UP * spec.stretch)) / Math.PI;
    const mostWall = doughM3 / (4 * Math.PI * mostMid * mostMid);
    const capacityM3 = BALL * Math.max(0, mostMid - mostWall / 2) ** 3;
    if (!(capacityM3 > 0)) return null;
    const taken = contentsOf(spec, doughM3, capacityM3);
    const { fillingM3, airM3 } = taken;
    const wallM3 = wallOf(spec.discM / 2, doughM3, fillingM3 + airM3);
    const volumeM3 = wallM3 + fillingM3 + airM3;
    const contents = { ...taken, doughM3: wallM3, volumeM3 };
    const innerM = radiusOf(fillingM3 + airM3);
    const outerM = radiusOf(volumeM3);
    const formed = shape(outerM);
    const thinner = (4 * Math.PI * outerM * outerM) / formed.surfaceM2;
    const evenWallM = (outerM - innerM) * thinner;
    const gathered = gatheredOf(spec.discM / 2, (innerM + outerM) / 2, outerM - innerM, doughM3 - wallM3, spec);
    const stretched = Math.max(1, (Math.PI * (innerM + outerM)) / spec.discM) ** 2;
    return {
      shape: id,
      ...contents,
      wallCrownM: evenWallM,
      wallSeamM: Math.min(evenWallM, (spec.thicknessM / stretched) * thinner),
      sealThickM: gathered.flatKnotM,
      riseM: (innerM * formed.thicknessM) / (2 * outerM),
      thicknessM: formed.thicknessM,
      widthM: formed.widthM,
      depthM: formed.depthM,
      sealLengthM: Math.PI * spec.sealM,
      surfaceM2: skinOf(formed.surfaceM2, volumeM3),
      heatRadiusM: formed.heatRadiusM,
      reachM: innerM,
      shapeExponent: heatBody,
      exposedShare,
      gathered,
    };
  };
  return {
    ...shared,
    blank: 'disc',
    hasLength: false,
    hasEdge: false,
    leastFillingShare: 0.3,
    blankAreaM2,
    piece,
  };
}

/** Skin of an ellipsoid, m²: Thomsen's formula, within 1.1 %. */
export function ellipsoidSkinM2(aM: number, bM: number, cM: number): number {
  const p = 1.6075;
  const mean = ((aM * bM) ** p + (aM * cM) ** p + (bM * cM) ** p) / 3;
  return 4 * Math.PI * mean ** (1 / p);
}

/** A ball made longer than it is broad by a factor: an ellipsoid of the same volume. */
export const longShape =
  (long: number) =>
  (outerM: number): GatheredShape => {
    const half = outerM / Math.cbrt(long);
    return {
      widthM: 2 * long * half,
      depthM: 2 * half,
      thicknessM: 2 * half,
      surfaceM2: ellipsoidSkinM2(long * half, half, half),
      heatRadiusM: half,
    };
  };
