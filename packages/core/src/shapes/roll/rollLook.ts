import type { ShapeLook } from '../kit/drawn.js';
import { arrows, FILLED, filling } from '../kit/frames.js';
import { rectangleOutline } from '../kit/outline.js';
import { dough, ellipsePath, line, rectPath } from '../kit/paths.js';

export const ROLL_LOOK: ShapeLook = {
  section: 'round',
  sectionAlong: 'depth',
  meshCut: 1,
  outline: rectangleOutline,
  above: ({ halfWidth: w, depth: d, seal }) => [
    dough(rectPath(-w, -d, 2 * w, d, d * 0.32)),
    line(`M ${-w + d * 0.3} ${-d * 0.3} H ${w - d * 0.3}`),
    line(`M ${-w + seal * 0.5} ${-d * 0.95} V ${-d * 0.05} M ${w - seal * 0.5} ${-d * 0.95} V ${-d * 0.05}`),
  ],
  frames({ half, halfLength: long, seal }) {
    const flap = (x: number) => dough(rectPath(x, -long, seal, 2 * long));
    return [
      FILLED,
      {
        parts: [
          { path: rectPath(-half + seal, -long, Math.max(0, 2 * half - 2 * seal), 2 * long), fill: 'raw' },
          flap(-half + seal),
          flap(half - 2 * seal),
          filling(ellipsePath(0, long * 0.6, Math.max(0, half - 2 * seal), long * 0.2)),
        ],
        arrows: arrows(long * 0.8, [270], { y: long * 0.2 }),
      },
    ];
  },
};
