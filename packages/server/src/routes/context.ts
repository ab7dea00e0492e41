import type { Gate } from '../db/gate.js';
import type { DeviceHub } from '../devices/deviceHub.js';
import type { LiveHub } from '../live/liveHub.js';
import type { SimulatedScaleRunner } from '../devices/simulatedScaleRunner.js';
import type { StoveRunner } from '../devices/stoveRunner.js';

/** What every router is given. */
export interface Context {
  readonly gate: Gate;
  readonly stoves: StoveRunner;
  readonly devices: DeviceHub;
  readonly scale: SimulatedScaleRunner;
  readonly live: LiveHub;
  readonly clockMs: () => number;
}
