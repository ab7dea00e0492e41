import { type HeatBody, heatExponent } from '../kit/heatBody.js';
import { contentsOf, type Shape, type Piece, requirePiece, skinOf } from '../kit/piece.js';
import { CONE_LOOK } from './coneLook.js';

/** A cone whose mouth is pinched flat holds this share of the open one. Source: docs/models/fold.md. */
const FLATTENED = 0.62;
/** Steps from the point to the mouth, and from flat to full. */
const STEPS = 40;

/** Half-axes of an ellipse as long around as the unit circle, by its aspect. Source: Ramanujan's first formula. */
export function ellipseAround(aspect: number): { readonly a: number; readonly b: number } {
  const a = 2 / (3 * (1 + aspect) - Math.sqrt((3 + aspect) * (1 + 3 * aspect)));
  return { a, b: a * aspect };
}

/**
 * Aspect of the cross-section at a share u of the way from the point to the mouth: roundest at
 * the point, a line where the mouth is pinched. `full` is the aspect at the point.
 */
export const coneAspect = (full: number, u: number): number => full * (1 - u ** CLOSING);

/** Volume over the open cone's, and half the greatest thickness over the mouth's radius. */
function flattenedTo(full: number, closing: number): { readonly room: number; readonly rise: number } {
  let room = 0;
  let rise = 0;
  for (let i = 0; i < STEPS; i++) {
    const u = (i + 0.5) / STEPS;
    const { a, b } = ellipseAround(full * (1 - u ** closing));
    room += (3 * u * u * a * b) / STEPS;
    rise = Math.max(rise, u * b);
  }
  return { room, rise };
}

/** How late the section begins to close towards the mouth: so that a full one holds the share above. */
const CLOSING = (() => {
  let [low, high] = [0.5, 20];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (flattenedTo(1, middle).room < FLATTENED) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
})();

const FULLNESS = Array.from({ length: STEPS + 1 }, (_, i) => ({ full: i / STEPS, ...flattenedTo(i / STEPS, CLOSING) }));

/** How flat a cone lies that is filled to this share of what it holds, 0 to 1. */
export function coneFullness(filled: number): { readonly full: number; readonly rise: number } {
  const room = Math.min(1, Math.max(0, filled)) * FLATTENED;
  const i = Math.max(
    1,
    FULLNESS.findIndex((one) => one.room >= room - 1e-9),
  );
  const [low, high] = [FULLNESS[i - 1]!, FULLNESS[i]!];
  const u = Math.min(1, (room - low.room) / (high.room - low.room));
  return { full: low.full + u * (high.full - low.full), rise: low.rise + u * (high.rise - low.rise) };
}

/** Rim and slant up to the mouth's seam, both less the seam; `null` when nothing is left. m. */
export function coneSizes(discM: number, sealM: number): { rimM: number; slantM: number; heightM: number } | null {
  const r = discM / 2;
  const slantM = r - sealM;
  // The straight edge overlaps itself; further up the cone is narrower in proportion.
  const rimM = (((Math.PI * r - sealM) / (2 * Math.PI)) * slantM) / r;
  if (!(slantM > rimM + 0.003 && rimM > 0.003)) return null;
  return { rimM, slantM, heightM: Math.sqrt(slantM * slantM - rimM * rimM) };
}

/** Lying flat it is a triangle from above: its inscribed circle, m. */
function coneReachM(rimM: number, slantM: number): number {
  const half = (Math.PI * rimM) / 2;
  return (half * slantM) / (half + Math.hypot(half, slantM));
}

/** For `heatExponent`. Source: bench/fitBodies.ts. */
const CONE_BODY: HeatBody = [-0.347, 2.047, 1.111, 0.238, 1.449, -0.074];

/** A half-disc rolled into a cone, filled, its mouth pinched shut; it lies flattened. */
export const CONE: Shape = {
  id: 'cone',
  look: CONE_LOOK,
  heatBody: CONE_BODY,
  cutter: 'round',
  leastFillingShare: 0.5,
  blank: 'half-disc',
  hasLength: false,
  hasEdge: false,
  blankAreaM2: (discM) => (Math.PI * discM * discM) / 8,
  piece(spec): Piece | null {
    requirePiece(spec);
    const { discM, sealM, thicknessM: wall } = spec;
    const sizes = coneSizes(discM, sealM);
    if (!sizes) return null;
    const { rimM, slantM, heightM } = sizes;
    const capacityM3 = (Math.PI / 3) * rimM * rimM * heightM * FLATTENED;
    const contents = contentsOf(spec, this.blankAreaM2(discM, spec.lengthM) * wall, capacityM3);
    // What is more than it holds stretches it; what is less lets it lie flatter.
    const filled = (contents.fillingM3 + contents.airM3) / capacityM3;
    const stretched = spec.stretch * filled * filled;
    const riseM = rimM * coneFullness(filled).rise * Math.cbrt(Math.max(1, filled));
    const wallCrownM = wall / (1 + stretched);
    const reachM = coneReachM(rimM, slantM);
    const mouthM = (Math.PI * rimM * (discM / 2)) / slantM;
    const skinM2 = Math.PI * rimM * slantM * (1 + stretched) + 2 * mouthM * sealM;
    return {
      shape: 'cone',
      ...contents,
      wallCrownM,
      wallSeamM: wall / (1 + 2 * stretched),
      sealThickM: 2 * wall,
      riseM,
      thicknessM: 2 * (riseM + wallCrownM),
      widthM: mouthM,
      depthM: discM / 2,
      sealLengthM: mouthM + discM / 2,
      surfaceM2: skinOf(skinM2, contents.volumeM3),
      heatRadiusM: riseM + wallCrownM,
      reachM,
      shapeExponent: heatExponent(CONE_BODY, { riseM, wallM: wallCrownM, reachM }),
      exposedShare: 0.35,
      gathered: null,
    };
  },
};
