import type { BatchSummary, EveningTask } from '@ember-fold/core';
import type { Printer } from '../text/printer';
import { SUPPER as S } from '../text/supperPhrases';
import { STEP_NAME } from '../text/words';

/** What stretches of an evening are called. */
export interface EveningWords {
  readonly nameOf: (batchId: string | null) => string | null;
  readonly stepOf: (task: EveningTask) => string;
  readonly say: (task: EveningTask) => string;
  readonly keyOf: (task: EveningTask) => string;
}

export function eveningWords(batches: readonly BatchSummary[], printer: Printer): EveningWords {
  const nameOf = (id: string | null) => batches.find((batch) => batch.id === id)?.name ?? null;
  const stepOf = ({ step, of }: EveningTask) => of?.own?.name ?? (step === 'change' ? S.change : STEP_NAME[step]);
  return {
    nameOf,
    stepOf,
    say: (task) => S.task(printer.clock(task.startMs), printer.clock(task.endMs), stepOf(task), nameOf(task.batchId)),
    keyOf: ({ batchId, startMs, step, of }) => [batchId, startMs, step, of?.mark, of?.lot, of?.own?.id].join(' '),
  };
}
