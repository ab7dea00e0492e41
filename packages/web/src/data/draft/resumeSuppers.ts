import { api } from '../api/api';
import { supperKind } from './savedKinds';
import { saver } from './saves';
import { store } from './store';

const selectSuppers = api.endpoints.suppers.select();

/** Suppers as the server has them are there: what of them is still on its way, or was left behind when the page was closed, stands. */
export function resumeSuppers(): void {
  for (const { id, supper, version } of selectSuppers(store.getState()).data ?? []) {
    const key = `supper ${id}`;
    if (!saver.mirror(key)) continue;
    supperKind.show(id, { value: saver.open(key, id, supperKind, { value: supper, version }), version });
  }
}
