import { type BatchDraft, CoreError, type Kitchen } from '@ember-fold/core/plan';
import type { FryJob } from '@ember-fold/core/stove';
import type { DayPart } from '@ember-fold/core/supper';
import type { PlanPart } from '../planning/planThread.js';
import type { Remembered } from '../planning/remembered.js';

/** What each batch is for its day plan and at the pot, planned once for as long as draft and kitchen stay the same. */
export class BatchParts {
  constructor(
    private readonly planPart: PlanPart,
    private readonly known: Remembered<DayPart>,
  ) {}

  /** @param signal aborted when whoever asks has left */
  partOf(id: string, draft: BatchDraft, kitchen: Kitchen, signal?: AbortSignal): Promise<DayPart> {
    return this.known.get([id, draft, kitchen], (stop) => this.planPart(id, draft, kitchen, stop), signal);
  }

  /** `null` when it is never fried as planned, or cannot be planned: then its own page says why. */
  async jobOf(id: string, draft: BatchDraft, kitchen: Kitchen, signal?: AbortSignal): Promise<FryJob | null> {
    try {
      return (await this.partOf(id, draft, kitchen, signal)).job;
    } catch (cause) {
      if (cause instanceof CoreError) return null;
      throw cause;
    }
  }
}
