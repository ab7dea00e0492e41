import { gatheredShape } from '../kit/gather.js';
import { pleatedLook } from '../kit/frames.js';

/** A disc drawn up around its filling and rolled round. */
export const BALL = gatheredShape({
  id: 'ball',
  look: pleatedLook,
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
