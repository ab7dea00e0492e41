import type { ShapeLook } from '../kit/drawn.js';
import { openCone } from '../kit/frames.js';
import { polygonOutline } from '../kit/outline.js';
import { dough, line } from '../kit/paths.js';

export const CONE_LOOK: ShapeLook = {
  section: 'lens',
  sectionAlong: 'width',
  meshCut: 0,
  outline: ({ widthM: w, depthM: d }) =>
    polygonOutline([
      [-w / 2, d],
      [0, 0],
      [w / 2, d],
    ]),
  above: ({ halfWidth: w, depth: d }) => [
    dough(`M 0 0 L ${w} ${-d * 0.86} Q 0 ${-d * 1.14} ${-w} ${-d * 0.86} Z`),
    line(`M 0 0 L ${w * 0.25} ${-d * 0.93}`),
    line(`M ${-w} ${-d * 0.86} Q 0 ${-d * 0.98} ${w} ${-d * 0.86}`, 'short'),
  ],
  frames: (sizes) => [openCone(sizes, false), openCone(sizes, true)],
};
