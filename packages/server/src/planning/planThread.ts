import type { Happened, Observation } from '@ember-fold/core/ledger';
import { type BatchDraft, CoreError, type Kitchen, type PlannedTray } from '@ember-fold/core/plan';
import type { DayPlan, DayAsk, DayPart } from '@ember-fold/core/supper';
import { Worker } from 'node:worker_threads';

/** Plans a batch as its day plan needs it. @param signal aborted when nobody waits for it any more */
export type PlanPart = (id: string, draft: BatchDraft, kitchen: Kitchen, signal?: AbortSignal) => Promise<DayPart>;
/** Plans a day plan. @param mostMs the best so far is the answer after this */
export type PlanSupperDay = (dayPlan: DayAsk, mostMs: number, signal?: AbortSignal) => Promise<DayPlan | null>;

/** Plans every tray of a batch. @param signal aborted when nobody waits for it any more */
export type PlanTrays = (draft: BatchDraft, kitchen: Kitchen, signal?: AbortSignal) => Promise<readonly PlannedTray[]>;

/** What is asked of the thread. */
export type PlanWish =
  | { readonly kind: 'part'; readonly id: string; readonly draft: BatchDraft; readonly kitchen: Kitchen }
  | { readonly kind: 'trays'; readonly draft: BatchDraft; readonly kitchen: Kitchen }
  | { readonly kind: 'observe'; readonly happened: Happened }
  | { readonly kind: 'day'; readonly dayPlan: DayAsk; readonly mostMs: number };
export interface PlanAsk {
  readonly ask: number;
  readonly wish: PlanWish;
}
export type PlanAnswer =
  | { readonly ask: number; readonly found: DayPart | DayPlan | readonly PlannedTray[] | readonly Observation[] | null }
  | { readonly ask: number; readonly problem: { code: CoreError['code']; path: string; message: string } }
  /** A fault in the program. */
  | { readonly ask: number; readonly fault: { readonly message: string; readonly stack: string | undefined } };

/** What the thread is started with: one number, the ask whose answer nobody waits for any more. */
export interface PlanThreadData {
  readonly cancelled: SharedArrayBuffer;
}

interface Job extends PlanAsk {
  /** How often the thread exited while it worked on this. */
  lost: number;
  readonly askedMs: number;
  readonly signal: AbortSignal | undefined;
  readonly resolve: (found: never) => void;
  readonly reject: (cause: unknown) => void;
}

export interface PlanThreadOptions {
  /** What takes longer than its own limit by this is ended together with the thread, ms. */
  readonly watchdogMs?: number;
  /** Memory of the thread, MB. */
  readonly mostMb?: number;
}

/** A wish that has waited longer than this is taken before quicker ones, so that none starves, ms. */
const LONG_WAIT_MS = 5000;

/** Wishes are taken by this, the smallest first. */
const weightOf = ({ wish }: Job): number => (wish.kind === 'day' ? wish.mostMs + wish.dayPlan.parts.length : 0);

const tooOdd = (): CoreError =>
  new CoreError(
    'TOO_ODD',
    'draft',
    'This is too unusual to plan: working it out takes more time or memory than is available.',
  );

/**
 * A thread of its own for planning: a supper of seven new batches takes a seventh of a second, in
 * which readings of a probe must not wait. It works on one wish at a time, the quick ones first. A
 * wish that takes too long or too much memory is refused and ends the thread; the others go on in a
 * new one.
 */
export class PlanThread {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly queue: Job[] = [];
  private running: Job | null = null;
  private watchdog: NodeJS.Timeout | null = null;
  private readonly cancelled = new Int32Array(new SharedArrayBuffer(4));

  constructor(
    private readonly script: URL,
    private readonly options: PlanThreadOptions = {},
  ) {}

  readonly planPart: PlanPart = (id, draft, kitchen, signal) =>
    this.ask<DayPart>({ kind: 'part', id, draft, kitchen }, signal);
  readonly planTrays: PlanTrays = (draft, kitchen, signal) => this.ask({ kind: 'trays', draft, kitchen }, signal);
  readonly observe = (happened: Happened): Promise<readonly Observation[]> => this.ask({ kind: 'observe', happened });
  readonly planSupperDay: PlanSupperDay = (dayPlan, mostMs, signal) =>
    this.ask<DayPlan | null>({ kind: 'day', dayPlan, mostMs }, signal);

  /** Ends the thread; the wishes that wait are refused. */
  async close(): Promise<void> {
    const jobs = [...(this.running ? [this.running] : []), ...this.queue.splice(0)];
    const { worker } = this;
    this.leave();
    for (const { reject } of jobs) reject(new Error('The planning thread ended.'));
    await worker?.terminate();
  }

  private ask<Found>(wish: PlanWish, signal?: AbortSignal): Promise<Found> {
    return new Promise<Found>((resolve, reject) => {
      if (signal?.aborted) return reject(signal.reason);
      const leave = () => this.drop(job);
      const stay = () => signal?.removeEventListener('abort', leave);
      const job: Job = {
        ask: ++this.asked,
        wish,
        lost: 0,
        askedMs: Date.now(),
        signal,
        resolve: (found) => (stay(), resolve(found)),
        reject: (cause) => (stay(), reject(cause)),
      };
      signal?.addEventListener('abort', leave, { once: true });
      this.queue.push(job);
      this.next();
    });
  }

  /** Nobody waits for it any more: removes it from the queue, or tells the thread to stop at its next check. */
  private drop(job: Job): void {
    const at = this.queue.indexOf(job);
    if (at >= 0) this.queue.splice(at, 1);
    else if (this.running === job) Atomics.store(this.cancelled, 0, job.ask);
    job.reject(job.signal?.reason);
  }

  private next(): void {
    const [oldest] = this.queue;
    if (this.running || !oldest) return;
    const isOverdue = Date.now() - oldest.askedMs > LONG_WAIT_MS;
    const job = isOverdue ? oldest : this.queue.reduce((a, b) => (weightOf(b) < weightOf(a) ? b : a));
    this.queue.splice(this.queue.indexOf(job), 1);
    this.running = job;
    this.worker ??= this.start();
    const { ask, wish } = job;
    const mostMs = (wish.kind === 'day' ? wish.mostMs : 0) + (this.options.watchdogMs ?? 20_000);
    this.watchdog = setTimeout(() => this.end(tooOdd()), mostMs).unref();
    this.worker.postMessage({ ask, wish } satisfies PlanAsk);
  }

  private answer(answer: PlanAnswer): void {
    const job = this.running;
    if (job?.ask !== answer.ask) return;
    this.rest();
    if ('found' in answer) job.resolve(answer.found as never);
    else if ('problem' in answer)
      job.reject(new CoreError(answer.problem.code, answer.problem.path, answer.problem.message));
    else job.reject(Object.assign(new Error(answer.fault.message), { stack: answer.fault.stack }));
    this.next();
  }

  /** Refuses what is worked on, and goes on with the rest in a new thread. */
  private end(cause: unknown): void {
    const job = this.running;
    const { worker } = this;
    this.leave();
    void worker?.terminate();
    job?.reject(cause);
    this.next();
  }

  /** The thread exited for no reason of its own: the running wish is tried once more in a new thread. */
  private lose(): void {
    const job = this.running;
    if (!job || job.lost > 0 || job.signal?.aborted) return this.end(new Error('The planning thread ended.'));
    job.lost += 1;
    this.leave();
    this.queue.unshift(job);
    this.next();
  }

  private rest(): void {
    if (this.watchdog) clearTimeout(this.watchdog);
    [this.watchdog, this.running] = [null, null];
  }

  private leave(): void {
    this.rest();
    this.worker = null;
  }

  private start(): Worker {
    const workerData: PlanThreadData = { cancelled: this.cancelled.buffer as SharedArrayBuffer };
    const worker = new Worker(this.script, {
      workerData,
      resourceLimits: { maxOldGenerationSizeMb: this.options.mostMb ?? 384 },
    });
    // It must not keep a server alive that has nothing else to do.
    worker.unref();
    const isMine = () => this.worker === worker;
    worker.on('message', (answer: PlanAnswer) => isMine() && this.answer(answer));
    worker.on('error', (cause: NodeJS.ErrnoException) => {
      if (isMine()) this.end(cause.code === 'ERR_WORKER_OUT_OF_MEMORY' ? tooOdd() : cause);
    });
    worker.on('exit', () => isMine() && this.lose());
    return worker;
  }
}
