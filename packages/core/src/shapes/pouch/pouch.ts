import { ellipsoidSkinM2, gatheredShape } from '../kit/gather.js';
import { pleatedLook } from '../kit/frames.js';

/** How flat it is pressed: half its height over the radius it had as a ball. Our own. */
const PRESSED = 0.6;

/** A ball pressed flat between the palms, seam side up. */
export const POUCH = gatheredShape({
  id: 'pouch',
  look: pleatedLook,
  heatBody: 1.36,
  exposedShare: 0.4,
  shape(outerM) {
    const half = PRESSED * outerM;
    // Volume stays: b²·half = R³.
    const b = Math.sqrt(outerM ** 3 / half);
    return {
      widthM: 2 * b,
      depthM: 2 * b,
      thicknessM: 2 * half,
      surfaceM2: ellipsoidSkinM2(b, b, half),
      heatRadiusM: half,
    };
  },
});
