import { heatExponent } from '../kit/heatBody.js';
import { contentsOf, type Shape, type Piece, type PieceSpec, requirePiece, skinOf } from '../kit/piece.js';
import { PUFFED_BREAD_LOOK } from './puffedBreadLook.js';

/** A round this small has no middle for steam to part, m. */
const LEAST_POCKET_M = 0.01;
/** Filling rolled into a bread is a layer at most as thick as its dough, or it breaks through. Our own. */
const LAYER = 1;

/** For `heatExponent`. Source: bench/fitBodies.ts. */
const PUFFED_BREAD_BODY = 1;

/**
 * A round rolled thin, plain or with a spoon of filling rolled into it. In the oil, steam parts it
 * in two walls over a hollow, as a membrane that gives all the stretch its dough has; filling
 * sticks the walls together, so a full one hardly lifts. It is cooked before it is a dome or
 * while steam fills it, so heat has half its rolled thickness to go. Source: docs/models/fold.md, our own.
 */
export const PUFFED_BREAD: Shape = {
  id: 'puffed-bread',
  look: PUFFED_BREAD_LOOK,
  heatBody: PUFFED_BREAD_BODY,
  puffs: true,
  leastFillingShare: 0.05,
  blank: 'disc',
  hasLength: false,
  hasEdge: false,
  usualTurn: 'basted',
  blankAreaM2: (discM) => (Math.PI * discM * discM) / 4,
  piece(spec: PieceSpec): Piece | null {
    requirePiece(spec);
    const { discM, sealM, thicknessM: rolledM, stretch } = spec;
    const reachM = discM / 2 - sealM;
    if (!(reachM >= LEAST_POCKET_M)) return null;
    const pocketM2 = Math.PI * reachM * reachM;
    const roundM2 = (Math.PI * discM * discM) / 4;
    // Nothing is trapped: what was rolled flat holds no air.
    const held = contentsOf(spec, roundM2 * rolledM, pocketM2 * rolledM * LAYER * (1 + stretch));
    const contents = { ...held, airM3: 0, volumeM3: held.doughM3 + held.fillingM3 };
    const layerM = contents.fillingM3 / pocketM2;
    const thicknessM = rolledM + layerM;
    const wallM = rolledM / 2;
    // Around the filling the walls are one: rolling thins the dough over it.
    const thinned = 1 / (1 + layerM / rolledM);
    return {
      shape: 'puffed-bread',
      ...contents,
      wallCrownM: wallM,
      wallSeamM: wallM * thinned,
      sealThickM: rolledM,
      riseM: layerM / 2,
      thicknessM,
      widthM: discM,
      depthM: discM,
      sealLengthM: Math.PI * (discM - sealM),
      surfaceM2: skinOf(2 * roundM2 * (1 + (stretch * (1 - Math.min(1, contents.fill))) / 2), contents.volumeM3),
      heatRadiusM: thicknessM / 2,
      reachM,
      shapeExponent: heatExponent(PUFFED_BREAD_BODY, { riseM: layerM / 2, wallM, reachM }),
      exposedShare: 0.5,
      gathered: null,
      // Of a disc as a membrane: rise r·√ε.
      puffM: reachM * Math.sqrt(stretch) * (1 - Math.min(1, contents.fill)),
    };
  },
};
