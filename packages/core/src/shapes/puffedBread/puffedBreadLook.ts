import type { ShapeLook } from '../kit/drawn.js';
import { arrows, FILLED, hidden } from '../kit/frames.js';
import { ellipseOutline } from '../kit/outline.js';
import { circlePath, dough, line } from '../kit/paths.js';

export const PUFFED_BREAD_LOOK: ShapeLook = {
  section: 'hollow',
  sectionAlong: 'width',
  meshCut: 1,
  outline: ellipseOutline,
  above: ({ halfWidth: w, depth: d }) => [
    dough(circlePath(w, -d / 2)),
    line(
      `M ${-w * 0.55} ${-d * 0.62} A ${w * 0.7} ${w * 0.7} 0 0 1 ${w * 0.2} ${-d * 0.82} M ${w * 0.5} ${-d * 0.3} A ${w * 0.62} ${w * 0.62} 0 0 1 ${w * 0.05} ${-d * 0.19}`,
    ),
  ],
  frames: ({ half, seal, holdsFilling }) => [
    FILLED,
    {
      parts: [dough(circlePath(half)), ...(holdsFilling ? [hidden(circlePath(half - seal))] : [])],
      arrows: arrows(half * 0.95, [0, 90, 180, 270]),
    },
  ],
};
