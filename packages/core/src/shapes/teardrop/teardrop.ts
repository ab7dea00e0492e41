import { gatheredLook } from '../kit/frames.js';
import { gatheredShape } from '../kit/gather.js';
import { outlineFrom } from '../kit/outline.js';
import { dough } from '../kit/paths.js';
import type { Point } from '../../draft/choices.js';

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
  look: {
    ...gatheredLook(({ halfWidth: w, depth: d }) => [
      dough(
        `M 0 ${-d} C ${w * 0.35} ${-d * 0.72} ${w} ${-w * 1.6} ${w} ${-w} A ${w} ${w} 0 0 1 ${-w} ${-w} C ${-w} ${-w * 1.6} ${-w * 0.35} ${-d * 0.72} 0 ${-d} Z`,
      ),
    ]),
    meshCut: 0,
    // A half circle below, drawn to a point above.
    outline({ widthM, depthM: d }) {
      const w = widthM / 2;
      const below = Array.from({ length: 31 }, (_, i): Point => {
        const angle = Math.PI + (Math.PI * i) / 30;
        return [w * Math.cos(angle), w + w * Math.sin(angle)];
      });
      const middle = w + (d - w) * 0.5;
      return outlineFrom([...below, [w * 0.45, middle], [0, d], [-w * 0.45, middle]], [0, w]);
    },
  },
  heatBody: 2.61,
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
