import { flatShape } from '../kit/flatPocket.js';
import { HALF_MOON_LOOK } from './halfMoonLook.js';

/** Mean and greatest of the membrane on a unit half-disc. Source: closed series, docs/models/fold.md. */
const MEAN = 0.0474;
const MOST = 0.0976;

/** A disc folded over its filling and sealed around: plain, crimped with a fork, or roped. */
export const HALF_MOON = flatShape({
  id: 'half-moon',
  look: HALF_MOON_LOOK,
  heatBody: [-0.129, 2.718, -1.683, 0.442, 0.918, -0.444],
  cutter: 'round',
  foldsOver: true,
  blank: 'disc',
  hasLength: false,
  hasEdge: true,
  blankAreaM2: (discM) => (Math.PI * discM * discM) / 4,
  room: 1.4,
  riseRoom: 1.6,
  exposedShare: 0.35,
  region({ discM, sealM }) {
    const r = discM / 2 - sealM;
    return {
      // The largest circle in a half-disc.
      reachM: r / 2,
      areaM2: (Math.PI * r * r) / 2,
      meanM2: MEAN * r * r,
      mostM2: MOST * r * r,
      acrossM: [2 * r, r],
      marginM: [2 * sealM, sealM],
      sealLengthM: (Math.PI * (discM - sealM)) / 2,
      skinM2: (Math.PI * discM * discM) / 4,
      layers: 1,
      sealLayers: 2,
    };
  },
});
