import type { Point } from '../../draft/choices.js';
import type { DrawnPart } from './drawn.js';

/** An ellipse as path data. @param turnDeg turned clockwise about its middle */
export function ellipsePath(x: number, y: number, rx: number, ry: number, turnDeg = 0): string {
  const turn = (turnDeg * Math.PI) / 180;
  const [dx, dy] = [rx * Math.cos(turn), rx * Math.sin(turn)];
  const arc = `A ${rx} ${ry} ${turnDeg} 1 1`;
  return `M ${x - dx} ${y - dy} ${arc} ${x + dx} ${y + dy} ${arc} ${x - dx} ${y - dy} Z`;
}

/** A circle as path data; a radius under 0 is 0. */
export const circlePath = (r: number, y = 0): string => ellipsePath(0, y, Math.max(0, r), Math.max(0, r));

/** A rectangle as path data. @param corner radius of its corners */
export function rectPath(x: number, y: number, wide: number, high: number, corner = 0): string {
  if (corner <= 0) return `M ${x} ${y} h ${wide} v ${high} h ${-wide} Z`;
  const arc = (dx: number, dy: number) => `a ${corner} ${corner} 0 0 1 ${dx} ${dy}`;
  const [h, v] = [wide - 2 * corner, high - 2 * corner];
  return `M ${x + corner} ${y} h ${h} ${arc(corner, corner)} v ${v} ${arc(-corner, corner)} h ${-h} ${arc(-corner, -corner)} v ${-v} ${arc(corner, -corner)} Z`;
}

/** Smallest and largest of an outline along one axis. */
function extent(outline: readonly Point[], axis: 0 | 1): [least: number, most: number] {
  const along = outline.map((point) => point[axis]);
  return [Math.min(...along), Math.max(...along)];
}

/**
 * An own cutter's outline around its middle as path data, y down the page.
 * @param scaleX mm for one unit of the outline, which is 1 along its longer side
 * @example outlinePath([[0, 0], [1, 0], [0, 1]], 10) // 'M -5.00 5.00 L 5.00 5.00 L -5.00 -5.00 Z'
 */
export function outlinePath(outline: readonly Point[], scaleX: number, scaleY = scaleX): string {
  const [left, right] = extent(outline, 0);
  const [low, high] = extent(outline, 1);
  const [x, y] = [(left + right) / 2, (low + high) / 2];
  return `M ${outline.map((p) => `${((p[0] - x) * scaleX).toFixed(2)} ${((y - p[1]) * scaleY).toFixed(2)}`).join(' L ')} Z`;
}

/** An own cutter's outline as path data, scaled to a width and a height, mm, with its middle at `y`. */
export function outlineWithin(outline: readonly Point[], wide: number, high: number, y: number): string {
  const [left, right] = extent(outline, 0);
  const [low, most] = extent(outline, 1);
  const [scaleX, scaleY] = [Math.max(0, wide) / (right - left || 1), Math.max(0, high) / (most - low || 1)];
  const middle: Point = [(left + right) / 2, (low + most) / 2];
  return `M ${outline.map((p) => `${((p[0] - middle[0]) * scaleX).toFixed(2)} ${(y + (middle[1] - p[1]) * scaleY).toFixed(2)}`).join(' L ')} Z`;
}

export const line = (path: string, dash?: DrawnPart['dash']): DrawnPart => ({
  path,
  fill: 'none',
  ...(dash && { dash }),
});
export const dough = (path: string): DrawnPart => ({ path, fill: 'dough' });
