import type { DiskSpace } from '@ember-fold/core/stove';
import { SharedValue, useShared } from '../sharedValue';

const disk = new SharedValue<DiskSpace>({ state: 'well', freeBytes: 0 });

/** Room on the server's disk, as last reported. */
export function diskSpace({ state, freeBytes }: DiskSpace): void {
  disk.set({ state, freeBytes });
}

export const useDisk = (): DiskSpace => useShared(disk);
