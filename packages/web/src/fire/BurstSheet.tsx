import { Button } from '../ui/controls/Button';
import { Actions, Sheet } from '../ui/controls/Sheet';

interface BurstSheetProps {
  readonly isOpen: boolean;
  /** In the pot, by number. */
  readonly pieces: readonly number[];
  readonly onBurst: (number: number) => void;
  readonly onClose: () => void;
}

/** Which of several burst, and what is done with it. */
export function BurstSheet({ isOpen, pieces, onBurst, onClose }: BurstSheetProps) {
  return (
    <Sheet title="Which one burst?" isOpen={isOpen} onClose={onClose}>
      <p>Lift it, drain it, finish it in the oven at 175 °C for 20 to 25 minutes, and skim the oil.</p>
      <Actions>
        {pieces.map((number) => (
          <Button
            key={number}
            style={{ minHeight: 64, minWidth: 64 }}
            aria-label={`Piece ${number} burst`}
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
