import { asCooked, type BatchDraft, type Kitchen, type PlannedTray } from '@ember-fold/core/plan';
import { cookState, oilAfterRest, START_CHECKS, type StartStoveAsk } from '@ember-fold/core/stove';
import { isDeepStrictEqual } from 'node:util';
import { readBatch, setBatchStatus } from '../batches/batchTable.js';
import { listCookActs } from '../batches/cookTable.js';
import type { Queries } from '../db/gate.js';
import { listDevices } from '../devices/deviceTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { kitchenFor } from '../kitchen/kitchenNow.js';
import { SIMULATED_STOVE } from '../simulated/simulatedStoves.js';
import { lastReading } from './readingTable.js';
import { insertStove, readLastIn, readStove, type StoveRow } from './stoveTable.js';

/** A plan with one of these is not lit. */
const NO_START: ReadonlySet<string> = new Set(['fry.unsafe-oil', 'fry.pot-over-half', 'fry.oil-discard']);

/** Oil left standing for longer is taken as cold, ms. */
const WARM_MS = 3 * 3_600_000;

/** What the oil in this pot still has of the batch before, °C; `null`: nothing worth counting. */
async function oilLeftC(q: Queries, kitchen: Kitchen, speed: number, nowMs: number): Promise<number | null> {
  const before = await readLastIn(q, kitchen.potName ?? null);
  const restMs = before?.endedAt ? nowMs - before.endedAt.getTime() : Infinity;
  if (!before || !(restMs >= 0 && restMs < WARM_MS)) return null;
  const last = await lastReading(q, before.batchId);
  return last && oilAfterRest(kitchen.pot, kitchen.roomC, last.probeC, (restMs / 1000) * speed);
}

/** What was weighed, rolled and counted on the run-sheet is what is fried. @param locks until the transaction is over */
async function readyToLight(q: Queries, id: string, nowMs: number, locks: boolean) {
  const batch = await readBatch(q, id, locks);
  if (!batch) throw new ApiError('NO_BATCH');
  if (batch.status === 'done') throw new ApiError('BATCH_OVER');
  const kitchen = await kitchenFor(q, batch.draft, nowMs);
  const acts = (await listCookActs(q, id)).map((stored) => stored.act);
  return { draft: asCooked(batch.draft, cookState(acts), kitchen), kitchen };
}

/** @throws ApiError where the plan has nothing to fry, no end, or is not safe */
function requireSafe(planned: readonly PlannedTray[]): void {
  const fried = planned.filter((tray) => (tray.draft.way ?? 'fry') === 'fry');
  if (fried.length === 0) throw new ApiError('NOTHING_FRIED');
  if (fried.some(({ plan }) => !plan.fry?.loads)) throw new ApiError('NOT_COOKABLE');
  if (fried.some(({ plan }) => plan.fry!.findings.some((f) => NO_START.has(f.code)))) throw new ApiError('UNSAFE_PLAN');
}

/** @throws ApiError where the oil cannot be measured as asked */
async function requireProbe(q: Queries, { speed, probe = SIMULATED_STOVE }: StartStoveAsk): Promise<void> {
  if (probe === SIMULATED_STOVE) return;
  if (speed !== 1) throw new ApiError('BAD_INPUT', 'A real stove keeps real time.', 'speed');
  const isKnown = probe === null || (await listDevices(q)).some((one) => one.id === probe && one.kind === 'probe');
  if (!isKnown) throw new ApiError('NO_DEVICE', undefined, 'probe');
}

/** The batch may be edited while it is being planned: so often it is planned anew, then the cook is asked to. */
const MOST_TRIES = 3;

/**
 * Lights the stove of a batch, or returns the one that is lit. It is planned before the transaction,
 * so that no row stays locked while the planning thread works, and lit only if nothing changed meanwhile.
 */
export async function startStove(
  { gate, planTrays, clockMs }: Pick<Context, 'gate' | 'planTrays' | 'clockMs'>,
  id: string,
  asked: StartStoveAsk,
): Promise<StoveRow> {
  if (START_CHECKS.some((point) => !asked.gate.includes(point))) throw new ApiError('GATE_OPEN', undefined, 'gate');
  await requireProbe(gate, asked);
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const nowMs = clockMs();
    const ready = await readyToLight(gate, id, nowMs, false);
    const existing = await readStove(gate, id);
    if (existing) return existing;
    requireSafe(await planTrays(ready.draft, ready.kitchen));
    const row = await gate.transaction(async (q) => {
      // Locked until it is lit: of several that light at once, the first does, and the others get its stove.
      const still = await readyToLight(q, id, nowMs, true);
      return (
        (await readStove(q, id)) ??
        (isDeepStrictEqual(still, ready) ? await light(q, id, ready, asked, clockMs()) : null)
      );
    });
    if (row) return row;
  }
  throw new ApiError('STALE_VERSION');
}

async function light(
  q: Queries,
  batchId: string,
  { draft, kitchen }: { readonly draft: BatchDraft; readonly kitchen: Kitchen },
  { speed, probe = SIMULATED_STOVE, trial = false }: StartStoveAsk,
  nowMs: number,
): Promise<StoveRow> {
  const startedAt = new Date(nowMs);
  const row: StoveRow = {
    batchId,
    seed: nowMs % 4_294_967_291,
    speed,
    draft,
    kitchen,
    startedAt,
    endedAt: null,
    probe,
    trial,
    startC: await oilLeftC(q, kitchen, speed, nowMs),
  };
  await insertStove(q, row);
  await setBatchStatus(q, batchId, 'frying');
  return row;
}
