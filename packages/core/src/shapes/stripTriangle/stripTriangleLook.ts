import type { ShapeLook } from '../kit/drawn.js';
import { FILLED } from '../kit/frames.js';
import { triangleOutline } from '../kit/outline.js';
import { dough, line } from '../kit/paths.js';

export const STRIP_TRIANGLE_LOOK: ShapeLook = {
  section: 'lens',
  sectionAlong: 'width',
  meshCut: 1,
  outline: triangleOutline,
  above: ({ halfWidth: w, depth: d }) => [
    dough(`M ${-w} 0 L ${w} 0 L 0 ${-d} Z`),
    line(`M ${-w * 0.5} ${-d * 0.5} L ${w * 0.15} 0`),
  ],
  frames({ half, halfLength }) {
    const step = (2 * half) / Math.sqrt(3);
    const top = halfLength - 2 * step;
    return [
      FILLED,
      {
        parts: [
          { path: `M ${-half} ${-halfLength} H ${half} V ${top} L ${-half} ${top + step} Z`, fill: 'raw' },
          dough(`M ${-half} ${top + step} L ${half} ${top} L ${half} ${top + 2 * step} Z`),
        ],
      },
    ];
  },
};
