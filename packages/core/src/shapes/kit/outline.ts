import type { Point } from '../../draft/choices.js';
import type { Piece } from './piece.js';

/** Points around an outline. */
export const AROUND = 96;

const turn = (at: (angle: number) => Point): Point[] =>
  Array.from({ length: AROUND }, (_, i) => at((2 * Math.PI * i) / AROUND));

/** The furthest point at which a ray from `from` crosses an outline, relative to `from`. */
function hit(outline: readonly Point[], from: Point, angle: number): Point {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  let most = 0;
  outline.forEach(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!;
    const [ex, ey] = [bx - ax, by - ay];
    const cross = cos * ey - sin * ex;
    if (Math.abs(cross) < 1e-15) return;
    const along = ((ax - from[0]) * ey - (ay - from[1]) * ex) / cross;
    const share = ((ax - from[0]) * sin - (ay - from[1]) * cos) / cross;
    if (share >= -1e-9 && share <= 1 + 1e-9 && along > most) most = along;
  });
  return [most * cos, most * sin];
}

/** An outline seen from a point inside it that sees all of it. */
export const outlineFrom = (points: readonly Point[], from: Point): Point[] =>
  turn((angle) => hit(points, from, angle));

/** Corners joined by straight lines, seen from the middle of them. */
export function polygonOutline(points: readonly Point[]): Point[] {
  const middle = points.reduce<Point>(([a, b], [x, y]) => [a + x / points.length, b + y / points.length], [0, 0]);
  return outlineFrom(points, middle);
}

/** An ellipse as wide and as deep as the piece. */
export const ellipseOutline = ({ widthM, depthM }: Piece): Point[] =>
  turn((angle) => [(widthM / 2) * Math.cos(angle), (depthM / 2) * Math.sin(angle)]);

/** A triangle on its base. */
export const triangleOutline = ({ widthM: w, depthM: d }: Piece): Point[] =>
  polygonOutline([
    [-w / 2, 0],
    [w / 2, 0],
    [0, d],
  ]);

/** A rectangle as wide and as deep as the piece. */
export const rectangleOutline = ({ widthM: w, depthM: d }: Piece): Point[] =>
  polygonOutline([
    [-w / 2, -d / 2],
    [w / 2, -d / 2],
    [w / 2, d / 2],
    [-w / 2, d / 2],
  ]);
