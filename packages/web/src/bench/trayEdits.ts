import { marksOf, type TrayMark, trayOf, withCopyOfTray, withTray } from '@ember-fold/core/plan';
import { editBatch } from '../data/draft/useEdit';

/** One more tray like an open one, and it is opened. */
export function addTrayLike(like: TrayMark, open: (mark: TrayMark) => void): void {
  editBatch(`tray-${crypto.randomUUID()}`, (batch) => {
    const next = withCopyOfTray(batch, like);
    const mark = next && marksOf(next).find((one) => batch.trays[one] === undefined);
    if (mark) open(mark);
    return next;
  });
}

/** What the cook calls a tray; nothing: by its mark. */
export function nameTray(mark: TrayMark, text: string): void {
  editBatch(`label ${mark}`, (batch) => {
    const { label: _before, ...tray } = trayOf(batch, mark);
    return withTray(batch, { ...tray, mark, ...(text.trim() !== '' && { label: text }) });
  });
}
