import { probedCoreC, type Situation } from '@ember-fold/core/stove';
import { useState } from 'react';
import { styled } from 'styled-components';
import { PRACTICE as T } from '#text/learn/practicePhrases';
import type { Printer } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { Panel } from '../../ui/layout/Panel';
import { PHONE } from '../../ui/theme';
import type { PracticeShown, PracticeStove } from './practiceStove';

const List = styled(Panel)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  min-height: 58px;
  margin-bottom: 8px;
  padding-block: 6px;
  > [role='status'] {
    flex: 1;
    min-width: 220px;
  }
  ${PHONE} {
    > [role='status']:empty {
      flex: none;
      min-width: 0;
      margin-right: -14px;
    }
    padding-inline: 12px;
    button {
      flex: 1;
      padding-inline: 8px;
    }
  }
  strong {
    font-weight: 600;
    color: ${({ theme }) => theme.stop};
  }
`;

interface PracticeNoticesProps {
  readonly of: Situation;
  readonly at: number;
  readonly stove: PracticeStove;
  readonly shown: PracticeShown;
  readonly onHere: () => void;
  readonly printer: Printer;
}

/** What eyes, ears and nose tell at a practised stove, and what only there needs a key of its own. */
export function PracticeNotices({ of, at, stove, shown, onHere, printer }: PracticeNoticesProps) {
  const [said, setSaid] = useState('');
  const { seen } = shown.pots[at]!;
  const pot = stove.session().pots[at]!;
  const open = seen.inPot.filter(({ isOpen }) => isOpen).map(({ number }) => number);
  const lastOut = [...pot.takenOut.values()].at(-1);
  return (
    <List aria-label={T.notices}>
      <div role="status">
        {shown.isAway && <p>{T.away}</p>}
        {shown.rings && (
          <p>
            <strong>{T.rings}</strong>
          </p>
        )}
        {open.length > 0 && (
          <p>
            <strong>{T.opens(open)}</strong>
          </p>
        )}
        {seen.smokes && (
          <p>
            <strong>{T.smokes}</strong>
          </p>
        )}
        {seen.probeIsOut && <p>{T.probeOut}</p>}
        {seen.crumbsDark && <p>{T.crumbsDark}</p>}
        {pot.oilHarms && <p>{T.harms}</p>}
        {seen.toFry === 0 && seen.inPot.length === 0 && seen.setting > 0 && <p>{T.heatOff}</p>}
        {said !== '' && <p>{said}</p>}
      </div>
      {shown.rings && <Button onPress={() => stove.own(at, { kind: 'door' })}>{T.goToDoor}</Button>}
      {seen.probeIsOut && <Button onPress={onHere}>{T.putBack}</Button>}
      {of.pots[at]!.truth.oilHarms && (
        <Button isDisabled={seen.inPot.length > 0} onPress={() => stove.own(at, { kind: 'fresh-oil' })}>
          {T.freshOil}
        </Button>
      )}
      <Button onPress={() => setSaid(T.crumbSays(seen))}>{T.crumb}</Button>
      <Button
        isDisabled={!lastOut}
        onPress={() => lastOut && setSaid(T.coreSays(lastOut.number, probedCoreC(lastOut), printer))}
      >
        {T.probeCore}
      </Button>
    </List>
  );
}
