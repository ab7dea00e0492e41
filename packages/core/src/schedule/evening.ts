import type { ChainStep } from './backwardChain.js';

/** One batch of an evening, as its own plan has it. */
export interface EveningBatch {
  readonly id: string;
  readonly name: string;
  /** Its stretches of work, laid out for one cook who does nothing else. */
  readonly steps: readonly ChainStep[];
  /** When it is eaten, ms since the epoch. */
  readonly eatMs: number;
  /** The pot it is fried in; `null`: it is not. */
  readonly pot: string | null;
}

export interface EveningAsk {
  readonly batches: readonly EveningBatch[];
  /** Hands there are, 1 or more. */
  readonly cooks: number;
  /** Batches in the order in which they go into the oil; those of one pot follow one another. */
  readonly order: readonly { readonly id: string; readonly changeS: number }[];
}

/** A stretch of work in its place among all others of the evening. */
export interface EveningTask {
  /** `null`: it is for all that are eaten then. */
  readonly batchId: string | null;
  readonly step: ChainStep['id'] | 'change';
  /** The stretch of the batch's own plan; `null`: there is none. */
  readonly of: ChainStep | null;
  readonly startMs: number;
  readonly endMs: number;
  /** Which of the cooks does it, from 0; `null`: it goes on by itself. */
  readonly cook: number | null;
  readonly pot: string | null;
}

/** An evening with all its batches, every hand and every pot. */
export interface Evening {
  /** By the clock. */
  readonly tasks: readonly EveningTask[];
  readonly startMs: number;
  /** s that filled pieces of each batch wait for the oil beyond what its own plan has. */
  readonly waits: Readonly<Record<string, number>>;
  /** s from the last lift of each batch until it is eaten; 0: it is not fried. */
  readonly lifted: Readonly<Record<string, number>>;
  /** Begun no later than this, whatever the order: work for the hands there are, and the frying of the busiest pot. ms. */
  readonly boundMs: number;
}

interface Open {
  readonly id: string;
  readonly batchId: string | null;
  readonly step: EveningTask['step'];
  readonly of: ChainStep | null;
  readonly ms: number;
  readonly isHands: boolean;
  readonly pot: string | null;
  /** What has to be over before another begins. */
  readonly before: Set<string>;
  readonly dueMs: number;
}

/** Stretches at the pot stand in one row, whatever the batch. */
const AT_POT: readonly ChainStep['id'][] = ['heat', 'fry'];
const DAY_MS = 86_400_000;

/**
 * One timeline of all batches of an evening: worked back from the table over the hands and pots there
 * are. Each pot is heated once and fries its batches in the order given, one after the other, with one
 * cook beside it. Each batch keeps the order of its own plan; what went on side by side there may do
 * so again. Every stretch is as late as it can be, so nothing waits longer than it must. A good plan,
 * not a proved best: `boundMs` says how late it could begin at best. Our own; see docs/models/supper.md.
 *
 * @example eveningOf({ batches: [], cooks: 1, order: [] }).tasks.length // 0
 */
export function eveningOf(ask: EveningAsk): Evening {
  const { batches, cooks } = ask;
  const open = tasksOf(ask);
  const placed = place(open, Math.max(1, Math.floor(cooks)));
  const tasks = [...placed.values()].sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
  return {
    tasks,
    startMs: tasks[0]?.startMs ?? 0,
    waits: Object.fromEntries(batches.map((batch) => [batch.id, waitS(batch, tasks)])),
    lifted: Object.fromEntries(batches.map((batch) => [batch.id, liftedS(batch, tasks)])),
    boundMs: boundOf([...open.values()], Math.max(1, Math.floor(cooks))),
  };
}

/** How much longer than in its own plan a batch's pieces wait, from the last fold to the oil. */
function waitS(batch: EveningBatch, tasks: readonly EveningTask[]): number {
  const own = tasks.filter(({ batchId }) => batchId === batch.id);
  const gap = (all: readonly { readonly step: string; readonly startMs: number; readonly endMs: number }[]) => {
    const folded = Math.max(...all.filter(({ step }) => step === 'fold').map(({ endMs }) => endMs));
    const fried = Math.min(...all.filter(({ step }) => step === 'fry').map(({ startMs }) => startMs));
    return Number.isFinite(folded) && Number.isFinite(fried) ? fried - folded : 0;
  };
  const planned = gap(batch.steps.map(({ id, startMs, endMs }) => ({ step: id, startMs, endMs })));
  return Math.max(0, gap(own) - planned) / 1000;
}

/** How long what was fried first waits until it is eaten. */
function liftedS({ id, eatMs }: EveningBatch, tasks: readonly EveningTask[]): number {
  const lifts = tasks.filter(({ batchId, step }) => batchId === id && step === 'fry').map(({ endMs }) => endMs);
  return lifts.length === 0 ? 0 : (eatMs - Math.max(...lifts)) / 1000;
}

/** Every stretch with what must be over before it. */
function tasksOf({ batches, order }: EveningAsk): Map<string, Open> {
  const open = new Map<string, Open>();
  const add = (task: Omit<Open, 'before'>, before: readonly string[] = []) =>
    open.set(task.id, { ...task, before: new Set(before) });
  for (const batch of batches) {
    const own = batch.steps.filter(({ id }) => id !== 'serve' && !(batch.pot !== null && AT_POT.includes(id)));
    const keys = own.map((_, i) => `${batch.id} ${i}`);
    own.forEach((step, i) => {
      // On an earlier day it keeps its hour.
      const isEarlier = batch.eatMs - step.endMs > DAY_MS / 2;
      add(
        {
          ...{ id: keys[i]!, batchId: batch.id, step: step.id, of: step, ms: step.endMs - step.startMs, pot: null },
          ...{ isHands: step.kind === 'hands', dueMs: isEarlier ? step.endMs : batch.eatMs },
        },
        keys.filter((_key, j) => isBefore(own, j, i)),
      );
    });
  }
  for (const eatMs of new Set(batches.map((batch) => batch.eatMs))) addServing(batches, eatMs, open, add);
  for (const pot of new Set(batches.flatMap((batch) => batch.pot ?? []))) addPot(batches, pot, order, open, add);
  return open;
}

/** One stretch is over when another begins; of two without length at one moment the first. */
function isBefore(steps: readonly ChainStep[], j: number, i: number): boolean {
  const [one, next] = [steps[j]!, steps[i]!];
  return j !== i && one.endMs <= next.startMs && (one.startMs < next.startMs || one.endMs < next.endMs || j < i);
}

type Add = (task: Omit<Open, 'before'>, before?: readonly string[]) => void;

const isOf = (batch: EveningBatch, open: ReadonlyMap<string, Open>): string[] =>
  [...open.values()].filter(({ batchId }) => batchId === batch.id).map(({ id }) => id);
const longest = (steps: readonly ChainStep[], id: ChainStep['id']): ChainStep | null =>
  steps.reduce<ChainStep | null>(
    (most, step) => (step.id === id && (!most || step.endMs - step.startMs > most.endMs - most.startMs) ? step : most),
    null,
  );

/** Everything that is eaten at one moment is drained and served in one go. */
function addServing(batches: readonly EveningBatch[], eatMs: number, open: Map<string, Open>, add: Add): void {
  const then = batches.filter((batch) => batch.eatMs === eatMs);
  const step = longest(
    then.flatMap(({ steps }) => steps),
    'serve',
  );
  if (!step) return;
  add(
    {
      ...{ id: `serve ${eatMs}`, batchId: null, step: 'serve', of: step, ms: step.endMs - step.startMs },
      ...{ isHands: true, pot: null, dueMs: eatMs },
    },
    then.flatMap((batch) => isOf(batch, open)),
  );
}

/** A pot is heated once; its batches follow one another, what is eaten first before what is eaten later. */
function addPot(
  batches: readonly EveningBatch[],
  pot: string,
  order: EveningAsk['order'],
  open: Map<string, Open>,
  add: Add,
): void {
  const at = (id: string) => order.findIndex((one) => one.id === id);
  const here = batches.filter((batch) => batch.pot === pot).sort((a, b) => a.eatMs - b.eatMs || at(a.id) - at(b.id));
  let before: string | null = null;
  here.forEach((batch, i) => {
    const made = isOf(batch, open);
    const common = { batchId: batch.id, isHands: true, pot, dueMs: batch.eatMs };
    const heat = i === 0 ? longest(batch.steps, 'heat') : null;
    const changeMs = i === 0 ? 0 : 1000 * (order.find((one) => one.id === batch.id)?.changeS ?? 0);
    if (heat) add({ ...common, id: `heat ${pot}`, step: 'heat', of: heat, ms: heat.endMs - heat.startMs });
    if (changeMs > 0)
      add({ ...common, id: `change ${batch.id}`, step: 'change', of: null, ms: changeMs }, before ? [before] : []);
    const first = heat ? `heat ${pot}` : changeMs > 0 ? `change ${batch.id}` : before;
    for (const step of batch.steps.filter(({ id }) => id === 'fry')) {
      const id = `fry ${batch.id} ${step.mark ?? ''}`;
      add({ ...common, id, step: 'fry', of: step, ms: step.endMs - step.startMs }, [
        ...made,
        ...(first ? [first] : []),
        ...(before ? [before] : []),
      ]);
      before = id;
      open.get(`serve ${batch.eatMs}`)?.before.add(id);
    }
  });
}

/** Each stretch as late as it can be; the latest first, and what is at a pot before all else. */
function place(open: ReadonlyMap<string, Open>, cooks: number): Map<string, EveningTask> {
  const placed = new Map<string, EveningTask>();
  const after = new Map<string, string[]>();
  for (const { id, before } of open.values()) for (const one of before) after.set(one, [...(after.get(one) ?? []), id]);
  const latestMs = ({ id, dueMs }: Open): number | null => {
    let ms = dueMs;
    for (const next of after.get(id) ?? []) {
      const there = placed.get(next);
      if (!there) return null;
      ms = Math.min(ms, there.startMs);
    }
    return ms;
  };
  const left = new Set(open.values());
  while (left.size > 0) {
    let best: { task: Open; endMs: number } | null = null;
    for (const task of left) {
      const endMs = latestMs(task);
      if (endMs === null) continue;
      const isSooner =
        best && (task.pot !== null) !== (best.task.pot !== null) ? task.pot !== null : !best || endMs > best.endMs;
      if (isSooner) best = { task, endMs };
    }
    if (!best) throw new Error('The steps of an evening wait for one another.');
    left.delete(best.task);
    placed.set(best.task.id, fit(best.task, best.endMs, [...placed.values()], cooks));
  }
  return placed;
}

/** The latest place of a stretch that ends by `endMs`, with a cook and the pot free. */
function fit(task: Open, endMs: number, placed: readonly EveningTask[], cooks: number): EveningTask {
  const { batchId, step, of, ms, isHands, pot } = task;
  for (let end = endMs; ;) {
    const startMs = end - ms;
    const meets = placed.filter((one) => one.startMs < end && one.endMs > startMs);
    const atPot = pot === null ? [] : meets.filter((one) => one.pot === pot);
    const busy = meets.filter((one) => one.cook !== null);
    const cook = isHands
      ? Array.from({ length: cooks }, (_, i) => i).find((i) => !busy.some((one) => one.cook === i))
      : null;
    if (atPot.length === 0 && cook !== undefined) return { batchId, step, of, startMs, endMs: end, cook, pot };
    // Earlier than the first of what is in the way of it; nothing shorter can make room.
    const inWay = atPot.length > 0 ? atPot : busy;
    const next = Math.max(...inWay.map((one) => one.startMs).filter((at) => at < end));
    end = next;
  }
}

/** No plan begins later: all hands work without a pause, or the busiest pot does. */
function boundOf(open: readonly Open[], cooks: number): number {
  const lastMs = Math.max(...open.map(({ dueMs }) => dueMs));
  if (open.length === 0) return 0;
  const sum = (some: readonly Open[]) => some.reduce((total, { ms }) => total + ms, 0);
  const pots = [...new Set(open.flatMap(({ pot }) => pot ?? []))];
  const potMs = Math.max(0, ...pots.map((pot) => sum(open.filter((one) => one.pot === pot))));
  const handsMs = sum(open.filter(({ isHands }) => isHands)) / cooks;
  return lastMs - Math.max(potMs, handsMs);
}
