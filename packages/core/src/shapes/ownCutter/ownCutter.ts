import { flatShape } from '../kit/flatPocket.js';
import { OWN_CUTTER_LOOK } from './ownCutterLook.js';
import { type InsetMembrane, outlineLengths, solveInset } from '../kit/membrane.js';
import { type Point } from '../../draft/choices.js';

/** Cells across: within half a percent of a grid eight times as fine, in two or three milliseconds. */
const CELLS = 24;
/** Margins are solved in steps of this share of the cutter, straight lines between: a drag solves each once. */
const STEP = 1 / 160;

/** Where no outline has been drawn yet: a leaf, twice as long as wide, the longer side 1. */
export const LEAF: readonly Point[] = Array.from({ length: 48 }, (_, i): Point => {
  const u = (2 * Math.PI * i) / 48;
  return [0.5 * Math.cos(u), 0.27 * Math.sin(u) * (1 - 0.35 * Math.abs(Math.cos(u)) ** 3)];
});

type Pocket = Pick<InsetMembrane, 'areaM2' | 'meanM2' | 'mostM2' | 'reachM'>;
const NO_POCKET: Pocket = { areaM2: 0, meanM2: 0, mostM2: 0, reachM: 0 };
const known = new WeakMap<readonly Point[], Map<number, Pocket>>();

function solvedAt(outline: readonly Point[], step: number): Pocket {
  const solved = known.get(outline) ?? new Map<number, Pocket>();
  known.set(outline, solved);
  const found = solved.get(step) ?? solveInset(outline, step * STEP, CELLS) ?? NO_POCKET;
  solved.set(step, found);
  return found;
}

/** The pocket when this share of the cutter is margin. */
function pocketAt(outline: readonly Point[], share: number): Pocket {
  const step = Math.floor(share / STEP);
  const u = share / STEP - step;
  const [a, b] = [solvedAt(outline, step), solvedAt(outline, step + 1)];
  const mix = (key: keyof Pocket) => a[key] + u * (b[key] - a[key]);
  return { areaM2: mix('areaM2'), meanM2: mix('meanM2'), mostM2: mix('mostM2'), reachM: mix('reachM') };
}

/** Two pieces cut with the cook's own cutter, one turned over, crimped together. */
export const OWN_CUTTER = flatShape({
  id: 'own-cutter',
  look: OWN_CUTTER_LOOK,
  heatBody: [-0.317, 2.801, -1.74, 0.26, 0.49, -0.166],
  cutter: 'own',
  blank: 'own',
  hasLength: false,
  hasEdge: true,
  blankAreaM2: (discM, _lengthM, outline = LEAF) => 2 * outlineLengths(outline).areaM2 * discM * discM,
  room: 1,
  riseRoom: 1,
  exposedShare: 0.45,
  region({ discM, sealM, outline = LEAF }) {
    const { areaM2, aroundM, wideM, highM } = outlineLengths(outline);
    const pocket = pocketAt(outline, Math.min(0.5, sealM / discM));
    const square = discM * discM;
    const across = (side: number) => Math.max(0, side * discM - 2 * sealM);
    return {
      reachM: pocket.reachM * discM,
      areaM2: pocket.areaM2 * square,
      meanM2: pocket.meanM2 * square,
      mostM2: pocket.mostM2 * square,
      acrossM: [across(wideM), across(highM)],
      marginM: [2 * sealM, 2 * sealM],
      sealLengthM: Math.max(0, aroundM * discM - Math.PI * sealM),
      skinM2: 2 * areaM2 * square,
      layers: 1,
      sealLayers: 2,
    };
  },
});
