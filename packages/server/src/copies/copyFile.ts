import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { rename, rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import type { Gate, RowsOf } from '../db/gate.js';
import { rowsIn, schemaOf, tablesOf, type WholeTable, type WrittenValue } from './wholeDatabaseTable.js';

/** The first line of a copy: what is in it. */
export interface CopyHead {
  readonly format: typeof COPY_FORMAT;
  readonly version: 1;
  /** The number of the newest migration that made these tables. */
  readonly schema: number;
  /** ISO 8601, UTC. */
  readonly madeAt: string;
  readonly tables: readonly WholeTable[];
}

export const COPY_FORMAT = 'ember-fold-copy';

/** Why a file is not read as a copy; the sentence is for the cook. */
export class CopyError extends Error {
  constructor(
    message: string,
    readonly code: 'BAD_COPY' | 'NEWER_COPY' = 'BAD_COPY',
  ) {
    super(message);
  }
}

const DAMAGED = 'This copy is damaged or not whole; take another one.';
const OTHER = 'This file is not a copy of an Ember Fold kitchen.';

/** What the database holds now, without its rows. */
export async function headNow(gate: Gate, madeAt: Date): Promise<CopyHead> {
  return await gate.snapshot((rowsOf) => headOf(rowsOf, madeAt));
}

async function headOf(rowsOf: RowsOf, madeAt: Date): Promise<CopyHead> {
  return {
    format: COPY_FORMAT,
    version: 1,
    schema: await schemaOf(rowsOf),
    madeAt: madeAt.toISOString(),
    tables: await tablesOf(rowsOf),
  };
}

/** Lines are handed on in pieces of about this many characters. */
const PIECE = 65_536;

/** The lines of a copy: its head, each row with the number of its table, and a last line that seals it. */
async function* linesOf(rowsOf: RowsOf, head: CopyHead): AsyncGenerator<string> {
  const hash = createHash('sha256');
  let held = `${JSON.stringify(head)}\n`;
  for (const [i, table] of head.tables.entries()) {
    for await (const row of rowsIn(rowsOf, table)) {
      held += `${JSON.stringify([i, ...row])}\n`;
      if (held.length < PIECE) continue;
      hash.update(held);
      yield held;
      held = '';
    }
  }
  hash.update(held);
  yield `${held}${JSON.stringify({ sha256: hash.digest('hex') })}\n`;
}

/**
 * Writes everything the database holds at one moment into a file and reads it back; only a whole
 * copy ever has the name that was asked for.
 */
export async function writeCopy(gate: Gate, path: string, madeAt: Date): Promise<CopyHead> {
  const part = `${path}.part`;
  try {
    await gate.snapshot(async (rowsOf) => {
      const head = await headOf(rowsOf, madeAt);
      await pipeline(
        Readable.from(linesOf(rowsOf, head)),
        createGzip(),
        createWriteStream(part, { flush: true, mode: 0o600 }),
      );
    });
    const head = await readCopy(part);
    await rename(part, path);
    return head;
  } catch (cause) {
    await rm(part, { force: true });
    throw cause;
  }
}

/** A line is no longer than this: a picture is a hundredth of it. */
const LONGEST = 32 * 2 ** 20;

async function* splitLines(source: AsyncIterable<Buffer>): AsyncGenerator<string> {
  let held: Buffer[] = [];
  let length = 0;
  for await (const chunk of source) {
    let from = 0;
    for (let end = chunk.indexOf(10); end >= 0; end = chunk.indexOf(10, from)) {
      yield Buffer.concat([...held, chunk.subarray(from, end)]).toString('utf8');
      held = [];
      length = 0;
      from = end + 1;
    }
    held.push(chunk.subarray(from));
    length += chunk.length - from;
    if (length > LONGEST) throw new CopyError(OTHER);
  }
  if (length > 0) throw new CopyError(DAMAGED);
}

function parsed(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    throw new CopyError(DAMAGED);
  }
}

const isNames = (value: unknown): value is string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string');

function readHead(line: string): CopyHead {
  let head: Partial<CopyHead> | null = null;
  try {
    head = JSON.parse(line) as Partial<CopyHead> | null;
  } catch {
    // Told below: it is no copy.
  }
  if (head?.format !== COPY_FORMAT) throw new CopyError(OTHER);
  if (Number(head.version) > 1)
    throw new CopyError('This copy was made by a newer Ember Fold; start that one.', 'NEWER_COPY');
  const tables = head.tables;
  const isWhole =
    Number.isInteger(head.schema) &&
    Number.isFinite(Date.parse(String(head.madeAt))) &&
    Array.isArray(tables) &&
    tables.every((one) => one && typeof one.name === 'string' && isNames(one.columns) && isNames(one.bytes));
  if (!isWhole) throw new CopyError(DAMAGED);
  return head as CopyHead;
}

/** Rows of one table, some hundreds at a time. */
export type RowSink = (table: WholeTable, rows: readonly (readonly WrittenValue[])[]) => Promise<void>;

const isValue = (value: unknown): value is WrittenValue => value === null || typeof value === 'string';

/** Rows are handed on in parcels of so many, or of about so many characters. */
const MOST_ROWS = 1000;
const MOST_TEXT = 500_000;

async function readLines(lines: AsyncIterable<string>, onHead: (head: CopyHead) => Promise<void>, sink: RowSink) {
  const hash = createHash('sha256');
  let head: CopyHead | null = null;
  let sealed = false;
  let at = 0;
  let rows: WrittenValue[][] = [];
  let text = 0;
  const counted: number[] = [];
  const handOn = async () => {
    if (rows.length > 0) await sink(head!.tables[at]!, rows);
    rows = [];
    text = 0;
  };
  for await (const line of lines) {
    if (sealed) throw new CopyError(DAMAGED);
    if (!head) {
      head = readHead(line);
      await onHead(head);
    } else {
      const told = parsed(line);
      if (!Array.isArray(told)) {
        if ((told as { sha256?: unknown } | null)?.sha256 !== hash.digest('hex')) throw new CopyError(DAMAGED);
        sealed = true;
        continue;
      }
      const [table, ...values] = told as unknown[];
      const columns = head.tables[table as number]?.columns;
      if (columns?.length !== values.length || !values.every(isValue)) throw new CopyError(DAMAGED);
      if (table !== at || rows.length >= MOST_ROWS || text >= MOST_TEXT) await handOn();
      at = table as number;
      rows.push(values);
      text += line.length;
      counted[at] = (counted[at] ?? 0) + 1;
    }
    hash.update(line).update('\n');
  }
  if (!head || !sealed) throw new CopyError(head ? DAMAGED : OTHER);
  await handOn();
  if (head.tables.some((table, i) => table.rows !== (counted[i] ?? 0))) throw new CopyError(DAMAGED);
  return head;
}

/**
 * Reads a copy from its first line to its seal.
 * @throws CopyError when it is none, not whole, or not as it was written
 */
export async function readCopy(
  path: string,
  sink: RowSink = async () => undefined,
  onHead: (head: CopyHead) => Promise<void> = async () => undefined,
): Promise<CopyHead> {
  // What is wrong with a line ends the streams, which then say only that they were ended.
  let wrong: unknown = null;
  try {
    return await pipeline(createReadStream(path), createGunzip(), async (source: AsyncIterable<Buffer>) => {
      try {
        return await readLines(splitLines(source), onHead, sink);
      } catch (cause) {
        wrong = cause;
        throw cause;
      }
    });
  } catch (ended) {
    const cause = wrong ?? ended;
    const { code } = cause as { code?: string };
    if (code === 'Z_DATA_ERROR' || code === 'Z_BUF_ERROR') throw new CopyError(DAMAGED);
    throw cause;
  }
}

/** The first line alone: quick, also of a long copy. */
export async function readCopyHead(path: string): Promise<CopyHead> {
  const source = createReadStream(path);
  const unpacked = source.pipe(createGunzip());
  source.once('error', (cause) => unpacked.destroy(cause));
  try {
    for await (const line of splitLines(unpacked)) return readHead(line);
    throw new CopyError(OTHER);
  } catch (cause) {
    const { code } = cause as { code?: string };
    if (code === 'Z_DATA_ERROR' || code === 'Z_BUF_ERROR') throw new CopyError(OTHER);
    throw cause;
  } finally {
    source.destroy();
    unpacked.destroy();
  }
}
