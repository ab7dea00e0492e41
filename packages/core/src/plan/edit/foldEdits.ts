import { requireWithin } from '../../errors.js';
import { outlineLengths } from '../../shapes/kit/membrane.js';
import type { TrayDraft } from '../../draft/draft.js';
import { withFold, withShape } from './editDraft.js';
import { type Point } from '../../draft/choices.js';
import type { Known } from '../../draft/kitchen.js';

/** An outline keeps at most this many points. */
const OUTLINE_POINTS = 96;

/** Whether two stretches cross. */
function cross(a: Point, b: Point, c: Point, d: Point): boolean {
  const side = (p: Point, q: Point, r: Point) => (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

/**
 * A drawn or imported outline made fit for a cutter: evenly spaced points, its longer side 1,
 * around its middle. `null` when it has no area to speak of, or crosses itself.
 *
 * @param drawn at least three points, any unit, within ±1e6
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example cutterOutline([[0, 0], [1, 0]]) // null
 */
export function cutterOutline(drawn: readonly Point[]): readonly Point[] | null {
  requireWithin(drawn.length, 0, 20_000, 'outline');
  drawn.forEach(([x, y], i) => {
    requireWithin(x, -1e6, 1e6, `outline.${i}.0`);
    requireWithin(y, -1e6, 1e6, `outline.${i}.1`);
  });
  if (drawn.length < 3) return null;
  const { aroundM, areaM2, wideM, highM } = outlineLengths(drawn);
  const longer = Math.max(wideM, highM);
  // Thinner than a twentieth of its length is no cutter.
  if (!(areaM2 > 0.02 * longer * longer)) return null;
  const even = evenly(drawn, aroundM);
  for (let i = 0; i < even.length; i++) {
    for (let j = i + 2; j < even.length; j++) {
      if (i === 0 && j === even.length - 1) continue;
      if (cross(even[i]!, even[i + 1]!, even[j]!, even[(j + 1) % even.length]!)) return null;
    }
  }
  const xs = even.map((p) => p[0]);
  const ys = even.map((p) => p[1]);
  const [left, right, low, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const size = Math.max(right - left, top - low);
  // Ten-thousandths of a cutter are finer than any knife.
  const round = (v: number) => Math.round(v * 1e4) / 1e4;
  return even.map(([x, y]): Point => [round((x - (left + right) / 2) / size), round((y - (low + top) / 2) / size)]);
}

function evenly(drawn: readonly Point[], around: number): Point[] {
  const step = around / OUTLINE_POINTS;
  const points: Point[] = [];
  let walked = 0;
  drawn.forEach(([ax, ay], i) => {
    const [bx, by] = drawn[(i + 1) % drawn.length]!;
    const length = Math.hypot(bx - ax, by - ay);
    while (points.length < OUTLINE_POINTS && points.length * step < walked + length) {
      const u = (points.length * step - walked) / length;
      points.push([ax + u * (bx - ax), ay + u * (by - ay)]);
    }
    walked += length;
  });
  return points;
}

/**
 * A batch cut with the cook's own cutter; dough follows.
 * @example withOutline(draft, cutterOutline([[0, 0], [4, 0], [4, 3], [0, 3]]), kitchen).shape // 'own-cutter'
 */
export function withOutline(draft: TrayDraft, outline: readonly Point[], known: Known): TrayDraft {
  const formed = withShape(draft, 'own-cutter', known);
  return withFold(formed, { outline });
}
