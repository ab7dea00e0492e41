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

/** Every shape, in the order they are offered. */
export const SHAPES: readonly Shape[] = [
  HALF_MOON,
  TWO_DISCS,
  SQUARE_PARCEL,
  STRIP_TRIANGLE,
  CONE,
  FLAT_TRIANGLE,
  ROLL,
  BALL,
  POUCH,
  OVAL,
  TEARDROP,
  WHOLE_CORE,
  CUP,
  PUFFED_BREAD,
  OWN_CUTTER,
];

const BY_ID = new Map<string, Shape>(SHAPES.map((shape) => [shape.id, shape]));

/**
 * @throws CoreError UNKNOWN_NAME
 * @example shapeOf('roll').hasLength // true
 */
export function shapeOf(id: ShapeId): Shape {
  const found = BY_ID.get(id);
  if (!found) throw new CoreError('UNKNOWN_NAME', 'shape', `There is no shape "${String(id).slice(0, 40)}".`);
  return found;
}
