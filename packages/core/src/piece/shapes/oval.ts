import { ellipsoidSkinM2, gatheredShape } from '../gather.js';

/** Length over breadth. Our own. */
const LONG = 1.6;

/** A ball rolled long under the palm. */
export const OVAL = gatheredShape({
  id: 'oval',
  exposedShare: 0.32,
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
