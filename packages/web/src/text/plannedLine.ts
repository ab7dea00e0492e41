import type { BatchDraft, ColdPlan, HotPlan, TrayDraft } from '@ember-fold/core/plan';
import type { Printer } from './printer';

/** What the sentences of the five stations are made from. */
export interface PlannedLine {
  readonly draft: TrayDraft;
  /** The batch it belongs to. */
  readonly batch: BatchDraft;
  readonly printer: Printer;
  readonly cold: ColdPlan;
  /** Fry and serve; for a few milliseconds after a change still the ones before. */
  readonly hot: HotPlan | null;
}
