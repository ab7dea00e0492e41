import { CoreError } from '../errors.js';
import { BALL } from './ball/ball.js';
import { CONE } from './cone/cone.js';
import { CUP } from './cup/cup.js';
import { FLAT_TRIANGLE } from './flatTriangle/flatTriangle.js';
import { HALF_MOON } from './halfMoon/halfMoon.js';
import { OWN_CUTTER } from './ownCutter/ownCutter.js';
import { OVAL } from './oval/oval.js';
import { POUCH } from './pouch/pouch.js';
import { PUFFED_BREAD } from './puffedBread/puffedBread.js';
import { ROLL } from './roll/roll.js';
import { SQUARE_PARCEL } from './squareParcel/squareParcel.js';
import { STRIP_TRIANGLE } from './stripTriangle/stripTriangle.js';
import { TEARDROP } from './teardrop/teardrop.js';
import { TWO_DISCS } from './twoDiscs/twoDiscs.js';
import { WHOLE_CORE } from './wholeCore/wholeCore.js';
import type { Shape } from './kit/piece.js';
import type { ShapeId } from '../draft/choices.js';

/** By their ids: the compiler names one that is missing. */
const BY_ID: Readonly<Record<ShapeId, Shape>> = {
  'half-moon': HALF_MOON,
  'two-discs': TWO_DISCS,
  'square-parcel': SQUARE_PARCEL,
  'strip-triangle': STRIP_TRIANGLE,
  cone: CONE,
  'flat-triangle': FLAT_TRIANGLE,
  roll: ROLL,
  ball: BALL,
  pouch: POUCH,
  oval: OVAL,
  teardrop: TEARDROP,
  'whole-core': WHOLE_CORE,
  cup: CUP,
  'puffed-bread': PUFFED_BREAD,
  'own-cutter': OWN_CUTTER,
};

/** Every shape, in the order they are offered. */
export const SHAPES: readonly Shape[] = Object.values(BY_ID);

/**
 * @throws CoreError UNKNOWN_NAME
 * @example shapeOf('roll').hasLength // true
 */
export function shapeOf(id: ShapeId): Shape {
  if (!Object.hasOwn(BY_ID, id))
    throw new CoreError('UNKNOWN_NAME', 'shape', `There is no shape "${String(id).slice(0, 40)}".`);
  return BY_ID[id];
}
