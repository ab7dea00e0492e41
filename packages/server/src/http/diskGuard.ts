import type { DiskSpace } from '@ember-fold/core/stove';
import { statfs } from 'node:fs/promises';
import type { LiveHub } from '../live/liveHub.js';

/** Below this it is said, and below that nothing new is taken: what is acknowledged must fit, bytes. */
const LOW = 500 * 2 ** 20;
const FULL = 60 * 2 ** 20;
const LOOK_MS = 5000;
/** A refusal looks again first, if the last look is older than this: room that was made counts at once. */
const FRESH_MS = 500;

/** Watches the disk on which the records lie. */
export class DiskGuard {
  private told: DiskSpace = { state: 'well', freeBytes: 0 };
  private lookedMs = -Infinity;
  private timer: NodeJS.Timeout | null = null;

  /** @param folder on the disk in question; `null`: the records are on another machine */
  constructor(
    private readonly folder: string | null,
    private readonly live: LiveHub,
  ) {}

  async start(): Promise<void> {
    await this.look();
    this.timer = setInterval(() => void this.look(), LOOK_MS).unref();
  }

  close(): void {
    if (this.timer) clearInterval(this.timer);
  }

  get now(): DiskSpace {
    return this.told;
  }

  /** Whether there is room for what is told now. */
  async hasRoom(): Promise<boolean> {
    if (this.told.state === 'full' && performance.now() - this.lookedMs > FRESH_MS) await this.look();
    return this.told.state !== 'full';
  }

  private async look(): Promise<void> {
    if (this.folder === null) return;
    // A folder that cannot be looked at is a matter of the database, not of room.
    const disk = await statfs(this.folder).catch(() => null);
    this.lookedMs = performance.now();
    if (!disk) return;
    const freeBytes = disk.bavail * disk.bsize;
    const state = freeBytes < FULL ? 'full' : freeBytes < LOW ? 'low' : 'well';
    const isNews = state !== this.told.state;
    this.told = { state, freeBytes };
    if (isNews) this.live.tell({ kind: 'disk', ...this.told });
  }
}
