import { requireWithin } from '../errors.js';
import { burnerW, potHeatJ, type PotState, settingToHold, stepPot } from './pot.js';
import { type Pot } from '../draft/kitchen.js';

/** Allowed oil around the temperature to use, °C. */
export interface OilBand {
  readonly least: number;
  readonly most: number;
}

/** How far the oil may swing: pieces drink oil below, brown too fast above. */
export function oilBand(oilC: number): OilBand {
  return { least: oilC - 8, most: oilC + 6 };
}

export interface LotSpec {
  readonly pot: Pot;
  readonly roomC: number;
  readonly oilC: number;
  /** W drawn by one piece, one entry a second, from the drop. */
  readonly pieceW: readonly number[];
  /** s in the oil. */
  readonly liftS: number;
  readonly pieces: number;
  /** s from lifting a lot to being ready for the next: drain, skim. */
  readonly betweenS: number;
  /** Between two pieces of a lot going in, s. */
  readonly spacingS: number;
}

/** One whole frying of a batch against the pot. */
export interface LotRun {
  readonly lotSize: number;
  readonly lots: number;
  readonly totalS: number;
  /** Lowest oil of the whole run, °C, and how long it stayed under its band in the first lot, s. */
  readonly lowestC: number;
  readonly underBandS: number;
  /** Whole knob settings: waiting, and with a lot in. */
  readonly holdSetting: number;
  readonly lotSetting: number;
  /** Heat from the burner over the run, J. */
  readonly heatJ: number;
  /** (heat in − losses − pieces − what oil and pot gained) / heat in. */
  readonly energyResidual: number;
  /** Start of each lot, s. */
  readonly lotStartsS: readonly number[];
  /** Oil each 10 s. */
  readonly trace: readonly { readonly timeS: number; readonly oilC: number }[];
}

/** No hand drops, turns and lifts more at once. */
const MOST_IN_A_LOT = 60;
const COLD_CRUST_C = 100;
const MOST_WAIT_S = 600;
/** The pot is slow: two seconds a step changes no figure by a tenth of a degree. */
const STEP_S = 2;

/** W drawn by a lot of `size` pieces that go in one after the other, one entry a second. */
function lotDrawW(spec: LotSpec, size: number): Float64Array {
  const spacing = Math.round(spec.spacingS);
  const inOilS = Math.round(spec.liftS);
  const sum = new Float64Array(inOilS + spacing * (size - 1) + 1);
  for (let p = 0; p < size; p++) {
    for (let age = 0; age < spec.liftS && age < spec.pieceW.length; age++) {
      const s = age + p * spacing;
      if (s < sum.length) sum[s]! += spec.pieceW[age]!;
    }
  }
  return sum;
}

/**
 * Fries all lots of one size: oil starts at its temperature, pieces go in `spacingS` apart,
 * the knob goes up when a lot is in and back when the oil has recovered, and the next lot
 * waits until the oil is back. A piece's draw follows (T − 100)/(T₀ − 100), as the crust's does.
 *
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function runLots(spec: LotSpec, lotSize: number): LotRun {
  requireWithin(lotSize, 1, MOST_IN_A_LOT, 'fry.lotSize');
  requireWithin(spec.pieces, 1, 2000, 'pieces');
  requireWithin(spec.liftS, 10, 7200, 'liftS');
  const { pot, roomC, oilC } = spec;
  const meanW = spec.pieceW.reduce((sum, w) => sum + w, 0) / Math.max(1, spec.pieceW.length);
  const holdSetting = settingToHold(pot, oilC, roomC, 0);
  const lotSetting = settingToHold(pot, oilC, roomC, 1.15 * lotSize * meanW);
  const band = oilBand(oilC);
  const lots = Math.ceil(spec.pieces / lotSize);
  const trace: { timeS: number; oilC: number }[] = [];
  const lotStartsS: number[] = [];
  let state: PotState = { oilC, probeC: oilC };
  let timeS = 0;
  let lowestC = oilC;
  let underBandS = 0;
  let heatJ = 0;
  let spentJ = 0;
  const step = (setting: number, lotW: number, first: boolean): void => {
    if (timeS % 10 === 0) trace.push({ timeS, oilC: state.oilC });
    const beforeC = state.oilC;
    state = stepPot(pot, state, setting, roomC, lotW, STEP_S);
    spentJ += (lotW + pot.lossWPerK * ((beforeC + state.oilC) / 2 - roomC)) * STEP_S;
    heatJ += burnerW(pot, setting) * STEP_S;
    timeS += STEP_S;
    lowestC = Math.min(lowestC, state.oilC);
    if (first && state.oilC < band.least) underBandS += STEP_S;
  };
  const fullW = lotDrawW(spec, lotSize);
  for (let lot = 0; lot < lots; lot++) {
    const size = Math.min(lotSize, spec.pieces - lot * lotSize);
    if (lot > 0) {
      for (
        let waited = 0;
        waited < spec.betweenS || (state.oilC < oilC - 1 && waited < MOST_WAIT_S);
        waited += STEP_S
      ) {
        step(state.oilC < oilC ? pot.settings : holdSetting, 0, false);
      }
    }
    lotStartsS.push(timeS);
    const drawW = size === lotSize ? fullW : lotDrawW(spec, size);
    const inOilS = Math.round(spec.liftS) + Math.round(spec.spacingS) * (size - 1);
    for (let s = 0; s < inOilS; s += STEP_S) {
      const draw = Math.max(0, (state.oilC - COLD_CRUST_C) / (oilC - COLD_CRUST_C));
      const lotW = drawW[s] ?? 0;
      const setting = state.oilC > oilC + 1 ? Math.min(holdSetting, lotSetting) : lotSetting;
      step(setting, lotW * draw, lot === 0);
    }
  }
  trace.push({ timeS, oilC: state.oilC });
  const gainedJ = potHeatJ(pot, state.oilC) - potHeatJ(pot, oilC);
  const energyResidual = heatJ > 0 ? (heatJ - spentJ - gainedJ) / heatJ : 0;
  return {
    ...{ lotSize, lots, totalS: timeS, lowestC, underBandS, holdSetting, lotSetting },
    ...{ heatJ, energyResidual, lotStartsS, trace },
  };
}

/** Pieces that lie side by side in the pot without crowding: 70 % of the oil's face. */
export function potRoom(pot: Pot, footprintM2: number): number {
  const area = (Math.PI * pot.diameterM * pot.diameterM) / 4;
  return Math.max(1, Math.floor((0.7 * area) / footprintM2));
}

/**
 * The largest lot whose dip stays in the band, or that is back in it before the first turn;
 * never more than lie side by side. At least one piece.
 *
 * @param mostPieces side by side, from `potRoom`
 * @param firstTurnS first turn, s: a dip that ends before it is forgiven
 */
export function lotSizeFor(spec: LotSpec, mostPieces: number, firstTurnS: number): LotRun {
  const most = Math.min(mostPieces, spec.pieces, MOST_IN_A_LOT);
  const oneLot = (size: number) => runLots({ ...spec, pieces: size }, size);
  let best = 1;
  for (let size = 2; size <= most; size++) {
    const dip = oneLot(size);
    const holds = dip.lowestC >= oilBand(spec.oilC).least || dip.underBandS <= firstTurnS / 2;
    if (!holds) break;
    best = size;
  }
  return runLots(spec, best);
}
