import type { Gate } from '../db/gate.js';
import type { DeviceHub } from '../devices/deviceHub.js';
import type { LiveHub } from '../live/liveHub.js';
import type { StoveHub } from '../devices/stoveHub.js';
import type { FryJobs } from '../services/fryJobs.js';
import type { SimulatedLink } from '../simulated/simulatedLink.js';

/** What every router is given. */
export interface Context {
  readonly gate: Gate;
  readonly stoves: StoveHub;
  readonly devices: DeviceHub;
  readonly simulated: SimulatedLink;
  readonly live: LiveHub;
  readonly jobs: FryJobs;
  readonly clockMs: () => number;
}
