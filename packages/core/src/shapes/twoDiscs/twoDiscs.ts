import { flatShape } from '../kit/flatPocket.js';
import { TWO_DISCS_LOOK } from './twoDiscsLook.js';

/** Two discs crimped together around the filling. A disc has closed forms: φmax r²/4, mean r²/8. */
export const TWO_DISCS = flatShape({
  id: 'two-discs',
  look: TWO_DISCS_LOOK,
  heatBody: [-0.316, 3.366, 1.228, 0.033, 2.596, -0.003],
  cutter: 'round',
  blank: 'two-discs',
  hasLength: false,
  hasEdge: true,
  blankAreaM2: (discM) => (Math.PI * discM * discM) / 2,
  room: 1,
  riseRoom: 1,
  exposedShare: 0.45,
  region({ discM, sealM }) {
    const r = discM / 2 - sealM;
    return {
      reachM: r,
      areaM2: Math.PI * r * r,
      meanM2: (r * r) / 8,
      mostM2: (r * r) / 4,
      acrossM: [2 * r, 2 * r],
      marginM: [2 * sealM, 2 * sealM],
      sealLengthM: Math.PI * (discM - sealM),
      skinM2: (Math.PI * discM * discM) / 2,
      layers: 1,
      sealLayers: 2,
    };
  },
});
