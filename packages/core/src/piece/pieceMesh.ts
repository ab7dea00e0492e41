import { outlineLengths } from './membrane.js';
import { LEAF } from './shapes/ownCutter.js';
import type { Piece } from './piece.js';
import { type Point } from '../draft/choices.js';

/** A closed surface of triangles: x right, y up the page, z towards the eye; m. */
export interface Mesh {
  /** Three numbers a corner. */
  readonly positions: Float32Array;
  /** Three corners a triangle, turning left seen from outside. */
  readonly corners: Uint32Array;
}

/** Skin and filling of a piece, for a view of it in the round. */
export interface PieceMesh {
  readonly skin: Mesh;
  /** `null` when it holds nothing. */
  readonly filling: Mesh | null;
}

/** Around, and from the middle out. */
const AROUND = 96;
const RINGS = 28;

/** Outline of a piece from above, around its own middle, m, turning left; star-shaped from there. Long for it is one case a shape. */
function outlineOf(piece: Piece, outline: readonly Point[] | undefined): Point[] {
  const [w, d] = [piece.widthM / 2, piece.depthM];
  const turn = (at: (angle: number) => Point) =>
    Array.from({ length: AROUND }, (_, i) => at((2 * Math.PI * i) / AROUND));
  const ellipse = (angle: number): Point => [w * Math.cos(angle), (d / 2) * Math.sin(angle)];
  /** Corners joined by straight lines, from the middle of them. */
  const polygon = (points: readonly Point[]): Point[] => {
    const middle = points.reduce<Point>(([a, b], [x, y]) => [a + x / points.length, b + y / points.length], [0, 0]);
    return turn((angle) => hit(points, middle, angle));
  };
  switch (piece.shape) {
    case 'half-moon': {
      const arc = Array.from({ length: 61 }, (_, i): Point => {
        const angle = (Math.PI * i) / 60;
        return [w * Math.cos(angle), d * Math.sin(angle)];
      });
      return turn((angle) => hit(arc, [0, d * 0.42], angle));
    }
    case 'square-parcel':
    case 'roll':
      return polygon([
        [-w, -d / 2],
        [w, -d / 2],
        [w, d / 2],
        [-w, d / 2],
      ]);
    case 'strip-triangle':
    case 'flat-triangle':
      return polygon([
        [-w, 0],
        [w, 0],
        [0, d],
      ]);
    case 'cone':
      return polygon([
        [-w, d],
        [0, 0],
        [w, d],
      ]);
    case 'teardrop': {
      // A half circle below, drawn to a point above.
      const drop = [
        ...Array.from({ length: 31 }, (_, i): Point => {
          const angle = Math.PI + (Math.PI * i) / 30;
          return [w * Math.cos(angle), w + w * Math.sin(angle)];
        }),
        [w * 0.45, w + (d - w) * 0.5] as Point,
        [0, d] as Point,
        [-w * 0.45, w + (d - w) * 0.5] as Point,
      ];
      return turn((angle) => hit(drop, [0, w], angle));
    }
    case 'own-cutter': {
      const own = outline ?? LEAF;
      const { wideM, highM } = outlineLengths(own);
      return polygon(own.map(([x, y]): Point => [(x * piece.widthM) / wideM, (y * piece.depthM) / highM]));
    }
    case 'two-discs':
    case 'ball':
    case 'pouch':
    case 'oval':
    case 'whole-core':
    case 'cup':
    case 'puffed-bread':
      return turn(ellipse);
    default: {
      const never: never = piece.shape;
      return never;
    }
  }
}

/** Where a ray from `from` leaves an outline, relative to `from`. */
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

const areaOf = (outline: readonly Point[]): number => outlineLengths(outline).areaM2;

/**
 * A pillow over an outline: height `rise·(1 − u²)^q` at u of the way to the edge, above and
 * below, q from the volume it must have: `∫ = A/(q + 1)`. So the picture holds what the piece
 * holds, and is as thick as it is.
 */
function pillow(outline: readonly Point[], rise: number, volumeM3: number, scale: number, shift: number): Mesh {
  const q = Math.min(4, Math.max(0.12, (2 * rise * areaOf(outline) * scale * scale) / volumeM3 - 1));
  const around = outline.length;
  const positions: number[] = [];
  for (const side of [1, -1]) {
    positions.push(0, shift, side * rise);
    for (let ring = 1; ring <= RINGS; ring++) {
      // Finer towards the edge, where it falls steeply.
      const u = Math.sin(((Math.PI / 2) * ring) / RINGS);
      const z = side * rise * (1 - u * u) ** q;
      for (const [x, y] of outline) positions.push(x * u * scale, y * u * scale + shift, ring === RINGS ? 0 : z);
    }
  }
  const corners: number[] = [];
  const half = 1 + RINGS * around;
  for (const [from, flip] of [
    [0, false],
    [half, true],
  ] as const) {
    const face = (a: number, b: number, c: number) => corners.push(...(flip ? [a, c, b] : [a, b, c]));
    for (let i = 0; i < around; i++) {
      const next = (i + 1) % around;
      face(from, from + 1 + i, from + 1 + next);
      for (let ring = 1; ring < RINGS; ring++) {
        const [inner, outer] = [from + 1 + (ring - 1) * around, from + 1 + ring * around];
        face(inner + i, outer + i, outer + next);
        face(inner + i, outer + next, inner + next);
      }
    }
  }
  return { positions: Float32Array.from(positions), corners: Uint32Array.from(corners) };
}

/** A lined cup is turned on a lathe: base, leaning side, lid. */
function lathe(radii: readonly (readonly [r: number, z: number])[]): Mesh {
  const positions: number[] = [];
  const rows = radii.length;
  for (const [r, z] of radii) {
    for (let i = 0; i < AROUND; i++) {
      const angle = (2 * Math.PI * i) / AROUND;
      positions.push(r * Math.cos(angle), r * Math.sin(angle), z);
    }
  }
  const corners: number[] = [];
  for (let row = 0; row + 1 < rows; row++) {
    for (let i = 0; i < AROUND; i++) {
      const next = (i + 1) % AROUND;
      const [a, b] = [row * AROUND, (row + 1) * AROUND];
      corners.push(a + i, a + next, b + next, a + i, b + next, b + i);
    }
  }
  return { positions: Float32Array.from(positions), corners: Uint32Array.from(corners) };
}

function cupMesh(piece: Piece): PieceMesh {
  const high = piece.thicknessM;
  // Rim from the skin's volume: a frustum whose base is four fifths of its rim.
  const r = Math.sqrt(piece.volumeM3 / ((Math.PI / 3) * high * (1 + 0.8 + 0.64)));
  const wall = Math.min(piece.wallCrownM, high / 3);
  const cup = (rim: number, low: number, top: number) =>
    lathe([
      [0, low],
      [0.8 * rim, low],
      [rim, top],
      [0, top],
    ]);
  const inHigh = high - 2 * wall;
  const heldM3 = piece.fillingM3 + piece.airM3;
  const inR = Math.sqrt(heldM3 / ((Math.PI / 3) * inHigh * 2.44));
  return {
    skin: cup(r, -high / 2, high / 2),
    filling: heldM3 > 0 ? cup(Math.min(inR, r - wall / 2), -high / 2 + wall, high / 2 - wall) : null,
  };
}

/**
 * What a cut through the middle shows, as a closed outline: across x (0) or across y (1). The
 * first coordinate runs along the cut, the second is z; m.
 * @example meshSection(pieceMesh(piece, 0.011).skin, 0).length > 0 // true
 */
export function meshSection({ positions }: Mesh, across: 0 | 1): Point[] {
  const upper: Point[] = [];
  const lower: Point[] = [];
  for (let i = 0; i < positions.length; i += 3) {
    if (Math.abs(positions[i + across]!) > 1e-7) continue;
    const [along, z] = [positions[i + 1 - across]!, positions[i + 2]!];
    (z >= 0 ? upper : lower).push([along, z]);
  }
  return [...upper.sort((a, b) => a[0] - b[0]), ...lower.sort((a, b) => b[0] - a[0])];
}

/** Signed volume of a closed mesh, m³. */
export function meshVolumeM3({ positions, corners }: Mesh): number {
  let six = 0;
  for (let i = 0; i < corners.length; i += 3) {
    const [a, b, c] = [corners[i]! * 3, corners[i + 1]! * 3, corners[i + 2]! * 3];
    const at = (k: number) => positions[k]!;
    six +=
      at(a) * (at(b + 1) * at(c + 2) - at(b + 2) * at(c + 1)) +
      at(a + 1) * (at(b + 2) * at(c) - at(b) * at(c + 2)) +
      at(a + 2) * (at(b) * at(c + 1) - at(b + 1) * at(c));
  }
  return six / 6;
}

/**
 * Skin and filling of a piece as closed meshes of its computed width, depth, thickness and
 * volume. For looking at; no figure is taken from it. Our own, see docs/models/fold.md.
 *
 * @param sealM bare rim, m
 * @param outline of an own cutter
 * @example pieceMesh(piece, 0.011).filling === null // false
 */
export function pieceMesh(piece: Piece, sealM: number, outline?: readonly Point[]): PieceMesh {
  if (piece.shape === 'cup') return cupMesh(piece);
  const around = outlineOf(piece, outline);
  const skin = pillow(around, piece.thicknessM / 2, piece.volumeM3, 1, 0);
  const heldM3 = piece.fillingM3 + piece.airM3;
  if (!(heldM3 > 1e-9)) return { skin, filling: null };
  // The pocket: the outline without its seal or its wall, and no fuller than the skin allows.
  const short = Math.min(piece.widthM, piece.depthM);
  const rim = piece.gathered || piece.shape === 'roll' ? piece.wallCrownM : sealM;
  const scale = Math.min(0.97, Math.max(0.3, 1 - (1.6 * rim) / short));
  const rise = Math.max(1e-4, piece.thicknessM / 2 - piece.wallCrownM);
  return { skin, filling: pillow(around, rise, heldM3, scale, 0) };
}
