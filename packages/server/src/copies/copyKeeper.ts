import { createWriteStream } from 'node:fs';
import { chmod, mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { CopyRow, CopySheet } from '@ember-fold/core/files';
import type { Logger } from 'pino';
import type { Gate } from '../db/gate.js';
import { ApiError } from '../errors.js';
import { thinOld } from '../ledger/thinOld.js';
import { CopyError, type CopyHead, headNow, readCopy, readCopyHead, writeCopy } from './copyFile.js';
import {
  copyName,
  type CopyRule,
  type CopyWhy,
  isNightDue,
  type NamedCopy,
  readCopyName,
  spentCopies,
} from './keepCopies.js';
import { restoreCopy } from './restoreCopy.js';

/** A file that is handed in is no larger than this. */
const LARGEST = 4 * 2 ** 30;
/** The night is looked for so often, ms. */
const LOOK_MS = 10 * 60_000;

export interface KeeperOptions {
  readonly gate: Gate;
  readonly databaseUrl: string;
  readonly folder: string;
  readonly rule: CopyRule;
  readonly log: Pick<Logger, 'error' | 'info'>;
  readonly clockMs: () => number;
  /** A sender who is silent for so long is given up, ms; absent: half a minute. */
  readonly silentMs?: number;
  /** All this server holds in memory is of the kitchen before. */
  readonly onRestored: () => void;
}

const asApi = (cause: unknown): unknown => {
  if (cause instanceof CopyError) return new ApiError(cause.code, cause.message);
  const { code } = cause as { code?: string };
  if (code === 'ENOENT') return new ApiError('NO_COPY');
  if (code === 'ENOSPC' || code === 'EACCES' || code === 'EROFS') return new ApiError('NO_COPY_ROOM');
  if (code === 'ER_DBACCESS_DENIED_ERROR') return new ApiError('NO_TRIAL_DATABASE');
  return cause;
};

const countsOf = (head: CopyHead): Record<string, number> =>
  Object.fromEntries(head.tables.map(({ name, rows }) => [name, rows]));

/** The folder of whole copies: makes them, lists them, forgets old ones, and puts one in the kitchen's place. */
export class CopyKeeper {
  private timer: NodeJS.Timeout | null = null;
  /** One after another: a copy is not made while another replaces everything. */
  private busy: Promise<unknown> = Promise.resolve();
  private lastMs = 0;

  constructor(private readonly given: KeeperOptions) {}

  /** Makes a copy each night from now on. */
  start(firstMs: number): void {
    const look = () => {
      void this.tryNight();
      this.timer = setTimeout(look, LOOK_MS).unref();
    };
    this.timer = setTimeout(look, firstMs).unref();
  }

  /** Since when no nightly copy could be made, ms; `null`: the last one was, or none is due. */
  nightFailedMs: number | null = null;

  /** A night that fails is tried again at the next look, and told until one succeeds. */
  async tryNight(): Promise<void> {
    try {
      if (await this.night()) this.nightFailedMs = null;
    } catch (cause) {
      this.nightFailedMs ??= this.given.clockMs();
      this.given.log.error({ cause }, 'The nightly copy could not be made.');
    }
  }

  async close(): Promise<void> {
    if (this.timer) clearTimeout(this.timer);
    await this.busy.catch(() => undefined);
  }

  /** Makes today's copy if it is due. @returns whether it was */
  async night(): Promise<boolean> {
    const nights = (await this.named()).filter(({ why }) => why === 'night');
    const last = nights.reduce<number | null>((most, { madeMs }) => Math.max(most ?? 0, madeMs), null);
    if (!isNightDue(new Date(this.given.clockMs()), last)) return false;
    await this.make('night');
    // After the copy: what is thinned is whole in it.
    await thinOld(this.given.gate, this.given.clockMs());
    return true;
  }

  async list(): Promise<CopyRow[]> {
    const named = (await this.named()).sort((a, b) => b.madeMs - a.madeMs);
    return await Promise.all(
      named.map(async ({ name, madeMs, why }) => {
        const path = join(this.given.folder, name);
        const { size } = await stat(path);
        const head = await readCopyHead(path).catch(() => null);
        const told = head && { schema: head.schema, counts: countsOf(head) };
        return { name, why, madeAt: head?.madeAt ?? new Date(madeMs).toISOString(), bytes: size, holds: told };
      }),
    );
  }

  /** @param needed a copy that is not forgotten now, however old it is */
  async make(why: CopyWhy, needed = ''): Promise<CopyRow> {
    return await this.alone(async () => {
      const name = this.newName(why);
      await this.openFolder();
      await writeCopy(this.given.gate, join(this.given.folder, name), new Date(this.given.clockMs()));
      await this.forget(needed);
      return await this.rowOf(name);
    });
  }

  /** Takes in a file from elsewhere; it is kept only if it is a whole copy. */
  async take(body: Readable): Promise<CopyRow> {
    const name = this.newName('given');
    const path = join(this.given.folder, name);
    // It comes at the pace of who sends it: nobody waits for that but its own request.
    try {
      await this.openFolder();
      await receive(body, `${path}.part`, this.given.silentMs ?? SILENT_MS);
      await readCopy(`${path}.part`);
    } catch (cause) {
      await rm(`${path}.part`, { force: true });
      throw asApi(cause);
    }
    return await this.alone(async () => {
      await rename(`${path}.part`, path);
      await this.forget();
      return await this.rowOf(name);
    });
  }

  /** A copy read from beginning to end, and what the kitchen has now beside it. */
  async sheet(name: string): Promise<CopySheet> {
    const path = this.path(name);
    try {
      await readCopy(path);
      return {
        copy: await this.rowOf(name),
        now: countsOf(await headNow(this.given.gate, new Date(this.given.clockMs()))),
      };
    } catch (cause) {
      throw asApi(cause);
    }
  }

  /** The kitchen as it is now is copied first: there is a way back. */
  async restore(name: string): Promise<{ readonly before: string }> {
    const path = this.path(name);
    const { gate, databaseUrl, onRestored } = this.given;
    await this.alone(async () => await readCopy(path));
    const before = await this.make('restore', name);
    await this.alone(async () => await restoreCopy(gate, databaseUrl, path));
    onRestored();
    return { before: before.name };
  }

  /** @throws ApiError NO_COPY when it cannot be one of ours */
  path(name: string): string {
    if (!readCopyName(name)) throw new ApiError('NO_COPY');
    return join(this.given.folder, name);
  }

  private async alone<T>(work: () => Promise<T>): Promise<T> {
    const turn = this.busy.catch(() => undefined).then(work);
    this.busy = turn;
    try {
      return await turn;
    } catch (cause) {
      throw asApi(cause);
    }
  }

  /** Other users of the machine must not read a kitchen from its copies. */
  private async openFolder(): Promise<void> {
    await mkdir(this.given.folder, { recursive: true, mode: 0o700 });
  }

  /** Removes what an upload or a copy left behind when the machine stopped; copies of older versions become private, too. */
  async sweep(): Promise<void> {
    const names = await readdir(this.given.folder).catch(() => [] as string[]);
    for (const name of names) {
      const path = join(this.given.folder, name);
      if (readCopyName(name)) await chmod(path, 0o600);
      else if (name.endsWith('.part') && readCopyName(name.slice(0, -'.part'.length))) await rm(path, { force: true });
    }
  }

  /** Two in one millisecond have two names. */
  private newName(why: CopyWhy): string {
    this.lastMs = Math.max(this.lastMs + 1, Math.round(this.given.clockMs()));
    return copyName(this.lastMs, why);
  }

  private async rowOf(name: string): Promise<CopyRow> {
    return (await this.list()).find((row) => row.name === name)!;
  }

  private async named(): Promise<NamedCopy[]> {
    const names = await readdir(this.given.folder).catch(() => [] as string[]);
    return names.flatMap((name) => readCopyName(name) ?? []);
  }

  private async forget(needed = ''): Promise<void> {
    const spent = spentCopies(await this.named(), this.given.rule);
    for (const { name } of spent.filter((one) => one.name !== needed))
      await rm(join(this.given.folder, name), { force: true });
  }
}

/** A sender who is silent for so long is given up, ms. */
const SILENT_MS = 30_000;

async function receive(body: Readable, path: string, silentMs: number): Promise<void> {
  const silent = new AbortController();
  const timer = setTimeout(() => silent.abort(), silentMs);
  body.on('data', () => timer.refresh());
  try {
    await pipeline(body, upTo(LARGEST), createWriteStream(path, { mode: 0o600 }), { signal: silent.signal });
  } catch (cause) {
    throw silent.signal.aborted ? new ApiError('TOO_SLOW') : cause;
  } finally {
    clearTimeout(timer);
  }
}

function upTo(most: number) {
  return async function* (source: AsyncIterable<Buffer>) {
    let length = 0;
    for await (const chunk of source) {
      length += chunk.length;
      if (length > most) throw new ApiError('TOO_LARGE');
      yield chunk;
    }
  };
}
