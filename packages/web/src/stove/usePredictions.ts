import { friedPieces } from '@ember-fold/core/plan';
import {
  stoveBelief,
  type StoveSession,
  stoveState,
  type PiecePrediction,
  predictAsks,
  shownPredictions,
  type StoveFit,
} from '@ember-fold/core/stove';
import { useEffect, useRef, useState } from 'react';
import { potPredictor } from '../workers/planClient';
import { stoveSecond } from './stoveSecond';
import type { LiveStove } from './useLiveStove';

interface Predicted {
  readonly predictions: readonly PiecePrediction[];
  /** What was last predicted of each core, °C: still there when the piece is out and a probe goes in. */
  readonly cores: ReadonlyMap<number, number>;
}

const NOTHING: Predicted = { predictions: [], cores: new Map() };

/** What the worker predicts of the pieces in the pot, a few times a second at most. */
export function usePredictions(live: LiveStove, session: StoveSession | null, fit: StoveFit | null): Predicted {
  const [predicted, setPredicted] = useState(NOTHING);
  const [predict] = useState(potPredictor);
  const latest = useRef({ live, session, fit });
  useEffect(() => {
    latest.current = { live, session, fit };
  });
  const isPlanned = session !== null;
  useEffect(() => {
    if (!isPlanned) return;
    const ask = () => {
      const now = latest.current;
      if (!now.session) return;
      const { acts, readings } = now.live;
      const question = predictAsks(now.session, acts, readings, now.fit, stoveSecond(now.live));
      if (question.length === 0) return setPredicted((before) => ({ ...before, predictions: [] }));
      const belief = stoveBelief(stoveState(acts, friedPieces(now.session.trays)));
      void predict(question).then((found) => {
        if (!found) return;
        const predictions = shownPredictions(found, belief);
        setPredicted((before) => ({
          predictions,
          cores: new Map([...before.cores, ...predictions.map((one) => [one.number, one.coreC] as const)]),
        }));
      });
    };
    ask();
    const timer = setInterval(ask, live.stove.speed > 4 ? 300 : 1000);
    return () => clearInterval(timer);
  }, [isPlanned, predict, live.stove.speed, live.acts.length]);
  return predicted;
}
