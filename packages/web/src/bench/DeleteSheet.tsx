import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import type { BatchSummary } from '@ember-fold/core/plan';
import { Button } from '../ui/controls/button/Button';
import { Problem } from '../ui/layout/Panel';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';

interface DeleteSheetProps {
  readonly batch: BatchSummary;
  /** Why it could not be deleted. */
  readonly problem: string | null;
  readonly onKeep: () => void;
  readonly onDelete: () => Promise<void>;
}

/** Asks before a batch goes for good. */
export function DeleteSheet({ batch, problem, onKeep, onDelete }: DeleteSheetProps) {
  return (
    <Sheet title={T.askToDelete(batch.name)} isOpen onClose={onKeep} alert>
      <p>{T.itsPlanGoesWithIt}</p>
      {problem && <Problem>{problem}</Problem>}
      <Actions>
        <Button onPress={onKeep}>{T.keepIt}</Button>
        <Button $look="danger" onPress={() => void onDelete()}>
          {T.deleteTheBatch}
        </Button>
      </Actions>
    </Sheet>
  );
}
