import type { FinishAsks } from '@ember-fold/core';
import { FIRE as T } from '../text/firePhrases';
import { finishLines } from '../text/fireWords';
import type { Printer } from '../text/printer';
import { Button } from '../ui/controls/Button';
import { Actions, Sheet } from '../ui/controls/Sheet';

interface FinishSheetProps {
  readonly asks: FinishAsks;
  readonly printer: Printer;
  readonly onFinish: () => void;
  readonly onClose: () => void;
}

/** What is to be thought of before the batch is finished. */
export function FinishSheet({ asks, printer, onFinish, onClose }: FinishSheetProps) {
  return (
    <Sheet title={T.finishNow} isOpen onClose={onClose}>
      {finishLines(asks, printer).map((line) => (
        <p key={line} style={{ marginTop: 8, fontSize: 18 }}>
          {line}
        </p>
      ))}
      <Actions>
        <Button
          style={{ minHeight: 64 }}
          onPress={() => {
            onFinish();
            onClose();
          }}
        >
          {T.finishAllTheSame}
        </Button>
        <Button $look="primary" style={{ minHeight: 64 }} onPress={onClose}>
          {T.stayAtTheStove}
        </Button>
      </Actions>
    </Sheet>
  );
}
