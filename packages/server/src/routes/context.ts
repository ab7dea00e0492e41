import type { Gate } from '../db/gate.js';
import type { StoveRunner } from '../devices/stoveRunner.js';

/** What every router is given. */
export interface Context {
  readonly gate: Gate;
  readonly stoves: StoveRunner;
  readonly clockMs: () => number;
}
