import { burnerW, potHeatCapacity, settingToHold, warmUpS } from './pot.js';
import { type Pot } from '../draft/kitchen.js';

/** How to bring the oil up without running past, and what then holds it. */
export interface BurnerAdvice {
  /** At full heat, s. */
  readonly warmS: number;
  /** The probe lags: turned down when it reads this, the oil is there, °C. */
  readonly turnAtC: number;
  /** How far the oil is over when the probe only then reads what is wanted, K. */
  readonly overC: number;
  readonly holdSetting: number;
  /** Where it goes when it is left at that, °C: a knob has steps. */
  readonly restC: number;
}

/**
 * Warm-up, when to turn down, what to expect. The oil itself does not run on; the probe's lag is
 * what makes a cook late: at a rise of r it reads r·lag too low. `null` when this ring never gets
 * there. Our own, see docs/models/frying.md.
 */
export function burnerAdvice(pot: Pot, roomC: number, oilC: number): BurnerAdvice | null {
  const warmS = warmUpS(pot, roomC, oilC, roomC);
  if (warmS === null) return null;
  const riseW = burnerW(pot, pot.settings) - pot.lossWPerK * (oilC - roomC);
  const overC = Math.max(0, (riseW / potHeatCapacity(pot, oilC)) * pot.probeLagS);
  const holdSetting = settingToHold(pot, oilC, roomC, 0);
  return { warmS, turnAtC: oilC - overC, overC, holdSetting, restC: roomC + burnerW(pot, holdSetting) / pot.lossWPerK };
}
