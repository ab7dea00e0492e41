import { ellipsoidSkinM2, gatheredShape } from '../kit/gather.js';
import { gatheredLook, pleatsPath } from '../kit/frames.js';
import { dough, ellipsePath, line } from '../kit/paths.js';

/** How flat it is pressed: half its height over the radius it had as a ball. Our own. */
const PRESSED = 0.6;

/** A ball pressed flat between the palms, seam side up. */
export const POUCH = gatheredShape({
  id: 'pouch',
  look: gatheredLook(({ halfWidth, depth }) => [
    dough(ellipsePath(0, -depth / 2, halfWidth, depth / 2)),
    line(pleatsPath(-depth / 2, halfWidth)),
  ]),
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
