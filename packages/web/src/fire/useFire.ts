import {
  doNext,
  fireState,
  type FireState,
  type FryPlan,
  type NextStep,
  oilNow,
  type OilNow,
  type PiecePrediction,
} from '@ember-fold/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { planHotOnce, predictLatest } from '../workers/planClient';
import type { LiveStove } from './useStove';

/** Everything the stove view shows. */
export interface Fire {
  readonly nowS: number;
  readonly fry: FryPlan;
  readonly state: FireState;
  readonly oil: OilNow;
  readonly predictions: readonly PiecePrediction[];
  readonly steps: readonly NextStep[];
}

const TICK_MS = 250;

/** Stove s now, by the page's own clock. */
export function stoveSecond(live: LiveStove): number {
  return live.clock.nowS + ((performance.now() - live.clock.atMs) / 1000) * live.stove.speed;
}

/** The plan the stove was started with, computed once. */
function useStovePlan(live: LiveStove): { fry: FryPlan | null; failed: string | null } {
  const [result, setResult] = useState<{ fry: FryPlan | null; failed: string | null }>({ fry: null, failed: null });
  const { draft, kitchen } = live.stove;
  useEffect(() => {
    let gone = false;
    planHotOnce(draft, kitchen).then(
      ({ fry }) => !gone && setResult({ fry, failed: fry ? null : 'This plan has no piece to fry.' }),
      (cause: unknown) => !gone && setResult({ fry: null, failed: String(cause) }),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  return result;
}

/** What the model reads of the pieces in the pot, a few times a second at most. */
function usePredictions(live: LiveStove, fry: FryPlan | null): readonly PiecePrediction[] {
  const [predictions, setPredictions] = useState<readonly PiecePrediction[]>([]);
  const latest = useRef({ live, fry });
  useEffect(() => {
    latest.current = { live, fry };
  });
  const planKnown = fry !== null;
  useEffect(() => {
    if (!planKnown) return;
    const ask = () => {
      const { live: now, fry: plan } = latest.current;
      if (!plan) return;
      const { draft } = now.stove;
      const { inPot } = fireState(now.acts, draft.pieces);
      if (inPot.length === 0) return setPredictions([]);
      const first = Math.min(...inPot.map((piece) => piece.droppedS));
      const start = Math.max(0, now.readings.findIndex((r) => r.atS >= first) - 1);
      void predictLatest({
        body: plan.body,
        trace: now.readings.slice(start),
        pieces: inPot,
        turn: draft.fry.turn,
        coreTargetC: draft.filling.coreTargetC,
        nowS: stoveSecond(now),
        futureC: draft.fry.oilC,
      }).then((found) => found && setPredictions(found));
    };
    ask();
    const timer = setInterval(ask, live.stove.speed > 4 ? 300 : 1000);
    return () => clearInterval(timer);
  }, [planKnown, live.stove.speed, live.acts.length]);
  return predictions;
}

/** Ties clock, acts, readings and predictions into one glance. `null` until the plan is computed. */
export function useFire(live: LiveStove): { readonly fire: Fire | null; readonly failed: string | null } {
  const [nowS, setNowS] = useState(() => stoveSecond(live));
  const latest = useRef(live);
  useEffect(() => {
    latest.current = live;
  });
  useEffect(() => {
    const timer = setInterval(() => setNowS(stoveSecond(latest.current)), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  const { fry, failed } = useStovePlan(live);
  const found = usePredictions(live, fry);
  const { draft, kitchen } = live.stove;
  const { acts } = live;
  const state = useMemo(() => fireState(acts, draft.pieces), [acts, draft.pieces]);
  if (!fry || !fry.lots) return { fire: null, failed };
  const { lotSize, holdSetting, lotSetting } = fry.lots;
  const oil = oilNow(
    live.readings,
    Math.max(nowS, live.readings[live.readings.length - 1]?.atS ?? 0),
    kitchen.pot,
    kitchen.roomC,
    draft.fry.oilC,
    state.burner,
    fry.pieceMeanW * state.inPot.length,
  );
  const inPot = new Set(state.inPot.map((piece) => piece.number));
  const predictions = found.filter((p) => inPot.has(p.number));
  const plan = {
    pieces: draft.pieces,
    lotSize,
    oilC: draft.fry.oilC,
    holdSetting,
    lotSetting,
    settings: kitchen.pot.settings,
  };
  const steps = doNext(state, plan, oil, predictions, nowS);
  return { fire: { nowS, fry, state, oil, predictions, steps }, failed: null };
}
