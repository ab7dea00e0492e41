import type { DiskTold } from '@ember-fold/core/stove';
import { SharedValue, useShared } from '../sharedValue';

const disk = new SharedValue<DiskTold>({ state: 'well', freeBytes: 0 });

/** Room on the server's disk, as last reported. */
export function diskTold({ state, freeBytes }: DiskTold): void {
  disk.set({ state, freeBytes });
}

export const useDisk = (): DiskTold => useShared(disk);
