import { gatheredShape } from '../gather.js';

/** Height of the point over the radius of the round end. Our own. */
const POINT = 1.5;
/** From the round end's edge to the point, over the radius. */
const FLANK = Math.hypot(1, POINT);
/** The largest ball inside, over the round end: it lies as far under the middle as the cone comes near. */
const IN = 1 - (FLANK - POINT) / (FLANK + 1);
/** A half ball with a cone on it: π r³ (2/3 + POINT/3). */
const VOLUME = (Math.PI * (2 + POINT)) / 3;

/** A ball drawn up to a point where it is closed. */
export const TEARDROP = gatheredShape({
  id: 'teardrop',
  exposedShare: 0.3,
  shape(outerM) {
    const r = Math.cbrt(((4 / 3) * Math.PI * outerM ** 3) / VOLUME);
    return {
      widthM: 2 * r,
      depthM: (1 + POINT) * r,
      thicknessM: 2 * r,
      surfaceM2: Math.PI * r * r * (2 + FLANK),
      heatRadiusM: IN * r,
    };
  },
});
