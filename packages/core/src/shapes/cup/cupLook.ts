import type { ShapeLook } from '../kit/drawn.js';
import { FILLED, filling } from '../kit/frames.js';
import { ellipseOutline } from '../kit/outline.js';
import { circlePath, dough, line } from '../kit/paths.js';

export const CUP_LOOK: ShapeLook = {
  section: 'cup',
  sectionAlong: 'width',
  meshCut: 1,
  outline: ellipseOutline,
  above: ({ halfWidth: w, depth: d, seal }) => [
    dough(circlePath(w, -d / 2)),
    line(circlePath(w - seal, -d / 2)),
    line(circlePath(w * 0.08, -d / 2)),
  ],
  frames({ piece, seal }) {
    const r = piece.widthM * 500;
    return [FILLED, { parts: [dough(circlePath(r)), filling(circlePath(r - seal))] }];
  },
};
