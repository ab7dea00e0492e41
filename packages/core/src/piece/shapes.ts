import { CoreError } from '../errors.js';
import { BALL } from './forms/ball.js';
import { CONE } from './forms/cone.js';
import { CUP } from './forms/cup.js';
import { FLAT_TRIANGLE } from './forms/flatTriangle.js';
import { HALF_MOON } from './forms/halfMoon.js';
import { OWN_CUTTER } from './forms/ownCutter.js';
import { OVAL } from './forms/oval.js';
import { POUCH } from './forms/pouch.js';
import { PUFFED_BREAD } from './forms/puffedBread.js';
import { ROLL } from './forms/roll.js';
import { SQUARE_PARCEL } from './forms/squareParcel.js';
import { STRIP_TRIANGLE } from './forms/stripTriangle.js';
import { TEARDROP } from './forms/teardrop.js';
import { TWO_DISCS } from './forms/twoDiscs.js';
import { WHOLE_CORE } from './forms/wholeCore.js';
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
