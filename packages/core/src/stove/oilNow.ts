import { oilRange } from '../oil/fryLoads.js';
import { clamp } from '../numeric/clamp.js';
import { burnerW, oilCautions, type PotState, stepPot } from '../oil/pot.js';
import type { OilReading } from './stoveAct.js';
import { type Pot } from '../draft/kitchen.js';

export type OilVerdict = 'cold' | 'under' | 'in-range' | 'over' | 'warn' | 'cut-heat' | 'check-probe' | 'no-reading';

/** What one glance at the oil should say. */
export interface OilNow {
  /** °C; `null` without a reading. */
  readonly probeC: number | null;
  /** The last one there was, however old. */
  readonly lastC: number | null;
  /** °C a minute over the last half minute. */
  readonly ratePerMin: number;
  readonly verdict: OilVerdict;
  /** °C outside the range; 0 within. */
  readonly offC: number;
  /** s until back in the range at this setting; `null` when in it or not coming. */
  readonly backInS: number | null;
  /** Oil, probe and burner as reckoned now; `null` without a reading. */
  readonly state: PotState | null;
  /** Where the oil goes from here at this setting, each 10 s for 3 min. */
  readonly forecast: readonly OilReading[];
}

const RATE_WINDOW_S = 30;
const FORECAST_S = 180;
/** No probe is further behind the oil than this, K. */
const MOST_AHEAD_C = 8;
/** A reading older than this says nothing of now, stove s. */
const STALE_S = 60;

/** Least-squares slope of the readings of the last half minute, °C/s. */
function slope(readings: readonly OilReading[], nowS: number): number {
  const recent = readings.filter((r) => r.atS > nowS - RATE_WINDOW_S);
  if (recent.length < 3) return 0;
  const meanT = recent.reduce((s, r) => s + r.atS, 0) / recent.length;
  const meanC = recent.reduce((s, r) => s + r.probeC, 0) / recent.length;
  let top = 0;
  let bottom = 0;
  for (const r of recent) {
    top += (r.atS - meanT) * (r.probeC - meanC);
    bottom += (r.atS - meanT) ** 2;
  }
  return bottom > 0 ? top / bottom : 0;
}

/**
 * Reads the oil: verdict against its range and the cautions, rate, and a short forecast by the
 * pot model at the present burner setting.
 *
 * @param readings in order of time; only the last minute matters
 * @param oilC temperature to use
 * @param loadW heat the pieces in the pot draw, W
 * @param burnerFlowW heat that flows from the burner now, W; absent: what the burner setting gives in the long run
 * @param staleS a reading older than this is none; at a faster pace readings come at longer stove times
 * @example oilNow(readings, 1400, pot, 21, 158, 3, 0).verdict // 'in-range'
 */
export function oilNow(
  readings: readonly OilReading[],
  nowS: number,
  pot: Pot,
  roomC: number,
  oilC: number,
  burner: number,
  loadW: number,
  staleS = STALE_S,
  burnerFlowW = burnerW(pot, burner),
): OilNow {
  const last = readings[readings.length - 1];
  if (!last || nowS - last.atS > staleS) {
    return {
      probeC: null,
      lastC: last?.probeC ?? null,
      ratePerMin: 0,
      verdict: 'no-reading',
      offC: 0,
      backInS: null,
      state: null,
      forecast: [],
    };
  }
  const range = oilRange(oilC);
  const rate = slope(readings, nowS);
  const forecast: OilReading[] = [];
  // Rising oil is ahead of its probe.
  const aheadC = clamp(rate * pot.probeLagS, -MOST_AHEAD_C, MOST_AHEAD_C);
  const now: PotState = { oilC: last.probeC + aheadC, probeC: last.probeC, burnerFlowW };
  let state = now;
  let backInS: number | null = null;
  const inRange = (c: number) => c >= range.least && c <= range.most;
  for (let s = 10; s <= FORECAST_S; s += 10) {
    state = stepPot(pot, state, burner, roomC, loadW, 10);
    forecast.push({ atS: nowS + s, probeC: state.oilC });
    if (backInS === null && !inRange(last.probeC) && inRange(state.oilC)) backInS = s;
  }
  const { warnC, cutC } = oilCautions(pot.smokeC, range.most);
  const c = last.probeC;
  // With the burner pushing well past this temperature, oil that does not rise is a probe in air.
  const pushesW = burnerFlowW - loadW - pot.lossWPerK * (c - roomC);
  const takenOut = pushesW > 300 && rate < 0.005 && readings.length > 40;
  let verdict: OilVerdict = 'in-range';
  if (c >= cutC) verdict = 'cut-heat';
  else if (c >= warnC) verdict = 'warn';
  else if (takenOut && loadW === 0) verdict = 'check-probe';
  else if (c > range.most) verdict = 'over';
  else if (c < 100) verdict = 'cold';
  else if (c < range.least) verdict = 'under';
  const offC = c > range.most ? c - range.most : c < range.least ? range.least - c : 0;
  return { probeC: c, lastC: c, ratePerMin: rate * 60, verdict, offC, backInS, state: now, forecast };
}
