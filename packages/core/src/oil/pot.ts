import { LIMITS } from '../limits/limits.js';
import { type Pot, type BurnerKind } from '../draft/kitchen.js';
import { requireWithin } from '../errors.js';
import { clamp } from '../numeric/clamp.js';

/** Cold oil, kg/m³. */
export const OIL_KG_PER_M3_AT_20 = 915;
/** Stainless steel, J/kg K. */
const POT_CP = 500;

/** @example oilDensity(170) // 817.5: a tenth thinner than cold */
export function oilDensity(tempC: number): number {
  return OIL_KG_PER_M3_AT_20 - 0.65 * (tempC - 20);
}

/** J/kg K. Source: docs/models/frying.md. */
export function oilCp(tempC: number): number {
  return 1900 + 2.5 * tempC;
}

function oilMassKg(pot: Pot): number {
  return pot.oilM3 * OIL_KG_PER_M3_AT_20;
}

/** Heat capacity of oil and pot together, J/K. */
export function potHeatCapacity(pot: Pot, tempC: number): number {
  return oilMassKg(pot) * oilCp(tempC) + pot.massKg * POT_CP;
}

/** Levels over the pot's height, 0–1 and more when it would run over. Both hot. */
export interface PotLevels {
  readonly oilAlone: number;
  readonly withLoad: number;
  /** Free wall above, m. */
  readonly freeM: number;
}

/**
 * How high hot oil stands, alone and with a load in it: oil grows with heat and every piece
 * pushes its sunk volume aside.
 *
 * @param loadM3 volume of all pieces in the oil
 */
export function potLevels(pot: Pot, oilC: number, loadM3: number): PotLevels {
  const area = (Math.PI * pot.diameterM * pot.diameterM) / 4;
  const hot = oilMassKg(pot) / oilDensity(oilC);
  const oilM = hot / area;
  // All of a piece counts: it may be pushed under, and the cautious figure is the right one.
  const withM = (hot + loadM3) / area;
  return {
    oilAlone: oilM / pot.heightM,
    withLoad: withM / pot.heightM,
    freeM: pot.heightM - withM,
  };
}

/**
 * Cold oil that stands to the middle of the pieces in it, m³: what half-depth frying wants.
 * @param thickM through a piece. @param loadM3 volume of all pieces in the oil
 */
export function halfDepthOilM3(pot: Pick<Pot, 'diameterM'>, oilC: number, thickM: number, loadM3: number): number {
  const area = (Math.PI * pot.diameterM * pot.diameterM) / 4;
  const hot = Math.max(0, (area * thickM) / 2 - loadM3 / 2);
  return (hot * oilDensity(oilC)) / OIL_KG_PER_M3_AT_20;
}

/** Heat in oil and pot over what they hold at 0 °C, J. */
export function potHeatJ(pot: Pot, tempC: number): number {
  return oilMassKg(pot) * (1900 * tempC + 1.25 * tempC * tempC) + pot.massKg * POT_CP * tempC;
}

/** How long each kind of burner goes on giving heat after its setting was turned, s: first order. Source: docs/models/frying.md. */
export const BURNER_LAG_S: Readonly<Record<BurnerKind, number>> = { gas: 5, induction: 10, radiant: 45, plate: 150 };

/**
 * Lag of this burner behind its setting, s.
 * @example burnerLagS({ burner: 'radiant' }) // 45
 */
export function burnerLagS({ burner = 'gas', burnerLagS }: Pick<Pot, 'burner' | 'burnerLagS'>): number {
  return burnerLagS ?? BURNER_LAG_S[burner];
}

/** Oil, probe and burner, now. */
export interface PotState {
  readonly oilC: number;
  readonly probeC: number;
  /** Heat that flows from the burner into the pot, W: it follows the setting with the burner's lag. */
  readonly burnerFlowW: number;
}

/**
 * Oil and probe alike, on a burner that gives so much; absent: that is cold.
 * @example potAtRest(158).probeC // 158
 */
export function potAtRest(oilC: number, burnerFlowW = 0): PotState {
  return { oilC, probeC: oilC, burnerFlowW };
}

/** Heat that the burner holds and will still give when it is off, J. */
export function burnerHeatJ(pot: Pick<Pot, 'burner' | 'burnerLagS'>, burnerFlowW: number): number {
  return burnerLagS(pot) * burnerFlowW;
}

/**
 * Moves burner, oil and probe on by one step: the burner's flow follows the setting first order,
 * C dT/dt = flow − UA(T − room) − load, and the probe follows the oil. Exponential in the linear
 * parts, so any step is stable.
 *
 * @param setting 0 … pot.settings, fractions allowed
 * @param loadW heat the pieces draw now, W
 * @param dtS 0–60
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function stepPot(
  pot: Pot,
  state: PotState,
  setting: number,
  roomC: number,
  loadW: number,
  dtS: number,
): PotState {
  requireWithin(dtS, 0, 60, 'dtS');
  requireWithin(loadW, -1e7, 1e7, 'loadW');
  const capacity = potHeatCapacity(pot, state.oilC);
  const settingW = burnerW(pot, setting);
  const lagS = burnerLagS(pot);
  const kept = Math.exp(-dtS / lagS);
  const burnerFlowW = settingW + (state.burnerFlowW - settingW) * kept;
  // Mean flow over the step: the burner is far quicker than the oil, or the step far shorter than both.
  const flowW = dtS > 0 ? settingW + ((state.burnerFlowW - settingW) * lagS * (1 - kept)) / dtS : state.burnerFlowW;
  const restC = roomC + (flowW - loadW) / pot.lossWPerK;
  const oilC = restC + (state.oilC - restC) * Math.exp((-pot.lossWPerK * dtS) / capacity);
  // Exact for oil that moves evenly within the step: two halves give what the whole does.
  const behindC = dtS > 0 ? ((oilC - state.oilC) * pot.probeLagS) / dtS : 0;
  const probeC = oilC - behindC + (state.probeC - state.oilC + behindC) * Math.exp(-dtS / pot.probeLagS);
  return { oilC, probeC, burnerFlowW };
}

/**
 * Heat that reaches the oil at a burner setting in the long run, W.
 * @example burnerW(pot, 9) // 1200
 */
export function burnerW(pot: Pot, setting: number): number {
  return (pot.efficiency * pot.burnerW * clamp(setting, 0, pot.settings)) / pot.settings;
}

/**
 * Where the oil comes to by what the burner still holds, when the burner setting goes to what just keeps it, °C.
 * @param loadW heat the pieces draw meanwhile, W
 */
export function coastC(pot: Pot, state: PotState, roomC: number, loadW: number): number {
  const keepsW = pot.lossWPerK * (state.oilC - roomC) + loadW;
  return state.oilC + (burnerLagS(pot) * (state.burnerFlowW - keepsW)) / potHeatCapacity(pot, state.oilC);
}

/** Setting that gives so much heat in the long run, fractions allowed, within what the burner setting has. */
export function settingFor(pot: Pot, heatW: number): number {
  return clamp((pot.settings * heatW) / (pot.efficiency * pot.burnerW), 0, pot.settings);
}

/** Smallest whole setting whose steady temperature with this load is at least `oilC`; the highest when none is. */
export function settingToHold(pot: Pot, oilC: number, roomC: number, loadW: number): number {
  const neededW = pot.lossWPerK * (oilC - roomC) + loadW;
  return Math.ceil(settingFor(pot, neededW) - 1e-9);
}

/** Time to bring the oil up at full power, s; `null` when this burner never gets there. */
export function warmUpS(pot: Pot, fromC: number, toC: number, roomC: number): number | null {
  let state = potAtRest(fromC);
  for (let timeS = 0; timeS < 3 * 3600; timeS += 5) {
    if (state.oilC >= toC) return timeS;
    state = stepPot(pot, state, pot.settings, roomC, 0, 5);
  }
  return null;
}

/** Slower than anybody waits. */
const NEVER_S = 3 * 3600;

/**
 * Time to bring the oil from one temperature to another, s: full heat up, heat off down. At most 3 h.
 * @param fromC `null`: cold, as the room
 */
export function oilChangeS(pot: Pot, roomC: number, fromC: number | null, toC: number): number {
  const from = fromC ?? roomC;
  if (toC >= from) return warmUpS(pot, from, toC, roomC) ?? NEVER_S;
  const cooling = potHeatCapacity(pot, (from + toC) / 2) / pot.lossWPerK;
  return toC - roomC < 1 ? NEVER_S : Math.min(NEVER_S, cooling * Math.log((from - roomC) / (toC - roomC)));
}

/**
 * Oil that stands on a burner that is off, °C.
 * @param restS 0 or more
 * @example oilAfterRest(DEFAULT_KITCHEN.pot, 21, 160, 1800) // 88.9
 */
export function oilAfterRest(pot: Pot, roomC: number, fromC: number, restS: number): number {
  requireWithin(restS, 0, 1e7, 'restS');
  if (restS === 0 || fromC === roomC) return fromC;
  // Its heat capacity a + b·T grows with warmth: a + b·room of it decays, the rest goes in proportion.
  const atRoom = potHeatCapacity(pot, roomC);
  const perK = (potHeatCapacity(pot, fromC) - atRoom) / (fromC - roomC);
  const takesS = (leftShare: number) =>
    (perK * (fromC - roomC) * (1 - leftShare) - atRoom * Math.log(leftShare)) / pot.lossWPerK;
  let [least, most] = [0, 1];
  for (let i = 0; i < 60; i++) {
    const middle = (least + most) / 2;
    if (takesS(middle) > restS) least = middle;
    else most = middle;
  }
  return roomC + (fromC - roomC) * ((least + most) / 2);
}

/** Limits of the craft's cautions for this oil, °C. */
export function oilCautions(smokeC: number, rangeTopC: number): { warnC: number; cutC: number } {
  const { overRangeC, warnC, warnUnderSmokeC, cutC, cutUnderSmokeC } = LIMITS.oil;
  return {
    warnC: Math.min(rangeTopC + overRangeC, warnC, smokeC - warnUnderSmokeC),
    cutC: Math.min(cutC, smokeC - cutUnderSmokeC),
  };
}
