import { heatExponent } from '../kit/heatBody.js';
import { contentsOf, type Shape, type Piece, requirePiece, skinOf } from '../kit/piece.js';
import { FLAT_TRIANGLE_LOOK } from './flatTriangleLook.js';

/** Its fold edges are not pinned and its three faces bulge: holds this much more than with flat faces. Our own. */
const BULGES = 1.4;
/** Radius of the ball inside it over the cube root of its volume. Source: bench/fitBodies.ts. */
const IN = 0.424;

/** For `heatExponent`. Source: bench/fitBodies.ts. */
const FLAT_TRIANGLE_BODY = 1.76;

/**
 * A half-disc rolled into a cone whose mouth is folded in to a flat base: it sits. Three faces
 * meet at the point, three flaps in the middle of the base.
 */
export const FLAT_TRIANGLE: Shape = {
  id: 'flat-triangle',
  look: FLAT_TRIANGLE_LOOK,
  heatBody: FLAT_TRIANGLE_BODY,
  leastFillingShare: 0.5,
  blank: 'half-disc',
  hasLength: false,
  hasEdge: false,
  blankAreaM2: (discM) => (Math.PI * discM * discM) / 8,
  piece(spec): Piece | null {
    requirePiece(spec);
    const { sealM, thicknessM: wall } = spec;
    const r = spec.discM / 2;
    // A flap reaches the middle of the base, a/2√3, and half a seal past it; the base's side is
    // a third of the arc that is left: L = R − (πL − s)/6√3 − s/2.
    const third = 6 * Math.sqrt(3);
    const edgeM = (r + sealM / third - sealM / 2) / (1 + Math.PI / third);
    const sideM = (Math.PI * edgeM - sealM) / 3;
    const heightM = Math.sqrt(Math.max(0, edgeM * edgeM - (sideM * sideM) / 3));
    if (!(sideM > 0.008 && heightM > 0.006)) return null;
    const baseM2 = (Math.sqrt(3) / 4) * sideM * sideM;
    const faceM2 = (sideM / 2) * Math.sqrt(edgeM * edgeM - (sideM * sideM) / 4);
    const skinM2 = baseM2 + 3 * faceM2;
    const capacityM3 = ((baseM2 * heightM) / 3) * BULGES;
    const contents = contentsOf(spec, this.blankAreaM2(spec.discM, spec.lengthM) * wall, capacityM3);
    const filled = (contents.fillingM3 + contents.airM3) / capacityM3;
    const stretched = spec.stretch * filled * filled;
    // The ball inside a bulging pyramid, by the volume it has, filling and air alone.
    const riseM = IN * Math.cbrt(contents.fillingM3 + contents.airM3);
    const wallCrownM = wall / (1 + stretched);
    return {
      shape: 'flat-triangle',
      ...contents,
      wallCrownM,
      wallSeamM: wall / (1 + 2 * stretched),
      // Three flaps, one over the other, in the middle of the base.
      sealThickM: 3 * wall,
      riseM,
      thicknessM: heightM * Math.min(1.2, Math.max(0.3, Math.cbrt(filled))) + 2 * wallCrownM,
      // Its faces bulge; its edges hardly grow.
      widthM: sideM * Math.sqrt(1 + Math.min(0.5, stretched)) + 2 * wallCrownM,
      depthM: (sideM * Math.sqrt(3)) / 2 + 2 * wallCrownM,
      sealLengthM: 3 * (sideM / Math.sqrt(3)) + edgeM,
      surfaceM2: skinOf(skinM2 * (1 + stretched), contents.volumeM3),
      heatRadiusM: IN * Math.cbrt(contents.volumeM3),
      reachM: riseM,
      shapeExponent: heatExponent(FLAT_TRIANGLE_BODY, { riseM, wallM: wallCrownM, reachM: riseM }),
      exposedShare: 0.35,
      gathered: null,
    };
  },
};
