import { dough, ellipsePath, line } from './paths.js';
import type { AboveSizes, DrawnArrows, DrawnPart, FoldFrame, FoldSizes, ShapeLook } from './drawn.js';
import { ellipseOutline } from './outline.js';

/** The blank with its filling on it. */
export const FILLED: FoldFrame = { blank: 'filled', parts: [] };

export const hidden = (path: string): DrawnPart => ({ path, fill: 'hidden-filling' });
export const filling = (path: string): DrawnPart => ({ path, fill: 'filling' });

/** Arrows around a point: outwards, until said otherwise. */
export const arrows = (reach: number, waysDeg: readonly number[], at: Partial<DrawnArrows> = {}): DrawnArrows => ({
  x: 0,
  y: 0,
  reach,
  waysDeg,
  inward: false,
  ...at,
});

/** A rim drawn up over its filling, in pleats. */
function drawnUp({ half }: FoldSizes): FoldFrame {
  const open = half * 0.62;
  const points = Array.from({ length: 24 }, (_, i) => {
    const at = open * (i % 2 ? 1 : 0.86);
    const angle = (Math.PI * i) / 12;
    return `${at * Math.cos(angle)} ${at * Math.sin(angle)}`;
  });
  return {
    parts: [dough(`M ${points.join(' L ')} Z`), filling(ellipsePath(0, 0, open * 0.5, open * 0.5))],
    arrows: arrows(half, [0, 90, 180, 270], { inward: true }),
  };
}

/** How a gathered shape looks: round in section, its rim drawn up. @param above the finished piece */
export const gatheredLook = (above: (sizes: AboveSizes) => readonly DrawnPart[]): ShapeLook => ({
  section: 'round',
  sectionAlong: 'width',
  meshCut: 1,
  outline: ellipseOutline,
  above,
  frames: (sizes) => [FILLED, drawnUp(sizes)],
});

/** A cone lies open, its mouth to the cook: empty, then filled. */
export function openCone({ piece }: FoldSizes, isFull: boolean): FoldFrame {
  const [w, d] = [piece.widthM * 500, piece.depthM * 1000];
  const mouthY = d / 2 - d * 0.86;
  const cone = `M 0 ${d / 2} L ${w} ${mouthY} Q 0 ${d / 2 - d * 1.14} ${-w} ${mouthY} Z`;
  return {
    parts: [dough(cone), { path: ellipsePath(0, mouthY, w * 0.96, d * 0.12), fill: isFull ? 'filling' : 'inside' }],
  };
}

/** Short lines from the middle out: where the dough was gathered. */
function pleatsPath(y: number, r: number): string {
  const lines = Array.from({ length: 9 }, (_, i) => {
    const angle = (2 * Math.PI * i) / 9;
    const at = (share: number, turn: number) =>
      `${share * r * Math.cos(angle + turn)} ${y + share * r * Math.sin(angle + turn)}`;
    return `M ${at(0.08, 0)} Q ${at(0.25, 0.5)} ${at(0.45, 0.6)}`;
  });
  return lines.join(' ');
}

/** How a long gathered shape looks: an ellipse with the line of its hollow. */
export const longLook: ShapeLook = gatheredLook(({ halfWidth: w, depth: d }) => [
  dough(ellipsePath(0, -d / 2, w, d / 2)),
  line(`M ${-w * 0.6} ${-d * 0.56} Q 0 ${-d * 0.42} ${w * 0.6} ${-d * 0.56}`),
]);

/** How a round gathered shape looks: its pleats meet in the middle. */
export const pleatedLook: ShapeLook = gatheredLook(({ halfWidth, depth }) => [
  dough(ellipsePath(0, -depth / 2, halfWidth, depth / 2)),
  line(pleatsPath(-depth / 2, halfWidth)),
]);
