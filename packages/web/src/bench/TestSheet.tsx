import { TEST_CHANGES, type TestChange, testExpected, withTest } from '@ember-fold/core/ledger';
import { RANGES, type TrayMark, trayOf } from '@ember-fold/core/plan';
import { useState } from 'react';
import { editBatch } from '../data/draft/useEdit';
import type { Line } from '../data/draft/useLine';
import { expectedText, TEST as T, TEST_CHANGE_NAME } from '#text/bench/testPhrases';
import { Button } from '../ui/controls/button/Button';
import { Problem, Row, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { TickField } from '../ui/controls/field/TickField';
import { CountField } from '../ui/controls/field/UnitFields';

const NAMES = Object.fromEntries(TEST_CHANGES.map((change) => [change, TEST_CHANGE_NAME[change]])) as Record<
  TestChange,
  string
>;

interface TestSheetProps {
  readonly line: Line;
  readonly mark: TrayMark;
  readonly onClose: () => void;
}

/** One tray becomes two that differ by one thing: what, how many, and whether they are judged blind. */
export function TestSheet({ line: { batch, kitchen }, mark, onClose }: TestSheetProps) {
  const draft = trayOf(batch, mark);
  const [change, setChange] = useState<TestChange>('press-air');
  const [pieces, setPieces] = useState(Math.max(1, Math.round(draft.pieces / 2)));
  const [blind, setBlind] = useState(true);
  const [swapped] = useState(() => Math.random() < 0.5);
  const ask = { change, pieces, blind, swapped };
  const isPossible = withTest(batch, mark, ask) !== null;
  return (
    <Sheet title={T.title} isOpen onClose={onClose}>
      <Soft>{T.says}</Soft>
      <Row>
        <Pick<TestChange> label={T.change} value={change} options={NAMES} onChange={setChange} />
      </Row>
      <Row>
        <CountField label={T.each} value={pieces} {...RANGES.draft.pieces} onChange={setPieces} />
      </Row>
      <TickField label={T.blind} value={blind} onChange={setBlind} />
      {isPossible ? (
        <p role="status">{expectedText(testExpected(draft, kitchen, change), change, pieces)}</p>
      ) : (
        <Problem>{T.cannot}</Problem>
      )}
      <Actions>
        <Button
          $look="primary"
          isDisabled={!isPossible}
          onPress={() => {
            editBatch(`test-${crypto.randomUUID()}`, (now) => {
              const made = withTest(now, mark, ask);
              if (!made?.test) return made;
              // Each tray says what it is, on the board and in the pot.
              const { of, against } = made.test;
              return {
                ...made,
                trays: {
                  ...made.trays,
                  [of]: { ...made.trays[of]!, label: T.usual },
                  [against]: { ...made.trays[against]!, label: NAMES[change] },
                },
              };
            });
            onClose();
          }}
        >
          {T.make}
        </Button>
      </Actions>
    </Sheet>
  );
}
