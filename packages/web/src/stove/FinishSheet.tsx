import type { FinishAsks } from '@ember-fold/core/stove';
import { useState } from 'react';
import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { finishLines } from '#text/stove/stoveWords';
import type { Printer } from '../text/printer';
import { Button } from '../ui/controls/button/Button';
import { Choice } from '../ui/controls/choice/Choice';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import type { LeftGoes } from './useEnd';

interface FinishSheetProps {
  readonly asks: FinishAsks;
  readonly printer: Printer;
  readonly onFinish: (left: LeftGoes | undefined) => void;
  readonly onClose: () => void;
}

/** What is to be thought of before the batch is finished. */
export function FinishSheet({ asks, printer, onFinish, onClose }: FinishSheetProps) {
  const [left, setLeft] = useState<LeftGoes>('freezer');
  return (
    <Sheet title={T.finishNow} isOpen onClose={onClose}>
      {finishLines(asks, printer).map((line) => (
        <p key={line} style={{ marginTop: 8, fontSize: 18 }}>
          {line}
        </p>
      ))}
      {asks.unfried > 0 && (
        <>
          <Choice<LeftGoes> label={T.leftGoes} value={left} options={T.leftPlaces} onChange={setLeft} />
          <p style={{ marginTop: 8, fontSize: 18 }}>{T.leftSays[left]}</p>
        </>
      )}
      <Actions>
        <Button
          style={{ minHeight: 64 }}
          onPress={() => {
            onFinish(asks.unfried > 0 ? left : undefined);
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
