import type { ShapeLook } from '../kit/drawn.js';
import { arrows, FILLED } from '../kit/frames.js';
import { rectangleOutline } from '../kit/outline.js';
import { dough, line, rectPath } from '../kit/paths.js';

export const SQUARE_PARCEL_LOOK: ShapeLook = {
  section: 'lens',
  sectionAlong: 'width',
  meshCut: 1,
  outline: rectangleOutline,
  above: ({ halfWidth: w, depth: d }) => [
    dough(rectPath(-w, -d, 2 * w, d, w * 0.08)),
    line(`M ${-w} ${-d} L ${w} 0 M ${w} ${-d} L ${-w} 0`),
  ],
  // On its corner: two of the four are folded in.
  frames({ half }) {
    const tip = half * Math.SQRT2;
    const side = half / Math.SQRT2;
    const square = `M 0 ${-tip} L ${tip} 0 L 0 ${tip} L ${-tip} 0 Z`;
    return [
      FILLED,
      {
        parts: [
          { path: square, fill: 'raw', opacity: 0.35 },
          line(square),
          dough(`M ${-side} ${-side} L 0 0 L ${-side} ${side} Z M ${side} ${-side} L 0 0 L ${side} ${side} Z`),
        ],
        arrows: arrows(half * 0.9, [90, 270], { inward: true }),
      },
    ];
  },
};
