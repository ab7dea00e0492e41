import { type HeatBody, heatExponent } from '../kit/heatBody.js';
import { contentsOf, type Shape, type Piece, requirePiece, skinOf } from '../kit/piece.js';
import { cupMesh } from './cupMesh.js';
import { CUP_LOOK } from './cupLook.js';

/** Of the lining disc across: its flat base, and its leaning side. Base and two sides make the disc. Our own. */
const BASE = 0.46;
const SIDE = (1 - BASE) / 2;
/** How far the side leans outwards: 14° to the upright. Our own. */
const LEAN = Math.sin((14 * Math.PI) / 180);
const UPRIGHT = Math.sqrt(1 - LEAN * LEAN);
/** The lid may be heaped by this share of what the cup holds level. Our own. */
const HEAPED = 1.08;

/**
 * Base, rim and lid of the cup that a lining disc makes, m.
 * @example cupSizes(0.147, 0.011).lidM > 0 // true
 */
export function cupSizes(discM: number, sealM: number): { baseM: number; rimM: number; heightM: number; lidM: number } {
  const rimM = discM * (BASE + 2 * SIDE * LEAN);
  return { baseM: discM * BASE, rimM, heightM: discM * SIDE * UPRIGHT, lidM: rimM + 2 * sealM };
}

/** Dough of a cup: lining and lid, m². Lining = base + 2·side, lid = rim + overlap. Source: docs/models/fold.md. */
function cupBlankM2(discM: number, sealM: number): number {
  const { lidM } = cupSizes(discM, sealM);
  return (Math.PI / 4) * (discM * discM + lidM * lidM);
}

/** Usual overlap of the lid; its own margin changes the dough by little. */
const USUAL_SEAL_M = 0.008;

/** For `heatExponent`. Source: bench/fitBodies.ts. */
const CUP_BODY: HeatBody = [-0.097, -0.398, 2.239, 0.002, 0.964, -0.409];

/** A tin lined with one disc, filled, a lid pressed on. */
export const CUP: Shape = {
  id: 'cup',
  look: CUP_LOOK,
  heatBody: CUP_BODY,
  cutter: 'round',
  standsInTin: true,
  mesh: cupMesh,
  leastFillingShare: 0.5,
  blank: 'cup',
  hasLength: false,
  hasEdge: true,
  blankAreaM2: (discM) => cupBlankM2(discM, USUAL_SEAL_M),
  piece(spec): Piece | null {
    requirePiece(spec);
    const { discM, sealM, thicknessM: rolledM } = spec;
    const { baseM, rimM, heightM } = cupSizes(discM, USUAL_SEAL_M);
    const sideM = discM * SIDE;
    // The lining's ring is drawn in to the side: it thickens, or pleats. The rim keeps its margin.
    const ringM2 = (Math.PI / 4) * (discM * discM - baseM * baseM);
    const flankM2 = (Math.PI / 2) * (baseM + rimM) * sideM;
    const flankWallM = (rolledM * ringM2) / flankM2;
    // Inside the lining; the rim gives up what the lid is sealed to.
    const inBase = baseM / 2 - flankWallM;
    const inRim = rimM / 2 - flankWallM - Math.max(0, sealM - USUAL_SEAL_M) / 2;
    const inHeight = heightM - rolledM;
    if (!(inBase > 0.004 && inRim > 0.004 && inHeight > 0.004)) return null;
    const capacityM3 = (Math.PI / 3) * inHeight * (inBase ** 2 + inBase * inRim + inRim ** 2) * HEAPED;
    const contents = contentsOf(spec, this.blankAreaM2(discM, spec.lengthM) * rolledM, capacityM3);
    const filled = (contents.fillingM3 + contents.airM3) / capacityM3;
    // A lid that is heaped is stretched; one that lies low only covers.
    const stretched = spec.stretch * Math.max(0, filled - 0.8) * 2;
    const wallCrownM = rolledM / (1 + stretched);
    const standsM = Math.min(inHeight * filled, 2 * inHeight);
    const riseM = standsM / 2;
    const reachM = (inBase + inRim) / 2;
    return {
      shape: 'cup',
      ...contents,
      wallCrownM,
      wallSeamM: rolledM / (1 + 2 * stretched),
      sealThickM: 2 * rolledM,
      riseM,
      thicknessM: standsM + 2 * wallCrownM,
      widthM: rimM + Math.min(sealM, USUAL_SEAL_M),
      depthM: rimM + Math.min(sealM, USUAL_SEAL_M),
      sealLengthM: Math.PI * rimM,
      surfaceM2: skinOf(((Math.PI / 4) * (baseM ** 2 + rimM ** 2) + flankM2) * (1 + stretched / 2), contents.volumeM3),
      heatRadiusM: Math.min(riseM, reachM) + wallCrownM,
      reachM,
      shapeExponent: heatExponent(CUP_BODY, { riseM: Math.min(riseM, reachM), wallM: wallCrownM, reachM }),
      exposedShare: 0.4,
      gathered: null,
    };
  },
};
