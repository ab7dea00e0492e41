/** Conduction in three dimensions, and its one-dimensional likeness: what the bodies of the fryer are fitted to. */
import type { Solid } from './solid.js';

/** From 20 °C to 74 °C under a skin at 100 °C: what is left of the first difference. */
const LEFT = (100 - 74) / (100 - 20);
/** Nearest the skin may lie to a point of the grid, shares of a cell: nearer ones would need tiny steps. */
const NEAREST = 0.1;

/** How a solid warms: Fourier time over the step², of the point that is last to reach 74 °C. */
export interface Warmed {
  /** α·t, m². */
  readonly diffusedM2: number;
  /** From the coldest point to the nearest skin, m. */
  readonly inRadiusM: number;
  readonly volumeM3: number;
}

/**
 * Explicit steps on a grid of points; the skin lies where it truly lies between two of them.
 * @param stepM of the grid: a twelfth of the in-radius or less gives about a hundredth
 */
export function warmSolid(solid: Solid, stepM: number): Warmed {
  const from = solid.least.map((least, d) => (solid.mirrored[d] ? stepM / 2 : least - stepM)) as [
    number,
    number,
    number,
  ];
  const n = solid.most.map((most, d) => Math.ceil((most - from[d]!) / stepM) + 2) as [number, number, number];
  const [nx, ny, nz] = n;
  const at = (i: number): [number, number, number] => [
    from[0] + (i % nx) * stepM,
    from[1] + (Math.floor(i / nx) % ny) * stepM,
    from[2] + Math.floor(i / nx / ny) * stepM,
  ];
  const cells: number[] = [];
  const place = new Int32Array(nx * ny * nz).fill(-1);
  for (let i = 0; i < place.length; i++) {
    if (!solid.inside(...at(i))) continue;
    place[i] = cells.length;
    cells.push(i);
  }
  const count = cells.length;
  // Of each cell: its six neighbours (−1: the skin, at a share of a step; itself: a plane of symmetry).
  const next = new Int32Array(6 * count);
  const inverse = new Float64Array(6 * count);
  const moves: readonly [number, number, number][] = [
    [-1, 0, 0],
    [1, 0, 0],
    [0, -1, 0],
    [0, 1, 0],
    [0, 0, -1],
    [0, 0, 1],
  ];
  const strides = [1, nx, nx * ny];
  let most = 0;
  for (let c = 0; c < count; c++) {
    const i = cells[c]!;
    const [x, y, z] = at(i);
    let sum = 0;
    moves.forEach(([dx, dy, dz], side) => {
      const d = side >> 1;
      const isMirror = solid.mirrored[d] && side % 2 === 0 && Math.floor(i / strides[d]!) % n[d]! === 0;
      const to = isMirror ? c : place[i + (side % 2 ? 1 : -1) * strides[d]!]!;
      next[6 * c + side] = to;
      let share = 1;
      if (to < 0) {
        let [low, high] = [0, 1];
        for (let k = 0; k < 10; k++) {
          const middle = (low + high) / 2;
          if (solid.inside(x + dx * middle * stepM, y + dy * middle * stepM, z + dz * middle * stepM)) low = middle;
          else high = middle;
        }
        share = Math.max(NEAREST, (low + high) / 2);
      }
      inverse[6 * c + side] = share;
    });
    // Unequal arms: 2/(a + b) of the sum of both slopes, each way.
    for (let d = 0; d < 3; d++) {
      const [a, b] = [inverse[6 * c + 2 * d]!, inverse[6 * c + 2 * d + 1]!];
      inverse[6 * c + 2 * d] = 2 / (a * (a + b));
      inverse[6 * c + 2 * d + 1] = 2 / (b * (a + b));
      sum += 2 / (a * b);
    }
    most = Math.max(most, sum);
  }
  // Excess over the skin, 1 at first, 0 at the skin.
  let now = new Float64Array(count).fill(1);
  let then = new Float64Array(count);
  const fourier = 0.98 / most;
  let steps = 0;
  let coldest = 0;
  let before = 1;
  for (;;) {
    let hottest = 0;
    for (let c = 0; c < count; c++) {
      let flow = 0;
      for (let side = 6 * c; side < 6 * c + 6; side++) {
        const to = next[side]!;
        flow += inverse[side]! * ((to < 0 ? 0 : now[to]!) - now[c]!);
      }
      const value = now[c]! + fourier * flow;
      then[c] = value;
      if (value > hottest) {
        hottest = value;
        coldest = c;
      }
    }
    steps += 1;
    [now, then] = [then, now];
    if (hottest <= LEFT) {
      const back = (LEFT - hottest) / (before - hottest);
      // On a plane of symmetry the coldest point lies in it, half a step from its cell.
      const [x, y, z] = at(cells[coldest]!).map((value, d) => (solid.mirrored[d] ? 0 : value)) as [
        number,
        number,
        number,
      ];
      const copies = solid.mirrored.reduce((product, mirrored) => product * (mirrored ? 2 : 1), 1);
      return {
        diffusedM2: (steps - back) * fourier * stepM * stepM,
        inRadiusM: reachOf(solid, x, y, z, stepM),
        volumeM3: count * copies * stepM ** 3,
      };
    }
    before = hottest;
  }
}

/** From a point to the nearest skin, m: along many rays. */
function reachOf(solid: Solid, x: number, y: number, z: number, stepM: number): number {
  let least = Infinity;
  const rays = 800;
  for (let i = 0; i < rays; i++) {
    // Evenly over the ball.
    const height = 1 - (2 * (i + 0.5)) / rays;
    const angle = Math.PI * (1 + Math.sqrt(5)) * i;
    const flat = Math.sqrt(1 - height * height);
    const [dx, dy, dz] = [flat * Math.cos(angle), flat * Math.sin(angle), height];
    let along = 0;
    while (along < least && solid.inside(x + dx * along, y + dy * along, z + dz * along)) along += stepM / 8;
    least = Math.min(least, along);
  }
  return least;
}

/** α·t/R² of a body of exponent m until its middle is at 74 °C, as above: by fine shells. */
export function warmedBody(m: number): number {
  const cells = 200;
  const value = new Float64Array(cells).fill(1);
  const dx = 1 / cells;
  // Backward Euler, tiny steps; areas r^(m−1), volumes of the shells.
  const area = Array.from({ length: cells + 1 }, (_, i) => (i === 0 ? 0 : (i * dx) ** (m - 1)));
  const volume = Array.from({ length: cells }, (_, i) => (((i + 1) * dx) ** m - (i * dx) ** m) / m);
  const dt = 2e-4;
  const upper = new Float64Array(cells);
  const right = new Float64Array(cells);
  let time = 0;
  let before = 1;
  for (;;) {
    for (let i = 0; i < cells; i++) {
      const low = i === 0 ? 0 : area[i]! / dx;
      const high = i === cells - 1 ? area[cells]! / (dx / 2) : area[i + 1]! / dx;
      const inertia = volume[i]! / dt;
      const pivot = inertia + low + high - (i === 0 ? 0 : low * upper[i - 1]!);
      upper[i] = i === cells - 1 ? 0 : high / pivot;
      right[i] = (inertia * value[i]! + (i === 0 ? 0 : low * right[i - 1]!)) / pivot;
    }
    for (let i = cells - 1; i >= 0; i--) value[i] = right[i]! + (i === cells - 1 ? 0 : upper[i]! * value[i + 1]!);
    time += dt;
    if (value[0]! <= LEFT) return time - dt * ((LEFT - value[0]!) / (before - value[0]!));
    before = value[0]!;
  }
}

let known: { readonly m: number; readonly time: number }[] | null = null;
const bodies = () =>
  (known ??= Array.from({ length: 21 }, (_, i) => ({ m: 1 + i / 10, time: warmedBody(1 + i / 10) })));

/** α·t/R² by straight lines between solved exponents, 1 to 3. */
export function bodyTime(m: number): number {
  const list = bodies();
  const i = Math.min(list.length - 2, Math.max(0, Math.floor((m - 1) * 10)));
  const u = (m - list[i]!.m) * 10;
  return list[i]!.time + u * (list[i + 1]!.time - list[i]!.time);
}

/** The exponent with which a body of radius R takes as long; under 1 or over 3 where none does. */
export function exponentFor(time: number): number {
  const list = bodies();
  let i = 0;
  while (i < list.length - 2 && list[i + 1]!.time > time) i += 1;
  const [a, b] = [list[i]!, list[i + 1]!];
  return a.m + ((a.time - time) / (a.time - b.time)) * 0.1;
}
