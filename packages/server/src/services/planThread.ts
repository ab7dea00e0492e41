import {
  type BatchDraft,
  CoreError,
  type Evening,
  type EveningAsk,
  type EveningPart,
  type Happened,
  type Kitchen,
  type Observation,
} from '@ember-fold/core';
import { Worker } from 'node:worker_threads';

/** Plans a batch as its evening needs it. */
export type PlanPart = (id: string, draft: BatchDraft, kitchen: Kitchen) => Promise<EveningPart>;
/** Plans an evening. @param mostMs the best so far is the answer after this */
export type PlanEvening = (evening: EveningAsk, mostMs: number) => Promise<Evening | null>;

/** What is asked of the thread. */
export type PlanWish =
  | { readonly kind: 'part'; readonly id: string; readonly draft: BatchDraft; readonly kitchen: Kitchen }
  | { readonly kind: 'observe'; readonly happened: Happened }
  | { readonly kind: 'evening'; readonly evening: EveningAsk; readonly mostMs: number };
export interface PlanAsk {
  readonly ask: number;
  readonly wish: PlanWish;
}
export type PlanAnswer =
  | { readonly ask: number; readonly found: EveningPart | Evening | readonly Observation[] | null }
  | { readonly ask: number; readonly problem: { code: CoreError['code']; path: string; message: string } };

interface Waiting {
  readonly resolve: (found: never) => void;
  readonly reject: (cause: unknown) => void;
}

/**
 * A thread of its own for planning: a supper of seven new batches takes a seventh of a second, in
 * which readings of a probe must not wait. It is started when it is first needed; should it end,
 * those that wait are told, and the next ask starts another.
 */
export class PlanThread {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly waiting = new Map<number, Waiting>();

  constructor(private readonly script: URL) {}

  readonly planPart: PlanPart = (id, draft, kitchen) => this.ask<EveningPart>({ kind: 'part', id, draft, kitchen });
  readonly observe = (happened: Happened): Promise<readonly Observation[]> => this.ask({ kind: 'observe', happened });
  readonly planEvening: PlanEvening = (evening, mostMs) =>
    this.ask<Evening | null>({ kind: 'evening', evening, mostMs });

  private ask<Found>(wish: PlanWish): Promise<Found> {
    return new Promise<Found>((resolve, reject) => {
      const ask = ++this.asked;
      this.waiting.set(ask, { resolve, reject });
      this.worker ??= this.start();
      this.worker.postMessage({ ask, wish } satisfies PlanAsk);
    });
  }

  async close(): Promise<void> {
    await this.worker?.terminate();
  }

  private start(): Worker {
    const worker = new Worker(this.script);
    // It must not keep a server alive that has nothing else to do.
    worker.unref();
    worker.on('message', (answer: PlanAnswer) => {
      const waits = this.waiting.get(answer.ask);
      this.waiting.delete(answer.ask);
      if ('found' in answer) waits?.resolve(answer.found as never);
      else waits?.reject(new CoreError(answer.problem.code, answer.problem.path, answer.problem.message));
    });
    const gone = (cause: unknown) => {
      if (this.worker !== worker) return;
      this.worker = null;
      for (const { reject } of this.waiting.values()) reject(cause);
      this.waiting.clear();
    };
    worker.on('error', gone);
    worker.on('exit', () => gone(new Error('The planning thread ended.')));
    return worker;
  }
}
