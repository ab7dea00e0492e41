import { type BatchDraft, CoreError, type FryJob, type Kitchen } from '@ember-fold/core';
import { Worker } from 'node:worker_threads';

/** Plans a batch as the others at the pot need it; `null` when it is never fried as planned. */
export type PlanJob = (id: string, draft: BatchDraft, kitchen: Kitchen) => Promise<FryJob | null>;

/** What is asked of the thread, and what it answers. */
export interface PlanAsk {
  readonly ask: number;
  readonly id: string;
  readonly draft: BatchDraft;
  readonly kitchen: Kitchen;
}
export type PlanAnswer =
  | { readonly ask: number; readonly job: FryJob | null }
  | { readonly ask: number; readonly problem: { code: CoreError['code']; path: string; message: string } };

interface Waiting {
  readonly resolve: (job: FryJob | null) => void;
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

  readonly planJob: PlanJob = (id, draft, kitchen) =>
    new Promise((resolve, reject) => {
      const ask = ++this.asked;
      this.waiting.set(ask, { resolve, reject });
      this.worker ??= this.start();
      this.worker.postMessage({ ask, id, draft, kitchen } satisfies PlanAsk);
    });

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
      if ('job' in answer) waits?.resolve(answer.job);
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
