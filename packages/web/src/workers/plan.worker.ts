import {
  type BatchDraft,
  type FirePiece,
  type FryBodySpec,
  type HotPlan,
  type Kitchen,
  type OilReading,
  type PiecePrediction,
  planCold,
  planHot,
  predictPiece,
  type TurnSchool,
} from '@ember-fold/core';
import { expose } from 'comlink';

/** Samples the page needs for its curves; the solver keeps every inner step. */
const MOST_SAMPLES = 160;

function thin(plan: HotPlan): HotPlan {
  if (!plan.fry) return plan;
  const { samples } = plan.fry.solution;
  const each = Math.max(1, Math.ceil(samples.length / MOST_SAMPLES));
  const kept = samples.filter((_, i) => i % each === 0 || i === samples.length - 1);
  return { ...plan, fry: { ...plan.fry, solution: { ...plan.fry.solution, samples: kept } } };
}

export interface PredictAsk {
  readonly body: FryBodySpec;
  readonly trace: readonly OilReading[];
  readonly pieces: readonly FirePiece[];
  readonly turn: TurnSchool;
  readonly coreTargetC: number;
  readonly nowS: number;
  readonly futureC: number;
}

const worker = {
  /** Fry and serve of a draft. */
  hot(draft: BatchDraft, kitchen: Kitchen, nowMs: number | null): HotPlan {
    return thin(planHot(draft, kitchen, planCold(draft, kitchen), nowMs));
  },
  /** The pieces in the pot; those with the same drop and turns are computed once. */
  predict(ask: PredictAsk): PiecePrediction[] {
    const known = new Map<string, PiecePrediction>();
    return ask.pieces.map((piece) => {
      const key = `${piece.droppedS}|${piece.turnsS.join()}`;
      const found =
        known.get(key) ?? predictPiece(ask.body, ask.trace, piece, ask.turn, ask.coreTargetC, ask.nowS, ask.futureC);
      known.set(key, found);
      return { ...found, number: piece.number };
    });
  },
};
export type PlanWorker = typeof worker;
expose(worker);
