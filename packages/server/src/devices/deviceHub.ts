import { DeviceLag } from './deviceLag.js';
import type { DeviceReading } from './readingLine.js';

/** Which reading of each device was the newest: late ones are no news. */
export class DeviceHub {
  readonly lag = new DeviceLag();
  private readonly last = new Map<string, number>();

  /** Takes one reading. @returns false when it is late, or was here before */
  take({ device, seq, isFirst }: Pick<DeviceReading, 'device' | 'seq' | 'isFirst'>): boolean {
    const last = this.last.get(device) ?? -1;
    if (seq <= last && !isFirst) return false;
    this.last.set(device, seq);
    return true;
  }

  forget(device: string): void {
    this.last.delete(device);
    this.lag.forget(device);
  }
}
