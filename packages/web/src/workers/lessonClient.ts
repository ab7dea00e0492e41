import type { RecordLooks, WholeRecord } from '@ember-fold/core/ledger';
import { latestOnly } from './latestOnly';
import type { Lesson, LessonAsk, WholeAsk } from './plan.worker';
import { plans } from './planClient';

/** What a record teaches; a newer ask replaces the one that waits. */
export const lessonLatest = latestOnly((record: LessonAsk, looks: RecordLooks): Promise<Lesson> =>
  plans().lesson(record, looks),
);

/** A record as a whole; asked for once it is opened. */
export const wholeOnce = (record: WholeAsk, looks: RecordLooks): Promise<WholeRecord | null> =>
  plans().wholeRecord(record, looks);
