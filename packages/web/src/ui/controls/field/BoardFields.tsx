import { LATER } from '#text/shared/laterPhrases';
import { type Kitchen, USUAL_BOARD, RANGES } from '@ember-fold/core/plan';
import { editKitchen } from '../../../data/draft/editKitchen';
import { Row } from '../../layout/Panel';
import { LengthField } from './UnitFields';

/** What this kitchen rolls out on. */
export function BoardFields({ kitchen }: { readonly kitchen: Kitchen }) {
  const board = kitchen.board ?? USUAL_BOARD;
  const set = (change: Partial<typeof board>) =>
    editKitchen((now) => ({ ...now, board: { ...(now.board ?? USUAL_BOARD), ...change } }));
  return (
    <>
      <Row>
        <LengthField
          label={LATER.boardLength}
          value={board.lengthM}
          {...RANGES.kitchen.boardM}
          onChange={(lengthM) => set({ lengthM })}
        />
      </Row>
      <Row>
        <LengthField
          label={LATER.boardWidth}
          value={board.widthM}
          {...RANGES.kitchen.boardM}
          onChange={(widthM) => set({ widthM })}
        />
      </Row>
    </>
  );
}
