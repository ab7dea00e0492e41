import type { StoredAct, StoredReading } from '@ember-fold/core/stove';
import type { Request, Response } from 'express';
import { listActs } from './actTable.js';
import { listReadings } from './readingTable.js';
import type { StoveRow } from './stoveTable.js';
import { stoveNowS } from '../devices/stoveHub.js';
import { openStream } from '../live/openStream.js';
import type { Context } from '../http/context.js';

const HEARTBEAT_MS = 15_000;

/** Places that a listener already has of one stove. */
export interface Mark {
  act: number;
  reading: number;
}

/** Where a listener stands: by its last event, or by the address. */
export function seenIn(req: Request): Mark {
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
 * Server-sent events of one stove: first what was missed, then what happens. Readings that come
 * late are told too, in the order in which they came.
 */
export async function streamStove(
  { gate, stoves, live, clockMs }: Context,
  row: StoveRow,
  mark: Mark,
  req: Request,
  res: Response,
): Promise<void> {
  const stream = openStream(req, res, HEARTBEAT_MS);
  if (!stream) return;
  const { batchId } = row;
  const send = (event: string, data: object) => stream.send(event, { batchId, ...data }, `${mark.act}-${mark.reading}`);
  const sendReadings = (readings: readonly StoredReading[]) => {
    if (readings.length === 0) return;
    mark.reading = readings.reduce((most, { seq }) => Math.max(most, seq), mark.reading);
    // The listener sets its clock by this: it must not drift from the stove's.
    send('readings', { readings, nowS: stoveNowS(row, clockMs()) });
  };
  const from = mark.act;
  // By their numbers, not by the highest: nodes of a cluster give numbers by turns.
  const sent = new Set<number>();
  const sendAct = (stored: StoredAct) => {
    if (stored.seq <= from || sent.has(stored.seq)) return;
    sent.add(stored.seq);
    mark.act = Math.max(mark.act, stored.seq);
    send('act', stored);
  };
  const queue: (() => void)[] = [];
  let caughtUp = false;
  // One after the other: an act of another server may be told before the one before it.
  let last = Promise.resolve();
  const sendInOrder = (stored: StoredAct) => {
    last = last.then(async () => {
      if (stored.seq > mark.act + 1) for (const one of await listActs(gate, batchId, mark.act)) sendAct(one);
      sendAct(stored);
    });
    last = last.catch(() => stream.end());
  };
  const stop = stoves.subscribe(batchId, (event) => {
    const pass = () => {
      if (event.kind === 'readings') sendReadings(event.readings);
      else if (event.kind === 'act') sendInOrder(event.stored);
      else last = last.then(() => send('end', {}));
    };
    if (caughtUp) pass();
    else queue.push(pass);
  });
  const stopGaps = live.onGap(() => stream.end());
  stream.onClose(() => {
    stop();
    stopGaps();
  });
  try {
    for (const stored of await listActs(gate, batchId, mark.act)) sendAct(stored);
    sendReadings(await listReadings(gate, batchId, mark.reading));
    if (row.endedAt) send('end', {});
    caughtUp = true;
    queue.forEach((pass) => pass());
  } catch {
    // The head is out; closing makes the listener ask again with its marks.
    stream.end();
  }
}
