import type { Request, Response } from 'express';
import { listActs, type StoredAct } from '../db/actTable.js';
import { listReadings, type StoredReading } from '../db/readingTable.js';
import type { StoveRow } from '../db/stoveTable.js';
import { stoveNowS } from '../devices/stoveHub.js';
import type { Context } from './context.js';

const HEARTBEAT_MS = 15_000;

/** Sequence numbers a page already has of one stove. */
export interface Mark {
  act: number;
  reading: number;
}

/** A stove that is followed, and from where. */
export interface Followed {
  readonly row: StoveRow;
  readonly mark: Mark;
}

/** Where a page stands: by its last event, or by the address. */
export function marksOf(req: Request): Mark {
  const last = /^(\d{1,15})-(\d{1,10})$/.exec(String(req.headers['last-event-id'] ?? ''));
  const whole = (value: unknown) => {
    const n = Number(value ?? 0);
    return Number.isSafeInteger(n) && n >= 0 ? n : 0;
  };
  return last
    ? { act: Number(last[1]), reading: Number(last[2]) }
    : { act: whole(req.query['act']), reading: whole(req.query['reading']) };
}

/**
 * Server-sent events of one stove, or of several on one connection: first what was missed of
 * each, then what happens; nothing twice, nothing left out. Each says whose it is.
 * @param gone batches that have no stove any more: over, as far as the page goes
 */
export async function streamStoves(
  context: Context,
  followed: readonly Followed[],
  res: Response,
  gone: readonly string[] = [],
): Promise<void> {
  res.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
  gone.forEach((batchId) => res.write(`event: end\ndata: ${JSON.stringify({ batchId })}\n\n`));
  const ways = followed.map((one) => followOne(context, one, res));
  const beat = setInterval(() => res.write(': here\n\n'), HEARTBEAT_MS);
  res.on('close', () => {
    clearInterval(beat);
    ways.forEach(({ stop }) => stop());
  });
  try {
    await Promise.all(ways.map(({ catchUp }) => catchUp()));
  } catch {
    // The head is out; closing makes the page ask again with its marks.
    res.end();
  }
}

function followOne({ gate, stoves, clockMs }: Context, { row, mark }: Followed, res: Response) {
  const { batchId } = row;
  const send = (event: string, data: object) =>
    res.write(`id: ${mark.act}-${mark.reading}\nevent: ${event}\ndata: ${JSON.stringify({ batchId, ...data })}\n\n`);
  const sendReadings = (readings: readonly StoredReading[]) => {
    const fresh = readings.filter((r) => r.seq > mark.reading);
    if (fresh.length === 0) return;
    mark.reading = fresh[fresh.length - 1]!.seq;
    // The page sets its clock by this: it must not drift from the stove's.
    send('readings', { readings: fresh, nowS: stoveNowS(row, clockMs()) });
  };
  const sendAct = (stored: StoredAct) => {
    if (stored.seq <= mark.act) return;
    mark.act = stored.seq;
    send('act', stored);
  };
  const queue: (() => void)[] = [];
  let caughtUp = false;
  const stop = stoves.subscribe(batchId, (event) => {
    const pass = () => {
      if (event.kind === 'readings') sendReadings(event.readings);
      else if (event.kind === 'act') sendAct(event.stored);
      else send('end', {});
    };
    if (caughtUp) pass();
    else queue.push(pass);
  });
  const catchUp = async () => {
    for (const stored of await listActs(gate, batchId, mark.act)) sendAct(stored);
    sendReadings(await listReadings(gate, batchId, mark.reading));
    if (row.endedAt) send('end', {});
    caughtUp = true;
    queue.forEach((pass) => pass());
  };
  return { stop, catchUp };
}
