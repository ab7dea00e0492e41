import { lathe, type PieceMesh } from '../kit/mesh.js';
import type { Piece } from '../kit/piece.js';

/** A cup turned on a lathe: base, leaning side, lid. */
export function cupMesh(piece: Piece): PieceMesh {
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
