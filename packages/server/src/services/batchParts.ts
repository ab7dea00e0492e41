import type { BatchDraft, EveningPart, FryJob, Kitchen } from '@ember-fold/core';
import type { PlanPart } from './planThread.js';
import type { Remembered } from './remembered.js';

/** What each batch is for its evening and at the pot, planned once for as long as draft and kitchen stay the same. */
export class BatchParts {
  constructor(
    private readonly planPart: PlanPart,
    private readonly known: Remembered<EveningPart>,
  ) {}

  partOf(id: string, draft: BatchDraft, kitchen: Kitchen): Promise<EveningPart> {
    return this.known.get([id, draft, kitchen], () => this.planPart(id, draft, kitchen));
  }

  /** `null` when it is never fried as planned. */
  async jobOf(id: string, draft: BatchDraft, kitchen: Kitchen): Promise<FryJob | null> {
    return (await this.partOf(id, draft, kitchen)).job;
  }
}
