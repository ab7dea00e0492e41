import type { CrustRead, Picture } from '@ember-fold/core/stove';
import { type Remote, wrap } from 'comlink';
import type { CrustWorker } from './crust.worker';

let remote: Remote<CrustWorker> | null = null;

/** Reads a picture off the page's own thread; the worker is started with the first one. */
export function readPicture(picture: Picture): Promise<CrustRead> {
  remote ??= wrap<CrustWorker>(new Worker(new URL('./crust.worker.ts', import.meta.url), { type: 'module' }));
  return remote.read(picture);
}
