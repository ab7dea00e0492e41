import { heatExponent } from '../kit/heatBody.js';
import { contentsOf, type Shape, type Piece, requirePiece, skinOf } from '../kit/piece.js';
import { ROLL_LOOK } from './rollLook.js';

/**
 * Turns a sheet of this length makes around a core: `n = (−d + √(d² + 4tL/π))/(2t)`.
 * Source: docs/models/fold.md: the wound area is the sheet's, t·L = π n t (d + n t).
 */
export function wrapsOf(coreM: number, thicknessM: number, lengthM: number): number {
  return (-coreM + Math.sqrt(coreM * coreM + (4 * thicknessM * lengthM) / Math.PI)) / (2 * thicknessM);
}

/** For `heatExponent`. Source: bench/fitBodies.ts. */
const ROLL_BODY = 1.95;

/** A sheet wound around the filling, its ends folded in. */
export const ROLL: Shape = {
  id: 'roll',
  look: ROLL_LOOK,
  heatBody: ROLL_BODY,
  leastFillingShare: 0.4,
  blank: 'sheet',
  hasLength: true,
  hasEdge: false,
  blankAreaM2: (widthM, lengthM) => widthM * lengthM,
  piece(spec): Piece | null {
    requirePiece(spec);
    const { discM: widthM, lengthM, sealM, thicknessM: rolledM } = spec;
    const coreLength = widthM - 2 * sealM;
    // It closes when it goes round once and overlaps by the seal.
    const mostCore = (lengthM - sealM) / Math.PI - rolledM;
    if (!(coreLength > 0.01 && mostCore > 0.003)) return null;
    const capacityM3 = (Math.PI / 4) * mostCore * mostCore * coreLength;
    const contents = contentsOf(spec, widthM * lengthM * rolledM, capacityM3);
    const coreM = Math.sqrt((4 * (contents.fillingM3 + contents.airM3)) / (Math.PI * coreLength));
    const wraps = wrapsOf(coreM, rolledM, lengthM);
    const wallM = wraps * rolledM;
    const across = coreM + 2 * wallM;
    return {
      shape: 'roll',
      ...contents,
      layers: Math.max(1, wraps),
      wallCrownM: wallM,
      // Under one turn it does not close; there it is as thin as its mean.
      wallSeamM: Math.min(wallM, Math.floor(Math.max(1, wraps)) * rolledM),
      sealThickM: 2 * wallM,
      riseM: coreM / 2,
      thicknessM: across,
      // The ends folded in lie over the core.
      widthM: coreLength + 2 * wallM,
      depthM: across,
      sealLengthM: coreLength + 2 * across,
      surfaceM2: skinOf(
        Math.PI * across * (coreLength + 2 * wallM) + (Math.PI / 2) * across * across,
        contents.volumeM3,
      ),
      heatRadiusM: across / 2,
      reachM: coreM / 2,
      shapeExponent: heatExponent(ROLL_BODY, { riseM: coreM / 2, wallM, reachM: coreM / 2 }),
      exposedShare: 0.35,
      gathered: null,
    };
  },
};
