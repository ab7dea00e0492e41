import type { ShapeLook } from '../kit/drawn.js';
import { arrows, FILLED, hidden } from '../kit/frames.js';
import { outlineLengths } from '../kit/membrane.js';
import { polygonOutline } from '../kit/outline.js';
import { dough, ellipsePath, line, outlinePath, outlineWithin } from '../kit/paths.js';
import type { Point } from '../../draft/choices.js';

export const OWN_CUTTER_LOOK: ShapeLook = {
  section: 'lens',
  sectionAlong: 'width',
  meshCut: 1,
  outline({ widthM, depthM }, own) {
    const { wideM, highM } = outlineLengths(own);
    return polygonOutline(own.map(([x, y]): Point => [(x * widthM) / wideM, (y * depthM) / highM]));
  },
  above: ({ halfWidth, depth, seal, outline }) => [
    dough(outlineWithin(outline, 2 * halfWidth, depth, -depth / 2)),
    line(outlineWithin(outline, 2 * halfWidth - 2 * seal, depth - 2 * seal, -depth / 2), 'short'),
  ],
  frames: ({ half, outline }) => [
    FILLED,
    {
      parts: [dough(outlinePath(outline, 2 * half)), hidden(ellipsePath(0, 0, half * 0.55, half * 0.22))],
      arrows: arrows(half * 0.8, [0, 180]),
    },
  ],
};
