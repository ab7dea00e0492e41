import type { Piece } from './piece.js';

/**
 * Section through the middle, from the fold (x = 0) to the inner edge of the seal, upper
 * half, m: outer skin and filling surface. Blunt at the fold, pointed at the seal. For
 * drawing to scale; no other figure uses it.
 * @example halfMoonSection(piece, 0.011).length // 41
 */
export function halfMoonSection(
  piece: Piece,
  sealM: number,
  points = 40,
): { x: number; outer: number; inner: number }[] {
  const end = piece.depthM - sealM;
  const sealHalf = piece.sealThickM / 2;
  const peak = Math.pow(0.4, 0.6) * Math.pow(0.6, 0.9);
  return Array.from({ length: points + 1 }, (_, i) => {
    const u = i / points;
    const inner = (piece.riseM * Math.pow(u, 0.6) * Math.pow(1 - u, 0.9)) / peak;
    const wall = piece.wallCrownM + (sealHalf - piece.wallCrownM) * Math.pow(u, 4);
    return { x: u * end, outer: inner + wall, inner };
  });
}

/**
 * Section through the middle of a piece sealed on both sides, from its centre to the inner edge
 * of the seal, upper half, m. For drawing to scale; no other figure uses it.
 * @example lensSection(piece, 0.011).length // 33
 */
export function lensSection(piece: Piece, sealM: number, points = 32): { x: number; outer: number; inner: number }[] {
  const end = Math.max(0, piece.widthM / 2 - sealM);
  const sealHalf = piece.sealThickM / 2;
  return Array.from({ length: points + 1 }, (_, i) => {
    const u = i / points;
    const inner = piece.riseM * (1 - u * u);
    return { x: u * end, outer: inner + piece.wallCrownM + (sealHalf - piece.wallCrownM) * Math.pow(u, 4), inner };
  });
}
