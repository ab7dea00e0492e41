/** Pieces over the whole range of each shape, and how their one-dimensional bodies warm beside the true solids. */
import type { ShapeId } from '../src/draft/choices.js';
import { shapeOf } from '../src/shapes/shapes.js';
import type { Piece, PieceSpec } from '../src/shapes/kit/piece.js';
import { bodyTime, exponentFor, warmSolid } from './conduct.js';
import { solidOf } from './solid.js';

/** Blanks that cooks use of each shape, m. */
const SIZES: Partial<Record<ShapeId, readonly number[]>> = {
  cone: [0.1, 0.14, 0.2],
  'flat-triangle': [0.1, 0.15, 0.2],
  'strip-triangle': [0.05, 0.065, 0.08],
  cup: [0.09, 0.12, 0.16],
  'puffed-bread': [0.05, 0.06, 0.07],
  roll: [0.07, 0.1, 0.16],
};
const USUAL = [0.07, 0.1, 0.15];

export interface Sample {
  readonly spec: PieceSpec;
  readonly piece: Piece;
}

/** Every shape from small to large, thin to thick, a third to all full. */
export function samplesOf(shape: ShapeId): Sample[] {
  const found: Sample[] = [];
  for (const discM of SIZES[shape] ?? USUAL) {
    for (const sealM of [0.006, 0.012]) {
      for (const thicknessM of shape === 'strip-triangle' ? [0.0006, 0.0015] : [0.0015, 0.003, 0.0055]) {
        for (const fill of [0.33, 0.6, 0.8, 1]) {
          const empty: PieceSpec = {
            discM,
            lengthM: shape === 'strip-triangle' ? 5 * discM : 0.11,
            thicknessM,
            sealM,
            fillingKg: 0,
            fillingKgPerM3: 1000,
            doughKgPerM3: 1175,
            stretch: 0.1,
          };
          const held = shapeOf(shape).piece(empty);
          if (!held) continue;
          const spec = { ...empty, fillingKg: held.capacityM3 * fill * 1000 };
          if (spec.fillingKg < 0.002 || spec.fillingKg > 0.2) continue;
          const piece = shapeOf(shape).piece(spec);
          // A piece nearly as thick as it is deep stands up, or was never closed.
          if (
            piece &&
            (piece.gathered ||
              piece.shape === 'roll' ||
              piece.shape === 'flat-triangle' ||
              piece.thicknessM < 0.8 * piece.depthM)
          )
            found.push({ spec, piece });
        }
      }
    }
  }
  return found;
}

/** Cells from the coldest point to the skin: the ball is then right to a hundredth. */
const CELLS = 8;

export interface Compared extends Sample {
  /** α·t of the solid, m². */
  readonly diffusedM2: number;
  readonly inRadiusM: number;
  /** The exponent that would be just right. */
  readonly exponent: number;
  /** Time of the body over the solid's, less one: negative is early. */
  readonly late: number;
}

export function compare({ spec, piece }: Sample, cells = CELLS): Compared {
  const { diffusedM2, inRadiusM } = warmSolid(solidOf(piece, spec), piece.heatRadiusM / cells);
  const over = piece.heatRadiusM ** 2;
  return {
    spec,
    piece,
    diffusedM2,
    inRadiusM,
    exponent: exponentFor(diffusedM2 / over),
    late: (bodyTime(piece.shapeExponent) * over) / diffusedM2 - 1,
  };
}
