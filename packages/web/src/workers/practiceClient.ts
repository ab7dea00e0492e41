import type { ActCost, BestWay, PracticeAct, Situation, SituationKind } from '@ember-fold/core/stove';
import { proxy, type Remote, wrap } from 'comlink';
import { latestOnly } from './latestOnly';
import type { PracticeEnd, PracticeWorker } from './practice.worker';

/** What practice asks for is computed apart: looking for the best way takes seconds. */
export interface PracticeDesk {
  readonly make: (kind: SituationKind, seed: number, name: string) => Promise<Situation>;
  readonly best: (of: Situation, told: (share: number) => void) => Promise<BestWay>;
  readonly cost: (of: Situation, acts: readonly PracticeAct[], id: string) => Promise<ActCost>;
  /** A newer ask replaces the one that waits. */
  readonly ends: (of: Situation, acts: readonly PracticeAct[]) => Promise<PracticeEnd | null>;
  /** Ends whatever is being computed. */
  readonly close: () => void;
}

/** Two workers of its own: what is asked by hand does not wait for the search. */
export function practiceDesk(): PracticeDesk {
  const workers = [0, 1].map(
    () => new Worker(new URL('./practice.worker.ts', import.meta.url), { type: 'module', name: 'practice' }),
  );
  const [search, hand] = workers.map((one) => wrap<PracticeWorker>(one)) as [
    Remote<PracticeWorker>,
    Remote<PracticeWorker>,
  ];
  return {
    make: (kind, seed, name) => hand.make(kind, seed, name),
    best: (of, told) => search.best(of, proxy(told)),
    cost: (of, acts, id) => search.cost(of, acts, id),
    ends: latestOnly((of: Situation, acts: readonly PracticeAct[]) => hand.ends(of, acts)),
    close: () => workers.forEach((one) => one.terminate()),
  };
}
