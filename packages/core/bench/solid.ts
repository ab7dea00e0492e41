/** Pieces as solids in the round, for conduction in three dimensions. Lengths m. */
import type { Point } from '../src/draft/choices.js';
import { coneAspect, coneFullness, coneSizes, ellipseAround } from '../src/shapes/cone/cone.js';
import { cupSizes } from '../src/shapes/cup/cup.js';
import { LEAF } from '../src/shapes/ownCutter/ownCutter.js';
import { outlineLengths } from '../src/shapes/kit/membrane.js';
import type { Piece, PieceSpec } from '../src/shapes/kit/piece.js';

export interface Solid {
  readonly least: readonly [number, number, number];
  readonly most: readonly [number, number, number];
  /** Alike above and below z = 0, left and right of x = 0, before and behind y = 0. */
  readonly mirrored: readonly [x: boolean, y: boolean, z: boolean];
  inside(x: number, y: number, z: number): boolean;
}

const ellipsoid = (a: number, b: number, c: number): Solid => ({
  least: [-a, -b, -c],
  most: [a, b, c],
  mirrored: [true, true, true],
  inside: (x, y, z) => (x / a) ** 2 + (y / b) ** 2 + (z / c) ** 2 <= 1,
});

/** Grid of a pocket seen from above: the membrane −∇²φ = 1, 0 around, over its greatest. */
class Pillow {
  readonly phi: Float64Array;
  private readonly nx: number;
  private readonly ny: number;
  constructor(
    private readonly x0: number,
    private readonly y0: number,
    x1: number,
    y1: number,
    isIn: (x: number, y: number) => boolean,
    private readonly step: number,
  ) {
    this.nx = Math.ceil((x1 - x0) / step) + 2;
    this.ny = Math.ceil((y1 - y0) / step) + 2;
    const { nx, ny } = this;
    const phi = new Float64Array(nx * ny);
    const open = Array.from({ length: nx * ny }, (_, i) => isIn(...this.at(i)));
    // Over-relaxation: a few hundred points across converge in as many rounds.
    const relax = 2 / (1 + Math.PI / Math.max(nx, ny));
    for (let round = 0; round < 4 * Math.max(nx, ny); round++) {
      for (let i = nx; i < phi.length - nx; i++) {
        if (!open[i]) continue;
        const next = (phi[i - 1]! + phi[i + 1]! + phi[i - nx]! + phi[i + nx]! + step * step) / 4;
        phi[i] = phi[i]! + relax * (next - phi[i]!);
      }
    }
    const most = phi.reduce((a, b) => Math.max(a, b), 0);
    this.phi = phi.map((value) => value / most);
  }
  private at(i: number): [number, number] {
    return [this.x0 + ((i % this.nx) - 0.5) * this.step, this.y0 + (Math.floor(i / this.nx) - 0.5) * this.step];
  }
  /** ∫ φ^q over the pocket, m². */
  integral(q: number): number {
    return this.phi.reduce((sum, p) => sum + (p > 0 ? p ** q : 0), 0) * this.step * this.step;
  }
  value(x: number, y: number): number {
    const [u, v] = [(x - this.x0) / this.step + 0.5, (y - this.y0) / this.step + 0.5];
    const [i, j] = [Math.floor(u), Math.floor(v)];
    if (i < 0 || j < 0 || i + 1 >= this.nx || j + 1 >= this.ny) return 0;
    const at = (a: number, b: number) => this.phi[b * this.nx + a]!;
    const [s, t] = [u - i, v - j];
    return (1 - t) * ((1 - s) * at(i, j) + s * at(i + 1, j)) + t * ((1 - s) * at(i, j + 1) + s * at(i + 1, j + 1));
  }
}

interface Plan {
  /** The whole piece from above and its pocket, before either bulges. */
  readonly outer: (x: number, y: number) => boolean;
  readonly pocket: (x: number, y: number) => boolean;
  readonly box: readonly [number, number, number, number];
  readonly mirrorX: boolean;
  readonly mirrorY: boolean;
}

const triangle = (halfBase: number, high: number, inset: number) => {
  // Base on y = 0, point at (0, high); inset from all three sides.
  const lean = Math.hypot(halfBase, high);
  return (x: number, y: number) =>
    y >= inset && (high * Math.abs(x)) / lean + (halfBase * y) / lean <= (halfBase * high) / lean - inset;
};

function planOf(piece: Piece, spec: PieceSpec): Plan {
  const { discM, sealM } = spec;
  const r = discM / 2;
  switch (piece.shape) {
    case 'half-moon':
      return {
        outer: (x, y) => y >= 0 && Math.hypot(x, y) <= r,
        pocket: (x, y) => y >= 0 && Math.hypot(x, y) <= r - sealM,
        box: [-r, 0, r, r],
        mirrorX: true,
        mirrorY: false,
      };
    case 'two-discs':
      return {
        outer: (x, y) => Math.hypot(x, y) <= r,
        pocket: (x, y) => Math.hypot(x, y) <= r - sealM,
        box: [-r, -r, r, r],
        mirrorX: true,
        mirrorY: true,
      };
    case 'square-parcel': {
      const h = discM / Math.SQRT2 / 2;
      const square = (a: number) => (x: number, y: number) => Math.max(Math.abs(x), Math.abs(y)) <= a;
      return { outer: square(h), pocket: square(h - sealM / 2), box: [-h, -h, h, h], mirrorX: true, mirrorY: true };
    }
    case 'strip-triangle': {
      const side = discM / (Math.sqrt(3) / 2);
      return {
        outer: triangle(side / 2, discM, 0),
        pocket: triangle(side / 2, discM, sealM * 0.5),
        box: [-side / 2, 0, side / 2, discM],
        mirrorX: true,
        mirrorY: false,
      };
    }
    case 'own-cutter': {
      const outline = (spec.outline ?? LEAF).map(([x, y]): Point => [x * discM, y * discM]);
      const { wideM, highM } = outlineLengths(outline);
      const within = (x: number, y: number) =>
        outline.reduce((odd, [ax, ay], i) => {
          const [bx, by] = outline[(i + 1) % outline.length]!;
          return ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax) ? !odd : odd;
        }, false);
      const far = (x: number, y: number) =>
        outline.every(([ax, ay], i) => {
          const [bx, by] = outline[(i + 1) % outline.length]!;
          const long = (bx - ax) ** 2 + (by - ay) ** 2;
          const t = long > 0 ? Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / long)) : 0;
          return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)) >= sealM;
        });
      return {
        outer: within,
        pocket: (x, y) => within(x, y) && far(x, y),
        box: [-wideM / 2, -highM / 2, wideM / 2, highM / 2],
        mirrorX: false,
        mirrorY: false,
      };
    }
    default:
      throw new Error(`${piece.shape} is not flat.`);
  }
}

/** Two faces over a pocket, as thick in the middle and as full as the piece is; a rim around. */
function flatSolid(piece: Piece, spec: PieceSpec): Solid {
  const plan = planOf(piece, spec);
  const [x0, y0, x1, y1] = plan.box;
  const pillow = new Pillow(x0, y0, x1, y1, plan.pocket, Math.max(x1 - x0, y1 - y0) / 160);
  const [sx, sy] = [piece.widthM / (x1 - x0), piece.depthM / (y1 - y0)];
  // As steep as it must be to hold what it holds: a fold edge rises, a seam does not.
  const heldM3 = piece.fillingM3 + piece.airM3;
  let [low, high] = [0.2, 6];
  for (let i = 0; i < 40; i++) {
    const q = (low + high) / 2;
    if (2 * piece.riseM * pillow.integral(q) * sx * sy > heldM3) low = q;
    else high = q;
  }
  const rim = piece.sealThickM / 2;
  const top = (x: number, y: number) => {
    const [u, v] = [x / sx, y / sy];
    if (!plan.outer(u, v)) return -1;
    return plan.pocket(u, v)
      ? Math.max(piece.wallCrownM + piece.riseM * pillow.value(u, v) ** low, Math.min(rim, piece.wallCrownM))
      : rim;
  };
  const z = Math.max(piece.thicknessM / 2, rim);
  return {
    least: [x0 * sx, y0 * sy, -z],
    most: [x1 * sx, y1 * sy, z],
    mirrored: [plan.mirrorX, plan.mirrorY, true],
    inside: (x, y, height) => Math.abs(height) <= top(x, y),
  };
}

function coneSolid(piece: Piece, spec: PieceSpec): Solid {
  const sizes = coneSizes(spec.discM, spec.sealM)!;
  const filled = (piece.fillingM3 + piece.airM3) / piece.capacityM3;
  const { full } = coneFullness(filled);
  const grow = Math.cbrt(Math.max(1, filled));
  const wall = piece.wallCrownM;
  const sections = Array.from({ length: 201 }, (_, i) => ellipseAround(coneAspect(full, i / 200)));
  return {
    least: [-piece.widthM / 2 - wall, 0, -piece.thicknessM / 2],
    most: [piece.widthM / 2 + wall, piece.depthM, piece.thicknessM / 2],
    mirrored: [true, false, true],
    inside: (x, y, z) => {
      // The point of the dough lies a wall before the point of the filling.
      const u = Math.max(0, y) / sizes.slantM;
      if (u > 1)
        return y <= piece.depthM && Math.abs(x) <= (piece.widthM / 2) * (y / piece.depthM) && Math.abs(z) <= wall;
      const { a, b } = sections[Math.round(u * 200)]!;
      const [ax, bz] = [u * sizes.rimM * grow * a + wall, u * sizes.rimM * grow * b + wall];
      return (x / ax) ** 2 + (z / bz) ** 2 <= 1;
    },
  };
}

/** Three faces and a base, bulging: planes joined by a norm, as large as the piece is. */
function pyramidSolid(piece: Piece, spec: PieceSpec): Solid {
  const { sideM, heightM } = triangleSizes(spec);
  const slope = Math.atan2(heightM, sideM / (2 * Math.sqrt(3)));
  const planes: [number, number, number][] = [[0, 0, -1]];
  for (let i = 0; i < 3; i++) {
    const angle = (2 * Math.PI * i) / 3;
    planes.push([Math.cos(angle) * Math.sin(slope), Math.sin(angle) * Math.sin(slope), Math.cos(slope)]);
  }
  const norm = (x: number, y: number, z: number) =>
    planes.reduce((sum, [a, b, c]) => sum + Math.max(0, a * x + b * y + c * z) ** BULGE, 0) ** (1 / BULGE);
  const reach = 4;
  const cells = 60;
  let count = 0;
  for (let i = 0; i < cells ** 3; i++) {
    const at = (n: number) => ((n + 0.5) / cells - 0.5) * 2 * reach;
    if (norm(at(i % cells), at(Math.floor(i / cells) % cells), at(Math.floor(i / cells / cells))) <= 1) count += 1;
  }
  const unitM3 = count * ((2 * reach) / cells) ** 3;
  const inM = Math.cbrt(piece.volumeM3 / unitM3);
  const far = reach * inM;
  return {
    least: [-far, -far, -far],
    most: [far, far, far],
    mirrored: [false, true, false],
    inside: (x, y, z) => norm(x / inM, y / inM, z / inM) <= 1,
  };
}
/** How sharply the faces meet: 2 a ball, large a pyramid. Chosen so that a full one bulges by two fifths. */
const BULGE = 6;

/** Side of the base and height, m. */
function triangleSizes({ discM, sealM }: PieceSpec): { sideM: number; heightM: number } {
  const r = discM / 2;
  const third = 6 * Math.sqrt(3);
  const edgeM = (r + sealM / third - sealM / 2) / (1 + Math.PI / third);
  const sideM = (Math.PI * edgeM - sealM) / 3;
  return { sideM, heightM: Math.sqrt(edgeM * edgeM - (sideM * sideM) / 3) };
}

function cupSolid(piece: Piece, spec: PieceSpec): Solid {
  const { baseM, rimM, heightM } = cupSizes(spec.discM, 0.008);
  const h = piece.thicknessM / 2;
  const z = h;
  const radius = (up: number) => baseM / 2 + ((rimM - baseM) / 2) * Math.min(1.3, (up + h) / heightM);
  const most = radius(h);
  return {
    least: [-most, -most, -z],
    most: [most, most, z],
    mirrored: [true, true, false],
    inside: (x, y, up) => Math.abs(up) <= h && Math.hypot(x, y) <= radius(up),
  };
}

/** The solid of a piece, of its computed width, depth, thickness and volume. */
export function solidOf(piece: Piece, spec: PieceSpec): Solid {
  const [w, d, t] = [piece.widthM / 2, piece.depthM / 2, piece.thicknessM / 2];
  switch (piece.shape) {
    case 'ball':
    case 'oval':
    case 'pouch':
    case 'whole-core':
      return ellipsoid(w, d, t);
    case 'teardrop':
      return {
        least: [-w, -w, -w],
        most: [w, 2 * d - w, w],
        mirrored: [true, false, true],
        inside: (x, y, z) => (y < 0 ? Math.hypot(x, y, z) <= w : Math.hypot(x, z) <= w * (1 - y / (2 * d - w))),
      };
    case 'roll':
      return {
        least: [-w, -t, -t],
        most: [w, t, t],
        mirrored: [true, true, true],
        inside: (x, y, z) => Math.abs(x) <= w && Math.hypot(y, z) <= t,
      };
    case 'puffed-bread':
      return {
        least: [-w, -w, -t],
        most: [w, w, t],
        mirrored: [true, true, true],
        inside: (x, y, z) => Math.abs(z) <= t && Math.hypot(x, y) <= w,
      };
    case 'cone':
      return coneSolid(piece, spec);
    case 'flat-triangle':
      return pyramidSolid(piece, spec);
    case 'cup':
      return cupSolid(piece, spec);
    default:
      return flatSolid(piece, spec);
  }
}
