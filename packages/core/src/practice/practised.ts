import type { PiecePrediction } from '../stove/predictPiece.js';
import type { StoveNow } from '../plan/batch/stoveNow.js';
import type { PotSeen } from './potSeen.js';

/** Nothing is predicted of a piece yet. */
const NOT_YET = {
  coreC: 0,
  interfaceC: 0,
  turnAtS: null,
  takeOutAtS: null,
  orderedS: null,
  oilMeanC: 0,
  isDone: false,
};

/**
 * What the stove page shows of a practised pot: crusts as the cook sees them, whatever the model
 * believes; and where nobody whispers no advice, no moments and no forecast. Dangers are shown
 * either way. What was done cannot be taken back: there was no wrong tap, there was a wrong act.
 *
 * @example practised(stoveNow(session, [], readings, nothing, 900), potSeen(createPractice(situation('overshoot', 1, 'Practice')), 0), false).steps // []
 */
export function practised<T extends StoveNow>(now: T, seen: PotSeen, whispers: boolean): T {
  const colours = new Map(seen.inPot.map((piece) => [piece.number, piece.colours]));
  const predictions = now.state.inPot.map(({ number }): PiecePrediction => {
    const told = now.predictions.find((one) => one.number === number) ?? { ...NOT_YET, number };
    const moments = whispers ? {} : { turnAtS: null, takeOutAtS: null, orderedS: null };
    return { ...told, ...moments, colours: colours.get(number) ?? [0, 0] };
  });
  return {
    ...now,
    state: { ...now.state, lastAct: null },
    predictions,
    ...(!whispers && { steps: [], oil: { ...now.oil, forecast: [], backInS: null } }),
  };
}
