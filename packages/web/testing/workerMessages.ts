// Stands for `comlink` in page tests: a worker's script answers on the channel of the page that started it.
import * as comlink from '../../../node_modules/comlink/dist/umd/comlink';

export const { proxy, wrap, releaseProxy, transfer } = comlink;

let answering: MessagePort | null = null;

export function expose(worker: object): void {
  comlink.expose(worker, answering as unknown as Parameters<typeof comlink.expose>[1]);
}

/** Loads a worker's script anew, to answer on a port. @param path of its file */
export function exposeOn(port: MessagePort, path: string): void {
  const core = jest.requireActual<object>('@ember-fold/core/plan');
  answering = port;
  jest.isolateModules(() => {
    jest.doMock('@ember-fold/core/plan', () => core);
    jest.doMock('comlink', () => ({ expose, proxy, wrap, releaseProxy, transfer }));
    jest.requireActual(path);
  });
  answering = null;
}
