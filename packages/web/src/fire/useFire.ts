import {
  type Danger,
  dangerOf,
  doNext,
  type FireBelief,
  fireBelief,
  fireState,
  type FireState,
  type FryPlan,
  type NextStep,
  oilNow,
  type OilNow,
  oilByModel,
  type OilReading,
  pieceHeatCurve,
  type PiecePrediction,
  type Pot,
  type StoveFit,
} from '@ember-fold/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { fitLatest, planHotOnce, predictLatest } from '../workers/planClient';
import type { LiveStove } from './useStove';

/** Everything the stove view shows. */
export interface Fire {
  readonly nowS: number;
  readonly fry: FryPlan;
  readonly state: FireState;
  readonly oil: OilNow;
  readonly predictions: readonly PiecePrediction[];
  /** What was last read of each core, by piece, °C. */
  readonly cores: ReadonlyMap<number, number>;
  readonly steps: readonly NextStep[];
  /** What lifts have taught this evening. */
  readonly belief: FireBelief;
  /** ± of the oil where it is not measured, °C; `null`: it is, or nothing is known. */
  readonly spreadC: number | null;
  readonly danger: Danger | null;
  readonly fit: StoveFit | null;
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
function usePredictions(
  live: LiveStove,
  fry: FryPlan | null,
  belief: FireBelief,
  trace: readonly OilReading[],
): { readonly predictions: readonly PiecePrediction[]; readonly cores: ReadonlyMap<number, number> } {
  // What was last read of each core: still there when the piece is out and a probe goes in.
  const [cores, setCores] = useState<ReadonlyMap<number, number>>(new Map());
  const [predictions, setPredictions] = useState<readonly PiecePrediction[]>([]);
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
      void predictLatest({
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
  }, [planKnown, live.stove.speed, live.acts.length]);
  return { predictions, cores };
}

/** A probe silent for so long by the wall has no reading, s, where the stove's clock runs faster. */
const STALE_WALL_S = 6;
const FIT_EACH_MS = 15_000;

/** What this stove is like, found anew now and then from what was recorded of it. */
function useFit(live: LiveStove, fry: FryPlan | null): StoveFit | null {
  const [fit, setFit] = useState<StoveFit | null>(null);
  const latest = useRef({ live, fry });
  useEffect(() => {
    latest.current = { live, fry };
  });
  const known = fry !== null && live.stove.probe !== null;
  useEffect(() => {
    if (!known) return;
    const timer = setInterval(() => {
      const { live: now, fry: plan } = latest.current;
      if (!plan) return;
      const { kitchen, draft } = now.stove;
      const pieceW = pieceHeatCurve(plan.bulk, plan.solution.samples, plan.liftS ?? 600, 1);
      const ask = { pot: kitchen.pot, roomC: kitchen.roomC, readings: now.readings, acts: now.acts };
      void fitLatest({ ...ask, pieces: draft.pieces, pieceW }).then(
        (found) => found && setFit(found),
        () => undefined,
      );
    }, FIT_EACH_MS);
    return () => clearInterval(timer);
  }, [known]);
  return fit;
}

/** The pot as it has shown itself tonight; as the Store has it until then. */
function potTonight(pot: Pot, fit: StoveFit | null): Pot {
  if (!fit?.converged) return pot;
  return { ...pot, efficiency: fit.efficiency.value, lossWPerK: fit.lossWPerK.value, probeLagS: fit.probeLagS.value };
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
  const { draft, kitchen } = live.stove;
  const { acts } = live;
  const state = useMemo(() => fireState(acts, draft.pieces), [acts, draft.pieces]);
  const belief = useMemo(() => fireBelief(state), [state]);
  const fit = useFit(live, fry);
  const pot = useMemo(() => potTonight(kitchen.pot, fit), [kitchen.pot, fit]);
  // Without a probe the model carries on from what was last told; a tenth of a minute is fine enough.
  const hasProbe = live.stove.probe !== null;
  const tenthS = Math.floor(nowS / 6) * 6;
  const byModel = useMemo(
    () =>
      hasProbe || !fry ? null : oilByModel(acts, draft.pieces, pot, kitchen.roomC, fry.pieceMeanW, Math.max(0, tenthS)),
    [hasProbe, fry, acts, draft.pieces, pot, kitchen.roomC, tenthS],
  );
  const readings = byModel?.readings ?? live.readings;
  const { predictions: found, cores } = usePredictions(live, fry, belief, readings);
  if (!fry || !fry.lots) return { fire: null, failed };
  const { lotSize, holdSetting, lotSetting } = fry.lots;
  const oil = oilNow(
    readings,
    Math.max(nowS, readings[readings.length - 1]?.atS ?? 0),
    { ...pot, smokeC: Math.min(pot.smokeC, kitchen.potOil?.smokeC ?? pot.smokeC) },
    kitchen.roomC,
    draft.fry.oilC,
    state.burner,
    fry.pieceMeanW * state.inPot.length,
    Math.max(60, STALE_WALL_S * live.stove.speed),
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
    trial: live.stove.trial,
  };
  const steps = doNext(state, plan, oil, predictions, nowS);
  const lotM3 = state.inPot.length * fry.bulk.volumeM3;
  const danger = dangerOf({ state, oil, pot, warnC: fry.cautions.warnC, lotM3, nowS, speed: live.stove.speed });
  const spreadC = byModel?.spreadC ?? null;
  return { fire: { nowS, fry, state, oil, predictions, cores, steps, belief, spreadC, danger, fit }, failed: null };
}
