import {
  type FryChances,
  fryChancesInTurn,
  fryMapOrder,
  type FryMapRow,
  fryMapRow,
  type FryMapSpec,
} from '@ember-fold/core';
import { expose } from 'comlink';

/** The map that counts: a newer one ends the one before it between two rows. */
let current = 0;
/** Rows are handed over after so long, ms: a coarse map soon, then what lies between. */
const HAND_OVER_MS = 40;
const SEED = 20;
/** Pieces between two looks at whether anybody still waits. */
const EACH = 8;
const turn = () => new Promise((resolve) => setTimeout(resolve));

const worker = {
  /** All rows of a map, coarse first; told as they come. `false`: overtaken. */
  async map(spec: FryMapSpec, ask: number, onRows: (rows: readonly FryMapRow[]) => Promise<void>): Promise<boolean> {
    current = ask;
    let batch: FryMapRow[] = [];
    let since = performance.now();
    for (const index of fryMapOrder(spec.rows)) {
      batch.push(fryMapRow(spec, index));
      if (performance.now() - since < HAND_OVER_MS) continue;
      await onRows(batch);
      batch = [];
      await turn();
      if (current !== ask) return false;
      since = performance.now();
    }
    await onRows(batch);
    return current === ask;
  },
  /** How so many pieces made by hand come out at one point; `null`: called off. */
  async chances(spec: FryMapSpec, oilC: number, timeS: number): Promise<FryChances | null> {
    const ask = (current += 1);
    const run = fryChancesInTurn(spec, oilC, timeS, SEED);
    for (;;) {
      const step = run.next();
      if (step.done) return step.value;
      // Whoever types meanwhile has the machine to himself at once.
      if (step.value % EACH === 0) {
        await turn();
        if (current !== ask) return null;
      }
    }
  },
  /** Nobody waits for the chances any more. */
  cancel(): void {
    current += 1;
  },
};

export type MapWorker = typeof worker;
expose(worker);
