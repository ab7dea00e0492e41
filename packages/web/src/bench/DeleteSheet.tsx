import type { BatchSummary } from '@ember-fold/core';
import { Button } from '../ui/controls/Button';
import { Problem } from '../ui/controls/Panel';
import { Actions, Sheet } from '../ui/controls/Sheet';

interface DeleteSheetProps {
  readonly batch: BatchSummary;
  readonly failed: boolean;
  readonly onKeep: () => void;
  readonly onDelete: () => Promise<void>;
}

/** Asks before a batch goes for good. */
export function DeleteSheet({ batch, failed, onKeep, onDelete }: DeleteSheetProps) {
  return (
    <Sheet title={`Delete "${batch.name}"?`} isOpen onClose={onKeep} alert>
      <p>
        {batch.status === 'frying'
          ? 'Its plan, every reading and everything done at the stove go with it. This cannot be taken back.'
          : 'Its plan goes with it. This cannot be taken back.'}
      </p>
      {failed && <Problem>The batch could not be deleted; it is still here.</Problem>}
      <Actions>
        <Button onPress={onKeep}>Keep it</Button>
        <Button $look="danger" onPress={() => void onDelete()}>
          Delete the batch
        </Button>
      </Actions>
    </Sheet>
  );
}
