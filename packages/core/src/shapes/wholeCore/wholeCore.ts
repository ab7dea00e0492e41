import { ellipsoidSkinM2, gatheredShape } from '../kit/gather.js';
import { gatheredLook } from '../kit/frames.js';
import { dough, ellipsePath, line } from '../kit/paths.js';

/** Length over breadth of what is wrapped: an egg, or the like. Our own. */
const LONG = 1.35;

/** One whole thing wrapped in dough: the shell follows it, nothing is pressed. */
export const WHOLE_CORE = gatheredShape({
  id: 'whole-core',
  look: gatheredLook(({ halfWidth: w, depth: d }) => [
    dough(ellipsePath(0, -d / 2, w, d / 2)),
    line(`M ${-w * 0.6} ${-d * 0.56} Q 0 ${-d * 0.42} ${w * 0.6} ${-d * 0.56}`),
  ]),
  heatBody: 2.47,
  holdsOneWhole: true,
  exposedShare: 0.3,
  shape(outerM) {
    const half = outerM / Math.cbrt(LONG);
    return {
      widthM: 2 * LONG * half,
      depthM: 2 * half,
      thicknessM: 2 * half,
      surfaceM2: ellipsoidSkinM2(LONG * half, half, half),
      heatRadiusM: half,
    };
  },
});
