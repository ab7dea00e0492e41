import type { RecordLooks } from '@ember-fold/core';
import { latestOnly } from './latestOnly';
import type { Lesson, LessonAsk } from './plan.worker';
import { plans } from './planClient';

/** What a record teaches; a newer ask replaces the one that waits. */
export const lessonLatest = latestOnly((record: LessonAsk, looks: RecordLooks): Promise<Lesson> =>
  plans().lesson(record, looks),
);
