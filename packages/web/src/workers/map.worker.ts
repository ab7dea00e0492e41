import {
  fryMapOrder,
  type FryMapRow,
  fryMapRow,
  type FryMapSpec,
  mapChances,
  type OutcomeChances,
} from '@ember-fold/core/plan';
import { expose } from 'comlink';

/** The map that counts: a newer one ends the one before it between two rows. */
let current = 0;
/** Rows are handed over after so long, ms: a coarse map soon, then what lies between. */
const HAND_OVER_MS = 40;
const { port1: bell, port2: rope } = new MessageChannel();
const ringing: (() => void)[] = [];
bell.onmessage = () => ringing.shift()?.();
/** Lets whatever has been sent meanwhile be heard. By a message: a timer would wait 4 ms each time. */
function turn(): Promise<void> {
  rope.postMessage(null);
  return new Promise((resolve) => ringing.push(resolve));
}

/** While somebody waits for the line: what goes on with the map when the line stands. */
let held: { readonly over: Promise<void>; readonly end: () => void } | null = null;

/** Heard after each row. `false`: a newer ask has taken over. */
async function isStillWanted(ask: number): Promise<boolean> {
  await turn();
  while (held) await held.over;
  return current === ask;
}

const worker = {
  /** All rows of a map, coarse first; sent as they come. `false`: overtaken. */
  async map(spec: FryMapSpec, ask: number, onRows: (rows: readonly FryMapRow[]) => Promise<void>): Promise<boolean> {
    current = ask;
    let batch: FryMapRow[] = [];
    let since = performance.now();
    for (const index of fryMapOrder(spec.rows)) {
      batch.push(fryMapRow(spec, index));
      if (!(await isStillWanted(ask))) return false;
      if (performance.now() - since < HAND_OVER_MS) continue;
      await onRows(batch);
      batch = [];
      since = performance.now();
    }
    await onRows(batch);
    return current === ask;
  },
  /** How pieces made by hand come out at one point. */
  async chances(spec: FryMapSpec, oilC: number, timeS: number): Promise<OutcomeChances> {
    while (held) await held.over;
    return mapChances(spec, oilC, timeS);
  },
  /** Whoever types has the machine to himself, until `goOn`. */
  hold(): void {
    if (held) return;
    let end = () => {};
    const over = new Promise<void>((resolve) => (end = resolve));
    held = { over, end };
  },
  goOn(): void {
    held?.end();
    held = null;
  },
};

export type MapWorker = typeof worker;
expose(worker);
