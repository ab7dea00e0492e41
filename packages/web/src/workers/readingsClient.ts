import { type Remote, wrap } from 'comlink';
import type { ReadingsWorker } from './readings.worker';

let remote: Remote<ReadingsWorker> | null = null;

/** Reads a thermometer's file off the page's own thread; the worker is started with the first one. */
export function readingsWorker(): Remote<ReadingsWorker> {
  remote ??= wrap<ReadingsWorker>(new Worker(new URL('./readings.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}
