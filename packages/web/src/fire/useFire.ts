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
  type PiecePrediction,
  type Pot,
  roomInPot,
  type StoveFit,
} from '@ember-fold/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { planHotOnce } from '../workers/planClient';
import { stoveSecond } from './stoveSecond';
import { useFit } from './useFit';
import { usePredictions } from './usePredictions';
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
  /** How many more the pot takes beside what is in it. */
  readonly room: number;
  readonly danger: Danger | null;
  readonly fit: StoveFit | null;
}

const TICK_MS = 250;

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

/** A probe silent for so long by the wall has no reading, s, where the stove's clock runs faster. */
const STALE_WALL_S = 6;
/** The pot as it has shown itself tonight; as the Store has it until then. */
function potTonight(pot: Pot, fit: StoveFit | null): Pot {
  if (!fit?.converged) return pot;
  return { ...pot, efficiency: fit.efficiency.value, lossWPerK: fit.lossWPerK.value, probeLagS: fit.probeLagS.value };
}

/**
 * Ties clock, acts, readings and predictions into one glance. `null` until the plan is computed.
 * @param learns whether the stove is learnt meanwhile
 */
export function useFire(
  live: LiveStove,
  learns = true,
): { readonly fire: Fire | null; readonly failed: string | null } {
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
  const fit = useFit(live, learns ? fry : null);
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
    coreTargetC: draft.filling.coreTargetC,
    trial: live.stove.trial,
  };
  const steps = doNext(state, plan, oil, predictions, nowS);
  const lotM3 = state.inPot.length * fry.bulk.volumeM3;
  const danger = dangerOf({ state, oil, pot, warnC: fry.cautions.warnC, lotM3, nowS, speed: live.stove.speed });
  const spreadC = byModel?.spreadC ?? null;
  const room = roomInPot(state, plan.trial && state.lots <= 1 ? 1 : lotSize);
  const known = { nowS, fry, state, oil, predictions, cores, steps, belief };
  return { fire: { ...known, spreadC, room, danger, fit }, failed: null };
}
