import { useKitchen } from '../data/draft/useLine';
import { withTemps } from '../text/printer';
import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { Button } from '../ui/controls/button/Button';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';

interface BurstSheetProps {
  readonly isOpen: boolean;
  /** In the pot, by number. */
  readonly pieces: readonly number[];
  readonly onBurst: (number: number) => void;
  readonly onClose: () => void;
}

/** Which of several burst, and what is done with it. */
export function BurstSheet({ isOpen, pieces, onBurst, onClose }: BurstSheetProps) {
  const printer = useKitchen()?.printer;
  return (
    <Sheet title={T.whichOneBurst} isOpen={isOpen} onClose={onClose}>
      <p>{printer ? withTemps(T.takeOutItDrainItFinish, printer) : ''}</p>
      <Actions>
        {pieces.map((number) => (
          <Button
            key={number}
            style={{ minHeight: 64, minWidth: 64 }}
            aria-label={T.pieceBurst(number)}
            onPress={() => {
              onBurst(number);
              onClose();
            }}
          >
            {number}
          </Button>
        ))}
      </Actions>
    </Sheet>
  );
}
