import {
  type Happened,
  type Learnt,
  learntFrom,
  type LearntSummary,
  type Observation,
  type SeenObservation,
  type Unlearnt,
} from '@ember-fold/core/ledger';
import { batchFigures } from '@ember-fold/core/plan';
import type { Logger } from 'pino';
import { listActs } from '../stove/actTable.js';
import { listCookActs } from '../batches/cookTable.js';
import type { Gate, Queries } from '../db/gate.js';
import {
  deleteObservations,
  learntStamp,
  listObservations,
  listUnlearnt,
  listUntaught,
  writeObservations,
} from './learntTable.js';
import { readLooks } from './looksTable.js';
import { traceReadings } from '../stove/readingTable.js';
import { goneAt, readStove } from '../stove/stoveTable.js';
import type { LiveHub } from '../live/liveHub.js';

const DAY_MS = 86_400_000;
/** At most this many observations are returned, the newest first. */
const MOST_TOLD = 500;
/** Raised when the models say something else of the same record: every record is then read anew. */
export const TEACHING_MODEL = 1;

/** What a batch says beside the models; it plans, so it is asked of a thread. */
export type Observe = (happened: Happened) => Promise<readonly Observation[]>;

/** What is seen since the cook last put it back to usual. */
function counted(seen: readonly SeenObservation[], unlearnt: readonly Unlearnt[]): SeenObservation[] {
  const from = new Map(unlearnt.map(({ kind, key, fromMs }) => [`${kind} ${key}`, fromMs]));
  return seen.filter(({ kind, key, atMs }) => atMs > (from.get(`${kind} ${key}`) ?? -Infinity));
}

let known: { readonly stamp: string; readonly gate: Queries; readonly learnt: Learnt } | null = null;

/** What this kitchen's batches have taught, as of today. */
export async function learntNow(q: Queries, nowMs: number): Promise<Learnt> {
  const day = Math.floor(nowMs / DAY_MS);
  const stamp = `${day} ${await learntStamp(q)}`;
  // The stamp of another database says nothing of this one.
  if (known?.stamp === stamp && known.gate === q) return known.learnt;
  const learnt = learntFrom(counted(await listObservations(q), await listUnlearnt(q)), day * DAY_MS);
  known = { stamp, gate: q, learnt };
  return learnt;
}

/** Everything that is learnt, and from what. */
export async function learntSummary(q: Queries, nowMs: number): Promise<LearntSummary> {
  const seen = (await listObservations(q)).slice(0, MOST_TOLD);
  return { learnt: await learntNow(q, nowMs), seen, unlearnt: await listUnlearnt(q) };
}

/** A record as it is learnt from; `null`: it is not over. */
async function happenedOf(q: Queries, batchId: string): Promise<Happened | null> {
  const stove = await readStove(q, batchId);
  // A record that was deleted teaches nothing.
  if (!stove?.endedAt || (await goneAt(q, batchId))) return null;
  const acts = (await listActs(q, batchId)).map(({ act }) => act);
  const { draft, kitchen, endedAt } = stove;
  return {
    draft,
    kitchen,
    acts,
    atMs: endedAt.getTime(),
    figures: batchFigures(draft, acts, await traceReadings(q, batchId)).trays,
    cookActs: (await listCookActs(q, batchId)).map(({ act }) => act),
    looks: (await readLooks(q, batchId)).looks,
  };
}

/** Learns from records when they are finished and when they are judged. */
export class Lessons {
  constructor(
    private readonly given: {
      readonly gate: Gate;
      readonly observe: Observe;
      readonly live: LiveHub;
      readonly log: Logger;
      readonly clockMs: () => number;
    },
  ) {}

  /** A record that cannot be learnt from now is read again at the next start: what was saved stays saved. */
  async teach(batchId: string): Promise<void> {
    const { gate, observe, live, log, clockMs } = this.given;
    try {
      const happened = await happenedOf(gate, batchId);
      if (!happened) await deleteObservations(gate, batchId);
      else await writeObservations(gate, batchId, await observe(happened), TEACHING_MODEL, new Date(clockMs()));
      live.changed('learnt');
    } catch (cause) {
      log.error({ cause, batchId }, 'A record could not be learnt from.');
    }
  }

  /** Records of an older model, or that nobody was there to learn from. */
  async catchUp(): Promise<void> {
    for (const id of await listUntaught(this.given.gate, TEACHING_MODEL)) await this.teach(id);
  }
}
