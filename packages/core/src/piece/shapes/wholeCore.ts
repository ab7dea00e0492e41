import { ellipsoidSkinM2, gatheredShape } from '../gather.js';

/** Length over breadth of what is wrapped: an egg, or the like. Our own. */
const LONG = 1.35;

/** One whole thing wrapped in dough: the shell follows it, nothing is pressed. */
export const WHOLE_CORE = gatheredShape({
  id: 'whole-core',
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
