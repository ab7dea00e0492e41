import type { Point } from '../draft/choices.js';
import { type Mesh, type PieceMesh, pillow } from './kit/mesh.js';
import type { Piece } from './kit/piece.js';
import { LEAF } from './ownCutter/ownCutter.js';
import { shapeOf } from './shapes.js';

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
  const shape = shapeOf(piece.shape);
  if (shape.mesh) return shape.mesh(piece);
  const around = shape.look.outline(piece, outline ?? LEAF);
  const skin = pillow(around, piece.thicknessM / 2, piece.volumeM3, 1, 0);
  const heldM3 = piece.fillingM3 + piece.airM3;
  if (!(heldM3 > 1e-9)) return { skin, filling: null };
  // The pocket: the outline without its seal or its wall, and no fuller than the skin allows.
  const short = Math.min(piece.widthM, piece.depthM);
  const rim = shape.look.section === 'round' ? piece.wallCrownM : sealM;
  const scale = Math.min(0.97, Math.max(0.3, 1 - (1.6 * rim) / short));
  const rise = Math.max(1e-4, piece.thicknessM / 2 - piece.wallCrownM);
  return { skin, filling: pillow(around, rise, heldM3, scale, 0) };
}
