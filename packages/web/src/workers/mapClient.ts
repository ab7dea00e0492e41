import type { FryChances, FryMapRow, FryMapSpec } from '@ember-fold/core/plan';
import { proxy, type Remote, wrap } from 'comlink';
import { latestOnly } from './latestOnly';
import type { MapWorker } from './map.worker';

/** Two of them: chances of one point do not wait for the rows of the next map. */
const remotes = new Map<'rows' | 'chances', Remote<MapWorker>>();
function worker(of: 'rows' | 'chances'): Remote<MapWorker> {
  const known =
    remotes.get(of) ?? wrap<MapWorker>(new Worker(new URL('./map.worker.ts', import.meta.url), { type: 'module' }));
  remotes.set(of, known);
  return known;
}

let asks = 0;
/** Rows of a map as they are computed; a newer call ends the one before. `false`: overtaken. */
export function mapInWorker(spec: FryMapSpec, onRows: (rows: readonly FryMapRow[]) => void): Promise<boolean> {
  asks += 1;
  return worker('rows').map(
    spec,
    asks,
    proxy(async (rows: readonly FryMapRow[]) => onRows(rows)),
  );
}

export const chancesLatest = latestOnly((spec: FryMapSpec, oilC: number, timeS: number): Promise<FryChances | null> =>
  worker('chances').chances(spec, oilC, timeS),
);

/** The point moves on: what was being tried is of no use. */
export function cancelChances(): void {
  void remotes.get('chances')?.cancel();
}

/** Maps stand still between two rows until `goOnWithMaps`: somebody waits for the line. */
export function holdMaps(): void {
  for (const remote of remotes.values()) void remote.hold();
}
export function goOnWithMaps(): void {
  for (const remote of remotes.values()) void remote.goOn();
}
