import { potAtRest, type PotState, stepPot } from '../oil/pot.js';
import { burnerFlowW } from './burnerFlow.js';
import { type StoveAct, stoveState, type OilReading } from './stoveAct.js';
import { type Pot } from '../draft/kitchen.js';

/** Oil without a probe: carried on by the pot model from what was last typed or shown by a crumb. */
export interface OilByModel {
  readonly readings: readonly OilReading[];
  /** ± of the last one, °C; `null`: nothing was ever entered. */
  readonly spreadC: number | null;
}

const EACH_S = 10;
/** A model that nobody checks drifts by so much a minute, and never knows less than this. Our own. */
const DRIFT_C_PER_MIN = 1.5;
const MOST_SPREAD_C = 25;

/**
 * Where the oil is by now, for those who have no probe: from the last reading that was typed, by
 * the burner's settings and what lay in the pot since; the range grows with the time. Empty
 * before anything was entered.
 *
 * @param pieceW mean heat a piece draws, W, by its number
 */
export function oilByModel(
  acts: readonly StoveAct[],
  planned: number,
  pot: Pot,
  roomC: number,
  pieceW: (number: number) => number,
  nowS: number,
): OilByModel {
  const { judged, takenBack, pieces } = stoveState(acts, planned);
  const told = judged.reduce<(typeof judged)[number] | null>(
    (latest, act) => (act.kind === 'oil' && act.atS >= (latest?.atS ?? -Infinity) ? act : latest),
    null,
  );
  if (told?.kind !== 'oil') return { readings: [], spreadC: null };
  const settings = acts
    .flatMap((act) => (act.kind === 'burner' && !takenBack.has(act.id) ? [act] : []))
    .sort((a, b) => a.atS - b.atS);
  let state: PotState = potAtRest(told.tempC, burnerFlowW(acts, takenBack, pot, told.atS));
  let turn = 0;
  let setting = 0;
  const readings: OilReading[] = [{ atS: told.atS, probeC: told.tempC }];
  for (let atS = told.atS; atS < nowS - 1e-9;) {
    const dtS = Math.min(EACH_S, nowS - atS);
    // One walk along what was turned: adding all up anew at each step took tens of milliseconds.
    while (turn < settings.length && settings[turn]!.atS <= atS) setting = settings[turn++]!.setting;
    let drawnW = 0;
    for (const { number, droppedS, outS } of pieces) {
      if (droppedS <= atS && (outS === null || outS > atS)) drawnW += pieceW(number);
    }
    state = stepPot(pot, state, setting, roomC, drawnW, dtS);
    atS += dtS;
    readings.push({ atS, probeC: state.oilC });
  }
  const spreadC = Math.min(MOST_SPREAD_C, told.spreadC + (DRIFT_C_PER_MIN * Math.max(0, nowS - told.atS)) / 60);
  return { readings, spreadC };
}
