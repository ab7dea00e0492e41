import type { BatchDraft, EveningPart, FryJob, Kitchen } from '@ember-fold/core';
import type { PlanPart } from './planThread.js';

/** As many planned batches as are kept. */
const MOST = 200;

/**
 * What each batch is for its evening and at the pot, planned once for as long as draft and kitchen
 * stay the same; who asks while it is being planned waits for the same answer.
 */
export class BatchParts {
  private readonly known = new Map<string, Promise<EveningPart>>();

  constructor(private readonly planPart: PlanPart) {}

  partOf(id: string, draft: BatchDraft, kitchen: Kitchen): Promise<EveningPart> {
    const key = JSON.stringify([id, draft, kitchen]);
    const known = this.known.get(key);
    if (known) return known;
    const part = this.planPart(id, draft, kitchen);
    if (this.known.size >= MOST) this.known.delete(this.known.keys().next().value!);
    this.known.set(key, part);
    // What failed is asked again the next time.
    part.catch(() => this.known.delete(key));
    return part;
  }

  /** `null` when it is never fried as planned. */
  async jobOf(id: string, draft: BatchDraft, kitchen: Kitchen): Promise<FryJob | null> {
    return (await this.partOf(id, draft, kitchen)).job;
  }
}
