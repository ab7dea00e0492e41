import { flatShape } from '../kit/flatPocket.js';
import { SQUARE_PARCEL_LOOK } from './squareParcelLook.js';

/** Mean and greatest of the membrane on a unit square. Source: closed series, docs/models/fold.md. */
const MEAN = 0.0351;
const MOST = 0.0737;

/**
 * A square whose four corners meet over the filling: the parcel has 1/√2 of its side, half of
 * its area on each face, sealed along both diagonals of the upper one.
 */
export const SQUARE_PARCEL = flatShape({
  id: 'square-parcel',
  look: SQUARE_PARCEL_LOOK,
  heatBody: [-0.356, 4.095, -3.124, 0.438, 1.551, -0.668],
  blank: 'square',
  hasLength: false,
  hasEdge: false,
  blankAreaM2: (sideM) => sideM * sideM,
  room: 1.5,
  riseRoom: 1.6,
  exposedShare: 0.45,
  region({ discM: sideM, sealM }) {
    const parcelM = sideM / Math.SQRT2;
    // The four edges are folds; the seams over the filling take their margin from its room.
    const a = parcelM - sealM;
    return {
      reachM: a / 2,
      areaM2: a * a,
      meanM2: MEAN * a * a,
      mostM2: MOST * a * a,
      acrossM: [a, a],
      marginM: [sealM, sealM],
      sealLengthM: 2 * Math.SQRT2 * parcelM,
      skinM2: 2 * parcelM * parcelM,
      layers: 1,
      sealLayers: 2,
    };
  },
});
