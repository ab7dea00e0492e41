import type { Gate } from '../db/gate.js';
import type { DeviceHub } from '../devices/deviceHub.js';
import type { HomeDoor } from '../home/homeDoor.js';
import type { LiveHub } from '../live/liveHub.js';
import type { StoveHub } from '../devices/stoveHub.js';
import type { BatchParts } from '../batches/batchParts.js';
import type { CopyKeeper } from '../copies/copyKeeper.js';
import type { DiskGuard } from './diskGuard.js';
import type { Lessons } from '../ledger/lessons.js';
import type { SupperDays } from '../supper/supperDays.js';
import type { PlanTrays } from '../planning/planThread.js';
import type { SimulatedLink } from '../simulated/simulatedLink.js';

/** What every router is given. */
export interface Context {
  readonly gate: Gate;
  readonly stoves: StoveHub;
  readonly devices: DeviceHub;
  readonly simulated: SimulatedLink;
  readonly live: LiveHub;
  /** What batches are for their day plan and at the pot. */
  readonly jobs: BatchParts;
  readonly dayPlans: SupperDays;
  readonly lessons: Lessons;
  readonly copies: CopyKeeper;
  readonly disk: DiskGuard;
  /** Who comes in over the home network. */
  readonly door: HomeDoor;
  /** Plans a batch in the planning thread: on the main thread readings of a probe would wait for it. */
  readonly planTrays: PlanTrays;
  readonly clockMs: () => number;
}
