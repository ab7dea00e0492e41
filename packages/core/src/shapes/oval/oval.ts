import { longLook } from '../kit/frames.js';
import { gatheredShape, longShape } from '../kit/gather.js';

/** Length over breadth. Our own. */
const LONG = 1.6;

/** A ball rolled long under the palm. */
export const OVAL = gatheredShape({
  id: 'oval',
  look: longLook,
  heatBody: 2.32,
  exposedShare: 0.32,
  shape: longShape(LONG),
});
