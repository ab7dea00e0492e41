import type { ShapeLook } from '../kit/drawn.js';
import { arrows, FILLED, hidden } from '../kit/frames.js';
import { ellipseOutline } from '../kit/outline.js';
import { circlePath, dough, line } from '../kit/paths.js';

export const TWO_DISCS_LOOK: ShapeLook = {
  section: 'lens',
  sectionAlong: 'width',
  meshCut: 1,
  outline: ellipseOutline,
  above: ({ halfWidth, depth, seal }) => [
    dough(circlePath(halfWidth, -depth / 2)),
    line(circlePath(halfWidth - seal, -depth / 2), 'short'),
  ],
  frames: ({ half, seal }) => [
    FILLED,
    {
      parts: [dough(circlePath(half)), hidden(circlePath((half - seal) * 0.8))],
      arrows: arrows(half * 0.95, [45, 135, 225, 315]),
    },
  ],
};
