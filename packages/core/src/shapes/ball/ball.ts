import { gatheredShape } from '../kit/gather.js';
import { gatheredLook, pleatsPath } from '../kit/frames.js';
import { dough, ellipsePath, line } from '../kit/paths.js';

/** A disc drawn up around its filling and rolled round. */
export const BALL = gatheredShape({
  id: 'ball',
  look: gatheredLook(({ halfWidth, depth }) => [
    dough(ellipsePath(0, -depth / 2, halfWidth, depth / 2)),
    line(pleatsPath(-depth / 2, halfWidth)),
  ]),
  heatBody: 3,
  exposedShare: 0.3,
  shape: (outerM) => ({
    widthM: 2 * outerM,
    depthM: 2 * outerM,
    thicknessM: 2 * outerM,
    surfaceM2: 4 * Math.PI * outerM * outerM,
    heatRadiusM: outerM,
  }),
});
