import type { Point } from '@ember-fold/core/plan';

const MOST_POINTS = 400;

/**
 * Points along the first closed stretch of an SVG path, y up; `null` when the browser cannot
 * read it. The browser's own reader does the work; it draws nothing.
 */
export function pathPoints(d: string): Point[] | null {
  const text = d.trim();
  if (!/^[Mm][\d\s.,eE+\-MmLlHhVvCcSsQqTtAaZz]*$/.test(text)) return null;
  // One outline: what follows the first end belongs to another.
  const first = /^([^Zz]*)[Zz]?/.exec(text)![1]!;
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
  path.setAttribute('d', `${first} Z`);
  let length = 0;
  try {
    length = path.getTotalLength();
  } catch {
    return null;
  }
  if (!(length > 0) || !Number.isFinite(length)) return null;
  const points = Array.from({ length: MOST_POINTS }, (_, i): Point => {
    const { x, y } = path.getPointAtLength((length * i) / MOST_POINTS);
    return [x, -y];
  });
  return points.every(([x, y]) => Math.abs(x) < 1e6 && Math.abs(y) < 1e6) ? points : null;
}
