import { type FireBelief, fireState, type FryPlan, type OilReading, type PiecePrediction } from '@ember-fold/core';
import { useEffect, useRef, useState } from 'react';
import { potPredictor } from '../workers/planClient';
import { stoveSecond } from './stoveSecond';
import type { LiveStove } from './useStove';

/** What the model reads of the pieces in the pot, a few times a second at most. */
export function usePredictions(
  live: LiveStove,
  fry: FryPlan | null,
  belief: FireBelief,
  trace: readonly OilReading[],
): { readonly predictions: readonly PiecePrediction[]; readonly cores: ReadonlyMap<number, number> } {
  // What was last read of each core: still there when the piece is out and a probe goes in.
  const [cores, setCores] = useState<ReadonlyMap<number, number>>(new Map());
  const [predictions, setPredictions] = useState<readonly PiecePrediction[]>([]);
  const [predict] = useState(potPredictor);
  const latest = useRef({ live, fry, belief, trace });
  useEffect(() => {
    latest.current = { live, fry, belief, trace };
  });
  const planKnown = fry !== null;
  useEffect(() => {
    if (!planKnown) return;
    const ask = () => {
      const { live: now, fry: plan, belief: known, trace: readings } = latest.current;
      if (!plan) return;
      const { draft } = now.stove;
      const { inPot } = fireState(now.acts, draft.pieces);
      if (inPot.length === 0) return setPredictions([]);
      const first = Math.min(...inPot.map((piece) => piece.droppedS));
      const start = Math.max(0, readings.findIndex((r) => r.atS >= first) - 1);
      void predict({
        body: { ...plan.body, browning: plan.body.browning * known.browning },
        trace: readings.slice(start),
        pieces: inPot,
        turn: draft.fry.turn,
        // Cores that come out colder are waited for; warmer ones never make a piece safe sooner.
        coreTargetC: Math.min(99, draft.filling.coreTargetC - Math.min(0, known.coreShiftC)),
        nowS: stoveSecond(now),
        futureC: draft.fry.oilC,
      }).then((found) => {
        if (!found) return;
        const shown = found.map((one) => ({ ...one, coreC: one.coreC + known.coreShiftC }));
        setPredictions(shown);
        setCores((before) => new Map([...before, ...shown.map((one) => [one.number, one.coreC] as const)]));
      });
    };
    ask();
    const timer = setInterval(ask, live.stove.speed > 4 ? 300 : 1000);
    return () => clearInterval(timer);
  }, [planKnown, predict, live.stove.speed, live.acts.length]);
  return { predictions, cores };
}
