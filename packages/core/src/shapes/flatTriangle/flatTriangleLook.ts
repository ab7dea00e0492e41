import type { ShapeLook } from '../kit/drawn.js';
import { openCone } from '../kit/frames.js';
import { triangleOutline } from '../kit/outline.js';
import { dough, line } from '../kit/paths.js';

export const FLAT_TRIANGLE_LOOK: ShapeLook = {
  section: 'pyramid',
  sectionAlong: 'width',
  meshCut: 0,
  outline: triangleOutline,
  above: ({ halfWidth: w, depth: d }) => [
    dough(`M ${-w} 0 L ${w} 0 L 0 ${-d} Z`),
    line(`M 0 ${-d / 3} L 0 ${-d} M 0 ${-d / 3} L ${-w} 0 M 0 ${-d / 3} L ${w} 0`),
  ],
  frames: (sizes) => [openCone(sizes, false), openCone(sizes, true)],
};
