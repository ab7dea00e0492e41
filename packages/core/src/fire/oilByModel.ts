import { type PotState, stepPot } from '../oil/pot.js';
import { type FireAct, fireState, type OilReading } from './fireAct.js';
import { type Pot } from '../draft/kitchen.js';

/** Oil without a probe: carried on by the pot model from what was last typed or told by a crumb. */
export interface OilByModel {
  readonly readings: readonly OilReading[];
  /** ± of the last one, °C; `null`: nothing was ever told. */
  readonly spreadC: number | null;
}

const EACH_S = 10;
/** A model that nobody checks drifts by so much a minute, and never knows less than this. Our own. */
const DRIFT_C_PER_MIN = 1.5;
const MOST_SPREAD_C = 25;

/**
 * Where the oil is by now, for those who have no probe: from the last reading that was typed, by
 * the burner's settings and what lay in the pot since; the range grows with the time. Empty
 * before anything was told.
 *
 * @param pieceW mean heat one piece draws, W
 */
export function oilByModel(
  acts: readonly FireAct[],
  planned: number,
  pot: Pot,
  roomC: number,
  pieceW: number,
  nowS: number,
): OilByModel {
  const { judged, takenBack } = fireState(acts, planned);
  const told = judged
    .filter((act) => act.kind === 'oil')
    .sort((a, b) => a.atS - b.atS)
    .pop();
  if (!told) return { readings: [], spreadC: null };
  const counted = acts.filter((act) => act.kind !== 'take-back' && !takenBack.has(act.id));
  let state: PotState = { oilC: told.tempC, probeC: told.tempC };
  const readings: OilReading[] = [{ atS: told.atS, probeC: told.tempC }];
  for (let atS = told.atS; atS < nowS - 1e-9;) {
    const dtS = Math.min(EACH_S, nowS - atS);
    const then = fireState(
      counted.filter((act) => act.atS <= atS),
      planned,
    );
    state = stepPot(pot, state, then.burner, roomC, pieceW * then.inPot.length, dtS);
    atS += dtS;
    readings.push({ atS, probeC: state.oilC });
  }
  const spreadC = Math.min(MOST_SPREAD_C, told.spreadC + (DRIFT_C_PER_MIN * Math.max(0, nowS - told.atS)) / 60);
  return { readings, spreadC };
}
