import { flatShape } from '../kit/flatPocket.js';
import { STRIP_TRIANGLE_LOOK } from './stripTriangleLook.js';

/** Equilateral triangle of side a: φmax a²/36, mean a²/80; its inscribed circle a/(2√3). */
const HEIGHT = Math.sqrt(3) / 2;

/**
 * Triangles a strip of this width and length folds into, the last one tucked in.
 * @example stripFolds(0.06, 0.3) // 8
 */
export function stripFolds(widthM: number, lengthM: number): number {
  const side = widthM / HEIGHT;
  return Math.max(2, Math.floor(lengthM / (side / 2) + 1e-9));
}

/** A strip folded over and over into an equilateral triangle, the filling in its first fold. */
export const STRIP_TRIANGLE = flatShape({
  id: 'strip-triangle',
  look: STRIP_TRIANGLE_LOOK,
  heatBody: [-0.27, 1.893, 1.443, 0.859, 0.714, -0.961],
  blank: 'strip',
  hasLength: true,
  hasEdge: false,
  blankAreaM2: (widthM, lengthM) => widthM * lengthM,
  room: 1.4,
  riseRoom: 1.6,
  exposedShare: 0.45,
  region({ discM: widthM, lengthM, sealM }) {
    const side = widthM / HEIGHT;
    const a = Math.max(0, side - 2 * Math.sqrt(3) * sealM * 0.5);
    // Each triangle of the strip is one layer; half of them lie on each side of the filling.
    const layers = stripFolds(widthM, lengthM) / 2;
    return {
      reachM: a / (2 * Math.sqrt(3)),
      areaM2: (HEIGHT * a * a) / 2,
      meanM2: (a * a) / 80,
      mostM2: (a * a) / 36,
      acrossM: [a, HEIGHT * a],
      marginM: [side - a, HEIGHT * (side - a)],
      sealLengthM: side,
      skinM2: HEIGHT * side * side,
      layers,
      sealLayers: 2 * layers,
    };
  },
});
