// Written by bench/fitBodies.ts; change that and run it again.
import type { ShapeId } from '../draft/choices.js';

/** Of r, r², r³, w, r·w, w²; or one figure where all pieces of the shape are alike. */
export const HEAT_EXPONENTS: Readonly<Record<ShapeId, number | readonly number[]>> = {
  'half-moon': [-0.129, 2.718, -1.683, 0.442, 0.918, -0.444],
  'two-discs': [-0.316, 3.366, 1.228, 0.033, 2.596, -0.003],
  'square-parcel': [-0.356, 4.095, -3.124, 0.438, 1.551, -0.668],
  'strip-triangle': [-0.27, 1.893, 1.443, 0.859, 0.714, -0.961],
  cone: [-0.347, 2.047, 1.111, 0.238, 1.449, -0.074],
  'flat-triangle': 1.76,
  roll: 1.95,
  ball: 3,
  pouch: 1.36,
  oval: 2.32,
  teardrop: 2.61,
  'whole-core': 2.47,
  cup: [-0.097, -0.398, 2.239, 0.002, 0.964, -0.409],
  'puffed-bread': 1,
  'own-cutter': [-0.317, 2.801, -1.74, 0.26, 0.49, -0.166],
};
