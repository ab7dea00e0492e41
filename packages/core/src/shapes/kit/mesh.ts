import { outlineLengths } from './membrane.js';
import { AROUND } from './outline.js';
import type { Point } from '../../draft/choices.js';

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

/** From the middle out. */
const RINGS = 28;

const areaOf = (outline: readonly Point[]): number => outlineLengths(outline).areaM2;

/**
 * A pillow over an outline: height `rise·(1 − u²)^q` at u of the way to the edge, above and
 * below, q from the volume it must have: `∫ = A/(q + 1)`. So the picture holds what the piece
 * holds, and is as thick as it is.
 */
export function pillow(outline: readonly Point[], rise: number, volumeM3: number, scale: number, shift: number): Mesh {
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

/** A surface turned on a lathe, from radii and heights, m. */
export function lathe(radii: readonly (readonly [r: number, z: number])[]): Mesh {
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
