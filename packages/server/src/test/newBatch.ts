import { type BatchDraft, batchOf, newTray, trayOf, type TrayDraft, withTray } from '@ember-fold/core/plan';

/** A batch of one tray, as it is stored. */
export const newBatch = (...of: Parameters<typeof newTray>): BatchDraft => batchOf(newTray(...of));

/** The same batch with its first tray changed. */
export function changed(batch: BatchDraft, change: Partial<TrayDraft>): BatchDraft {
  return withTray(batch, { ...trayOf(batch, null), ...change });
}
