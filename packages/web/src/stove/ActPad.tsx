import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import type { PadTargets } from '@ember-fold/core/stove';
import { Undo2 } from 'lucide-react';
import { styled } from 'styled-components';
import { figureFont, PHONE } from '../ui/theme';
import { Button } from '../ui/controls/button/Button';
import { listText } from '#text/stove/stoveWords';

const Pad = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  ${PHONE} {
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 6px;
  }
`;

/** Two lesser keys in the place of one. */
const Pair = styled.div<{ $columns: string }>`
  display: grid;
  grid-template-columns: ${({ $columns }) => $columns};
  gap: 10px;
  button {
    min-height: 64px;
    padding: 4px;
  }
  ${PHONE} {
    display: contents;
    button {
      min-height: 52px;
      font-size: 15px;
      svg {
        display: none;
      }
    }
  }
`;

const Big = styled(Button)`
  flex-direction: column;
  gap: 2px;
  min-height: 76px;
  border: 0;
  font-size: 22px;
  background: ${({ theme, $look }) => ($look === 'primary' ? theme.action : theme.well)};
  small {
    ${figureFont}
    font-weight: 500;
    font-size: 16px;
    color: inherit;
  }
  ${PHONE} {
    min-height: 66px;
    padding: 2px;
    font-size: 18px;
    line-height: 1.1;
    small {
      font-size: 14px;
    }
  }
`;

interface ActPadProps {
  readonly targets: PadTargets;
  /** What the do-next list puts first. */
  readonly urged: 'turn' | 'take-out' | 'drop' | null;
  readonly toFry: number;
  readonly canTakeBack: boolean;
  readonly onAct: (kind: 'turn' | 'take-out' | 'drop' | 'burst') => void;
  readonly onTakeBack: () => void;
  readonly onDropFewer: (by: number) => void;
  readonly onMore: () => void;
}

/** Large buttons for wet thumbs; each says what it will record. */
export function ActPad({ targets, urged, toFry, canTakeBack, onAct, onTakeBack, onDropFewer, onMore }: ActPadProps) {
  const look = (kind: string) => (urged === kind ? ('primary' as const) : ('plain' as const));
  const none = (list: readonly number[]) => (list.length === 0 ? T.noneInThePot : listText(list));
  return (
    <Pad role="group" aria-label={T.whatWasDone}>
      <Big $look={look('turn')} isDisabled={targets.turn.length === 0} onPress={() => onAct('turn')}>
        {T.turned}
        <small>{none(targets.turn)}</small>
      </Big>
      <Big $look={look('drop')} isDisabled={targets.drop.length === 0} onPress={() => onAct('drop')}>
        {T.dropped(targets.drop.length)}
        <small>{targets.drop.length > 0 ? listText(targets.drop) : toFry > 0 ? T.thePotIsFull : T.noneLeftToFry}</small>
      </Big>
      <Big $look={look('take-out')} isDisabled={targets['take-out'].length === 0} onPress={() => onAct('take-out')}>
        {T.takenOut}
        <small>{none(targets['take-out'])}</small>
      </Big>
      <Big $look="plain" isDisabled={targets.turn.length === 0} onPress={() => onAct('burst')}>
        {T.oneBurst}
        <small>{targets.burst.length === 1 ? T.piece(targets.burst[0]!) : T.takeOutItFinishInThe}</small>
      </Big>
      <Pair $columns="3fr 2fr">
        <Button isDisabled={!canTakeBack} onPress={onTakeBack}>
          <Undo2 size={18} aria-hidden />
          {T.takeBack}
        </Button>
        <Button onPress={onMore}>{T.more}</Button>
      </Pair>
      <Pair $columns="1fr 1fr">
        <Button isDisabled={targets.drop.length <= 1} onPress={() => onDropFewer(-1)}>
          {T.oneFewer}
        </Button>
        <Button isDisabled={targets.drop.length >= toFry} onPress={() => onDropFewer(1)}>
          {T.oneMore}
        </Button>
      </Pair>
    </Pad>
  );
}
