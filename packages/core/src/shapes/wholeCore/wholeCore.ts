import { longLook } from '../kit/frames.js';
import { gatheredShape, longShape } from '../kit/gather.js';

/** Length over breadth of what is wrapped: an egg, or the like. Our own. */
const LONG = 1.35;

/** One whole thing wrapped in dough: the shell follows it, nothing is pressed. */
export const WHOLE_CORE = gatheredShape({
  id: 'whole-core',
  look: longLook,
  heatBody: 2.47,
  holdsOneWhole: true,
  exposedShare: 0.3,
  shape: longShape(LONG),
});
