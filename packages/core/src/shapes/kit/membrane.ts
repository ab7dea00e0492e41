import { type Point } from '../../draft/choices.js';
import { requireWithin } from '../../errors.js';

/** The membrane −∇²φ = 1 over a region, φ = 0 on its edge. */
export interface Membrane {
  readonly areaM2: number;
  readonly meanM2: number;
  readonly mostM2: number;
  /** Solved to this relative residual. */
  readonly residual: number;
  readonly converged: boolean;
}

const TOLERANCE = 1e-8;
const MOST_SWEEPS = 4000;
/** An edge closer than this share of a cell counts as this far: nearer would make the grid stiff. */
const LEAST_ARM = 0.02;

/** Area of a closed polygon, m²; the shoelace sum. */
function polygonArea(outline: readonly Point[]): number {
  return Math.abs(
    outline.reduce((sum, [x, y], i) => {
      const [u, v] = outline[(i + 1) % outline.length]!;
      return sum + (x * v - u * y) / 2;
    }, 0),
  );
}

/** Area, way around and both extents of an outline, in its own unit (or its square). */
export function outlineLengths(outline: readonly Point[]): {
  areaM2: number;
  aroundM: number;
  wideM: number;
  highM: number;
} {
  const [left, low, right, high] = boundsOf(outline);
  let aroundM = 0;
  outline.forEach(([x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!;
    aroundM += Math.hypot(u - x, v - y);
  });
  return { areaM2: polygonArea(outline), aroundM, wideM: right - left, highM: high - low };
}

function boundsOf(outline: readonly Point[]): [number, number, number, number] {
  const bounds: [number, number, number, number] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of outline) {
    if (x < bounds[0]) bounds[0] = x;
    if (y < bounds[1]) bounds[1] = y;
    if (x > bounds[2]) bounds[2] = x;
    if (y > bounds[3]) bounds[3] = y;
  }
  return bounds;
}

/** Where a line of the grid crosses the outline, in rising order. */
function crossings(outline: readonly Point[], at: number, axis: 0 | 1): number[] {
  const other = axis === 0 ? 1 : 0;
  const found: number[] = [];
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    const [from, to] = [a[axis], b[axis]];
    if (from > at === to > at) return;
    found.push(a[other] + ((at - from) / (to - from)) * (b[other] - a[other]));
  });
  return found.sort((a, b) => a - b);
}

/** For each grid point: 1 inside, and its distance to the edge each way in cells, at most 1. */
interface Arms {
  readonly inside: Uint8Array;
  readonly arms: readonly [Float64Array, Float64Array, Float64Array, Float64Array];
}

function armsOf(outline: readonly Point[], n: number, m: number, h: number, x0: number, y0: number): Arms {
  const size = n * m;
  const inside = new Uint8Array(size);
  const arms = [0, 1, 2, 3].map(() => new Float64Array(size).fill(1)) as unknown as Arms['arms'];
  const limit = (distance: number) => Math.max(LEAST_ARM, Math.min(1, distance / h));
  for (let j = 0; j < m; j++) {
    const cuts = crossings(outline, y0 + j * h, 1);
    for (let k = 0; k + 1 < cuts.length; k += 2) {
      for (let i = Math.max(0, Math.ceil((cuts[k]! - x0) / h)); i < n && x0 + i * h < cuts[k + 1]!; i++) {
        const x = x0 + i * h;
        if (x <= cuts[k]!) continue;
        const at = j * n + i;
        inside[at] = 1;
        arms[0][at] = limit(x - cuts[k]!);
        arms[1][at] = limit(cuts[k + 1]! - x);
      }
    }
  }
  for (let i = 0; i < n; i++) {
    const cuts = crossings(outline, x0 + i * h, 0);
    for (let k = 0; k + 1 < cuts.length; k += 2) {
      for (let j = Math.max(0, Math.ceil((cuts[k]! - y0) / h)); j < m && y0 + j * h < cuts[k + 1]!; j++) {
        const y = y0 + j * h;
        if (y <= cuts[k]!) continue;
        arms[2][j * n + i] = limit(y - cuts[k]!);
        arms[3][j * n + i] = limit(cuts[k + 1]! - y);
      }
    }
  }
  return { inside, arms };
}

function requireOutline(outline: readonly Point[], cells: number): void {
  requireWithin(cells, 16, 256, 'cells');
  requireWithin(outline.length, 3, 5000, 'outline');
  outline.forEach(([x, y], i) => {
    requireWithin(x, -10, 10, `outline.${i}.0`);
    requireWithin(y, -10, 10, `outline.${i}.1`);
  });
}

/** The membrane over what is left of an outline when its rim is taken for the seal. */
export interface InsetMembrane extends Membrane {
  /** Furthest any point of it lies from its edge. */
  readonly reachM: number;
}

/** Square of the distance from a point to the outline. */
function squareToOutline(outline: readonly Point[], x: number, y: number): number {
  let least = Infinity;
  let [ax, ay] = outline[outline.length - 1]!;
  for (const [bx, by] of outline) {
    const [dx, dy] = [bx - ax, by - ay];
    const length2 = dx * dx + dy * dy;
    let u = length2 > 0 ? ((x - ax) * dx + (y - ay) * dy) / length2 : 0;
    u = u < 0 ? 0 : u > 1 ? 1 : u;
    const [ex, ey] = [x - ax - u * dx, y - ay - u * dy];
    const square = ex * ex + ey * ey;
    if (square < least) least = square;
    [ax, ay] = [bx, by];
  }
  return least;
}

/**
 * Solves the membrane over all points that lie further than `insetM` inside an outline: the
 * pocket of a cutter of any shape. The edge lies where the distance is just that, found
 * between grid points by straight lines.
 *
 * @param outline at least three points, m, in order; not crossing itself
 * @param insetM rim taken for the seal, 0–10
 * @param cells across the longer side of the outline, 16–256
 * @returns `null` when the rim leaves nothing
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example solveInset([[-0.05, -0.05], [0.05, -0.05], [0.05, 0.05], [-0.05, 0.05]], 0.01, 40).areaM2 // 0.00641
 */
export function solveInset(outline: readonly Point[], insetM: number, cells: number): InsetMembrane | null {
  requireOutline(outline, cells);
  requireWithin(insetM, 0, 10, 'insetM');
  const [x0, y0, x1, y1] = boundsOf(outline);
  const h = Math.max(x1 - x0, y1 - y0) / cells;
  if (!(h > 0 && polygonArea(outline) > 0)) return null;
  const n = Math.ceil((x1 - x0) / h) + 3;
  const m = Math.ceil((y1 - y0) / h) + 3;
  const [left, low] = [x0 - h, y0 - h];
  const depth = depthsOf(outline, n, m, h, left, low);
  let areaM2 = 0;
  let reachM = 0;
  for (let at = 0; at < depth.length; at++) {
    depth[at] = depth[at]! - insetM;
    const share = 0.5 + depth[at]! / h;
    areaM2 += (share < 0 ? 0 : share > 1 ? 1 : share) * h * h;
    if (depth[at]! > reachM) reachM = depth[at]!;
  }
  if (!(reachM > 0)) return null;
  const inside = new Uint8Array(n * m);
  const arms = [0, 1, 2, 3].map(() => new Float64Array(n * m).fill(1)) as unknown as Arms['arms'];
  [-1, 1, -n, n].forEach((shift, k) => {
    for (let at = 0; at < depth.length; at++) {
      const here = depth[at]!;
      if (!(here > 0)) continue;
      inside[at] = 1;
      const there = depth[at + shift] ?? -h;
      if (there > 0) continue;
      const arm = here / (here - there);
      arms[k]![at] = arm < LEAST_ARM ? LEAST_ARM : arm > 0.999 ? 0.999 : arm;
    }
  });
  const { phi, residual } = relax({ inside, arms }, n, m, h);
  let sum = 0;
  let mostM2 = 0;
  for (const value of phi) {
    sum += value;
    if (value > mostM2) mostM2 = value;
  }
  return { areaM2, meanM2: (sum * h * h) / areaM2, mostM2, reachM, residual, converged: residual <= TOLERANCE };
}

/** Distance to the outline at each grid point, less than 0 outside, m. */
function depthsOf(outline: readonly Point[], n: number, m: number, h: number, left: number, low: number): Float64Array {
  const depth = new Float64Array(n * m);
  for (let j = 0; j < m; j++) {
    const y = low + j * h;
    const cuts = crossings(outline, y, 1);
    for (let i = 0; i < n; i++) {
      const x = left + i * h;
      let passed = 0;
      for (const cut of cuts) if (cut < x) passed += 1;
      const distance = Math.sqrt(squareToOutline(outline, x, y));
      depth[j * n + i] = passed % 2 === 1 ? distance : -distance;
    }
  }
  return depth;
}

/**
 * Solves the membrane over any closed outline, on a grid whose points beside the edge know how
 * far it is: successive over-relaxation of the five-point scheme with shortened arms, second
 * order at the edge. Source: docs/models/fold.md.
 *
 * @param outline at least three points, m, in order; not crossing itself
 * @param cells across the longer side, 16–256
 * @returns `null` when nothing lies inside
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function solveMembrane(outline: readonly Point[], cells = 96): Membrane | null {
  requireOutline(outline, cells);
  const [x0, y0, x1, y1] = boundsOf(outline);
  const wide = x1 - x0;
  const high = y1 - y0;
  const h = Math.max(wide, high) / cells;
  const areaM2 = polygonArea(outline);
  if (!(h > 0 && areaM2 > 0)) return null;
  // Half a cell off, so that no grid line runs along a straight edge.
  const n = Math.ceil(wide / h) + 1;
  const m = Math.ceil(high / h) + 1;
  const grid = armsOf(outline, n, m, h, x0 - h / 2, y0 - h / 2);
  const { phi, residual } = relax(grid, n, m, h);
  let sum = 0;
  let inside = 0;
  let mostM2 = 0;
  for (let at = 0; at < phi.length; at++) {
    if (!grid.inside[at]) continue;
    inside += 1;
    sum += phi[at]!;
    if (phi[at]! > mostM2) mostM2 = phi[at]!;
  }
  if (inside === 0) return null;
  return { areaM2, meanM2: (sum * h * h) / areaM2, mostM2, residual, converged: residual <= TOLERANCE };
}

/**
 * Relaxes until a sweep hardly changes anything. Points are numbered from 1; 0 stands for the
 * edge, where φ is 0. Coefficients of each point are set once: a sweep is sums of products.
 */
function relax({ inside, arms }: Arms, n: number, m: number, h: number): { phi: Float64Array; residual: number } {
  const number = new Int32Array(n * m);
  const points: number[] = [];
  for (let at = 0; at < inside.length; at++) if (inside[at]) number[at] = points.push(at);
  const shift = [-1, 1, -n, n] as const;
  const beside = new Int32Array(4 * points.length);
  const weight = new Float64Array(4 * points.length);
  const source = new Float64Array(points.length);
  points.forEach((at, p) => {
    const [a, b, c, d] = arms.map((arm) => arm[at]!) as [number, number, number, number];
    const own = 1 / (a * b) + 1 / (c * d);
    source[p] = (h * h) / 2 / own;
    [a, b, c, d].forEach((arm, k) => {
      weight[4 * p + k] = 1 / (arm * (k < 2 ? a + b : c + d) * own);
      // A shortened arm ends at the edge.
      beside[4 * p + k] = arm < 1 ? 0 : (number[at + shift[k]!] ?? 0);
    });
  });
  const value = new Float64Array(points.length + 1);
  const omega = 2 / (1 + Math.sin(Math.PI / Math.max(n, m)));
  let residual = points.length > 0 ? Infinity : 0;
  for (let sweep = 0; sweep < MOST_SWEEPS && residual > TOLERANCE; sweep++) {
    let change = 0;
    let size = 0;
    for (let p = 0, k = 0; p < points.length; p++, k += 4) {
      const next =
        source[p]! +
        weight[k]! * value[beside[k]!]! +
        weight[k + 1]! * value[beside[k + 1]!]! +
        weight[k + 2]! * value[beside[k + 2]!]! +
        weight[k + 3]! * value[beside[k + 3]!]!;
      const by = omega * (next - value[p + 1]!);
      value[p + 1] = value[p + 1]! + by;
      change += by < 0 ? -by : by;
      size += value[p + 1]!;
    }
    residual = change / Math.max(size, 1e-300);
  }
  const phi = new Float64Array(n * m);
  points.forEach((at, p) => (phi[at] = value[p + 1]!));
  return { phi, residual };
}
