import type { BatchDraft, FryJob, Kitchen } from '@ember-fold/core';
import type { PlanJob } from './planThread.js';

/** As many planned batches as are kept. */
const MOST = 200;

/**
 * What each batch is at the pot, planned once for as long as draft and kitchen stay the same;
 * who asks while it is being planned waits for the same answer.
 */
export class FryJobs {
  private readonly known = new Map<string, Promise<FryJob | null>>();

  constructor(private readonly planJob: PlanJob) {}

  jobOf(id: string, draft: BatchDraft, kitchen: Kitchen): Promise<FryJob | null> {
    const key = JSON.stringify([id, draft, kitchen]);
    const known = this.known.get(key);
    if (known) return known;
    const job = this.planJob(id, draft, kitchen);
    if (this.known.size >= MOST) this.known.delete(this.known.keys().next().value!);
    this.known.set(key, job);
    // What failed is asked again the next time.
    job.catch(() => this.known.delete(key));
    return job;
  }
}
