import { type BatchDraft, type FryJob, fryJobOf, type Kitchen } from '@ember-fold/core';

/** As many planned batches as are kept. */
const MOST = 200;

/**
 * What each batch is at the pot, planned once for as long as draft and kitchen stay the same: a
 * supper of seven would else hold the server up for a tenth of a second at every look.
 */
export class FryJobs {
  private readonly known = new Map<string, FryJob | null>();

  /** Others are served between two batches that have to be planned anew. */
  async jobOf(id: string, draft: BatchDraft, kitchen: Kitchen): Promise<FryJob | null> {
    const key = JSON.stringify([id, draft, kitchen]);
    const known = this.known.get(key);
    if (known !== undefined) return known;
    await new Promise((resolve) => setImmediate(resolve));
    const job = fryJobOf(id, draft, kitchen);
    if (this.known.size >= MOST) this.known.delete(this.known.keys().next().value!);
    this.known.set(key, job);
    return job;
  }
}
