import type { DiskTold } from '@ember-fold/core';
import { COPIES as T } from '../text/copyPhrases';
import { Notice } from './Notice';

/** The disk of the records fills up: said early, and plainly once nothing new is taken. */
export function DiskNotice({ disk }: { readonly disk: DiskTold }) {
  return disk.state === 'full' ? (
    <Notice role="alert">{T.diskFull}</Notice>
  ) : (
    <Notice role="status">{T.diskLow(disk.freeBytes)}</Notice>
  );
}
