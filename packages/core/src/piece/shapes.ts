import { CoreError } from '../errors.js';
import { BALL } from './shapes/ball.js';
import { CONE } from './shapes/cone.js';
import { CUP } from './shapes/cup.js';
import { FLAT_TRIANGLE } from './shapes/flatTriangle.js';
import { HALF_MOON } from './shapes/halfMoon.js';
import { OWN_CUTTER } from './shapes/ownCutter.js';
import { OVAL } from './shapes/oval.js';
import { POUCH } from './shapes/pouch.js';
import { PUFFED_BREAD } from './shapes/puffedBread.js';
import { ROLL } from './shapes/roll.js';
import { SQUARE_PARCEL } from './shapes/squareParcel.js';
import { STRIP_TRIANGLE } from './shapes/stripTriangle.js';
import { TEARDROP } from './shapes/teardrop.js';
import { TWO_DISCS } from './shapes/twoDiscs.js';
import { WHOLE_CORE } from './shapes/wholeCore.js';
import type { Shape } from './piece.js';
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
