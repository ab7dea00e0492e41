import { burnerW, coastC, settingFor, potAtRest, settingToHold, stepPot } from './pot.js';
import { type Pot } from '../draft/kitchen.js';

/** How to bring the oil up without running past, and what then holds it. */
export interface BurnerAdvice {
  /** Until the oil is there, full heat and then hold, s. */
  readonly warmS: number;
  /** Probe lags and burner gives on: turned to hold when the probe reads this, the oil comes to its target, °C. */
  readonly turnAtC: number;
  /** How far the oil goes over when the burner setting is only turned at the target, K. */
  readonly overC: number;
  readonly holdSetting: number;
  /** Where it goes when it is left at that, °C: a setting has steps. */
  readonly restC: number;
}

const STEP_S = 2;
const LONGEST_S = 3 * 3600;
/** Oil within this of its target is there, K. */
const THERE_C = 2;

/**
 * Warm-up, when to turn back, what to expect: the probe is behind the oil, and the burner goes on
 * giving what it holds. `null` when this burner never gets there. Our own, see docs/models/frying.md.
 * @param oilC °C, over roomC
 */
export function burnerAdvice(pot: Pot, roomC: number, oilC: number): BurnerAdvice | null {
  const holdSetting = settingToHold(pot, oilC, roomC, 0);
  const holdW = pot.lossWPerK * (oilC - roomC);
  const fullW = burnerW(pot, pot.settings);
  if (holdW >= fullW) return null;
  let state = potAtRest(roomC);
  let warmS = 0;
  while (coastC(pot, state, roomC, 0) < oilC && warmS < LONGEST_S) {
    state = stepPot(pot, state, pot.settings, roomC, 0, STEP_S);
    warmS += STEP_S;
  }
  const turned = state;
  // Between two steps of the setting there is one that holds exactly.
  const exactly = settingFor(pot, holdW);
  while (state.oilC < oilC - THERE_C && warmS < LONGEST_S) {
    state = stepPot(pot, state, exactly, roomC, 0, STEP_S);
    warmS += STEP_S;
  }
  if (warmS >= LONGEST_S) return null;
  let late = turned;
  while (late.probeC < oilC) late = stepPot(pot, late, pot.settings, roomC, 0, STEP_S);
  let peakC = late.oilC;
  for (let runs = true; runs;) {
    late = stepPot(pot, late, exactly, roomC, 0, STEP_S);
    runs = late.oilC > peakC;
    peakC = Math.max(peakC, late.oilC);
  }
  return {
    warmS,
    turnAtC: turned.probeC,
    overC: peakC - oilC,
    holdSetting,
    restC: roomC + burnerW(pot, holdSetting) / pot.lossWPerK,
  };
}
