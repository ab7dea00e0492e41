import {
  type ActCost,
  actCost,
  type BestWay,
  bestWay,
  type OilReading,
  practiceOutcome,
  type PracticeAct,
  type PracticeOutcome,
  replayPractice,
  type Situation,
  situation,
  type SituationKind,
} from '@ember-fold/core/stove';
import { expose } from 'comlink';

/** An session that is over: what came of it, and the oil of each pot. */
export interface PracticeEnd {
  readonly outcome: PracticeOutcome;
  readonly traces: readonly (readonly OilReading[])[];
}

const worker = {
  /** An session to be practised. */
  make: (kind: SituationKind, seed: number, name: string): Situation => situation(kind, seed, name),

  /** The best way through it, reported while it is searched for. */
  best(of: Situation, told: (share: number) => void): BestWay {
    let last = 0;
    return bestWay(of, undefined, (share) => {
      if (share - last >= 0.02) {
        last = share;
        told(share);
      }
    });
  },

  /** What one act cost or saved. */
  cost: (of: Situation, acts: readonly PracticeAct[], id: string): ActCost => actCost(of, acts, id),

  /** How it would have ended with these acts. */
  ends(of: Situation, acts: readonly PracticeAct[]): PracticeEnd {
    const run = replayPractice(of, acts);
    return { outcome: practiceOutcome(run), traces: run.pots.map(({ readings }) => readings) };
  },
};
export type PracticeWorker = typeof worker;
expose(worker);
