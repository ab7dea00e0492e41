import type { FryMapRow, FryMapSpec, OutcomeChances } from '@ember-fold/core/plan';
import { proxy, type Remote, wrap } from 'comlink';
import { latestOnly } from './latestOnly';
import type { MapWorker } from './map.worker';

let remote: Remote<MapWorker> | null = null;
const worker = (): Remote<MapWorker> =>
  (remote ??= wrap<MapWorker>(new Worker(new URL('./map.worker.ts', import.meta.url), { type: 'module' })));

let asks = 0;
/** Rows of a map as they are computed; a newer call ends the one before. `false`: overtaken. */
export function mapInWorker(spec: FryMapSpec, onRows: (rows: readonly FryMapRow[]) => void): Promise<boolean> {
  asks += 1;
  return worker().map(
    spec,
    asks,
    proxy(async (rows: readonly FryMapRow[]) => onRows(rows)),
  );
}

/** How pieces made by hand come out at one point of a map. They are answered between two rows. */
export const chancesLatest = latestOnly((spec: FryMapSpec, oilC: number, timeS: number): Promise<OutcomeChances> =>
  worker().chances(spec, oilC, timeS),
);

/** Maps stand still between two rows until `goOnWithMaps`: somebody waits for the line. */
export function holdMaps(): void {
  void remote?.hold();
}
export function goOnWithMaps(): void {
  void remote?.goOn();
}
