import type { BatchDraft, ColdPlan, HotPlan, TrayDraft } from '@ember-fold/core/plan';
import type { Printer } from './printer';

/** Times come from the supper's plan: it is there, is being worked out, or cannot be reached. */
export type TimesKnown = 'known' | 'coming' | 'out-of-reach';

/** What the sentences of the five stations are made from. */
export interface PlannedLine {
  readonly draft: TrayDraft;
  /** The batch it belongs to. */
  readonly batch: BatchDraft;
  readonly printer: Printer;
  readonly cold: ColdPlan;
  /** Fry and serve; for a few milliseconds after a change still the ones before. */
  readonly hot: HotPlan | null;
  /** Of a batch of a supper: whether the supper's plan, which says its times, is there. `known` for any other batch. */
  readonly times: TimesKnown;
}
