import type { DeviceReading } from './readingLine.js';

type Listener = (reading: DeviceReading) => void;

interface Known {
  last: number;
  readonly recent: DeviceReading[];
  readonly listeners: Set<Listener>;
}

/** Readings kept for a page that comes late. They are not records: what is taken from them is. */
const KEPT = 100;

/** What devices show just now, passed on to the pages that look. */
export class DeviceHub {
  private readonly known = new Map<string, Known>();

  /** Takes one reading. @returns false when it is late, or was here before */
  take(reading: DeviceReading): boolean {
    const of = this.of(reading.device);
    if (reading.seq <= of.last && !reading.isFirst) return false;
    of.last = reading.seq;
    if (reading.isFirst) of.recent.length = 0;
    of.recent.push(reading);
    if (of.recent.length > KEPT) of.recent.shift();
    of.listeners.forEach((listener) => listener(reading));
    return true;
  }

  /** Readings after a number that are still here, oldest first. */
  after(device: string, seq: number): readonly DeviceReading[] {
    return (this.known.get(device)?.recent ?? []).filter((reading) => reading.seq > seq);
  }

  follow(device: string, listener: Listener): () => void {
    const { listeners } = this.of(device);
    listeners.add(listener);
    return () => {
      listeners.delete(listener);
    };
  }

  isFollowed(device: string): boolean {
    return (this.known.get(device)?.listeners.size ?? 0) > 0;
  }

  forget(device: string): void {
    this.known.delete(device);
  }

  private of(device: string): Known {
    const known = this.known.get(device) ?? { last: -1, recent: [], listeners: new Set<Listener>() };
    this.known.set(device, known);
    return known;
  }
}
