import { Row } from '../ui/layout/layout';
import type { OilAct, OilRow } from '@ember-fold/core/ledger';
import type { OilAdvice } from '@ember-fold/core/plan';
import { useState } from 'react';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { editKitchen } from '../data/draft/editKitchen';
import { oilApi } from '../data/api/oilApi';
import { oilAdviceText, oilCarriesText, oilEventText, oilStateText } from '#text/store/oilText';
import type { Printer } from '../text/printer';
import { STORE as T } from '#text/store/storePhrases';
import { Button } from '../ui/controls/button/Button';
import { ToneMark, toneColour } from '../ui/controls/list/Findings';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { JudgeSheet, TopUpSheet } from './OilSheets';

const Verdict = styled.p<{ $tone: 'good' | 'lookOut' | 'stop' | 'know' }>`
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 4px 0;
  font-weight: 640;
  svg {
    flex: none;
    color: ${({ theme, $tone }) => theme[$tone]};
  }
`;

const Keys = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  margin-top: 8px;
`;

const TONE: Record<OilAdvice, 'good' | 'look-out' | 'stop'> = {
  good: 'good',
  strain: 'look-out',
  'last-time': 'look-out',
  discard: 'stop',
};

interface OilCardProps {
  readonly row: OilRow;
  readonly isInPot: boolean;
  readonly printer: Printer;
}

/** One oil: what it is good for, what happened to it, what is done with it. */
export function OilCard({ row: { oil, state, events }, isInPot, printer }: OilCardProps) {
  const [tell, telling] = oilApi.useTellOilMutation();
  const [open, setOpen] = useState<'judge' | 'top-up' | 'pour' | null>(null);
  const act = (what: OilAct) => void tell({ oilId: oil.id, act: what });
  const id = () => crypto.randomUUID();
  const close = () => setOpen(null);
  const tone = TONE[state.advice];
  return (
    <Panel data-oil={oil.name}>
      <Row $gap="2px 12px" $align="baseline">
        <PanelTitle style={{ margin: 0 }}>{oil.name}</PanelTitle>
        {isInPot && !state.isGone && <strong>{T.inThePot}</strong>}
      </Row>
      {state.isGone ? (
        <Soft>{T.pouredAway}</Soft>
      ) : (
        <>
          <Verdict $tone={toneColour(tone)}>
            <ToneMark tone={tone} />
            {oilAdviceText(state)}
          </Verdict>
          <p>{oilStateText(state, printer)}</p>
          <p>{oilCarriesText(state)}</p>
        </>
      )}
      <details>
        <summary style={{ minHeight: 44, paddingTop: 10 }}>{T.whatHappenedToIt(events.length)}</summary>
        <ul>
          {[...events].reverse().map((event) => (
            <li key={event.id}>{oilEventText(event, printer)}</li>
          ))}
        </ul>
      </details>
      {telling.error && <Problem>{problemOf(telling.error).message}</Problem>}
      {!state.isGone && (
        <Keys>
          {!isInPot && (
            <Button onPress={() => editKitchen((now) => ({ ...now, potOilId: oil.id }))}>{T.fryInThisOne}</Button>
          )}
          <Button onPress={() => act({ id: id(), kind: 'strained' })}>{T.strained}</Button>
          <Button onPress={() => setOpen('top-up')}>{T.topUp}</Button>
          <Button onPress={() => setOpen('judge')}>{T.lookAtIt}</Button>
          <Button $look="quiet" onPress={() => setOpen('pour')}>
            {T.throwAway}
          </Button>
        </Keys>
      )}
      {open === 'judge' && (
        <JudgeSheet
          name={oil.name}
          onClose={close}
          onJudged={(signs) => {
            act({ id: id(), kind: 'judged', ...signs });
            close();
          }}
        />
      )}
      {open === 'top-up' && (
        <TopUpSheet
          name={oil.name}
          onClose={close}
          onAdded={(m3) => {
            act({ id: id(), kind: 'topped-up', m3 });
            close();
          }}
        />
      )}
      {open === 'pour' && (
        <Sheet title={T.throwAwayNamed(oil.name)} isOpen onClose={close} alert>
          <p>{T.letItGoColdPut}</p>
          <Actions>
            <Button onPress={close}>{T.keepIt}</Button>
            <Button
              $look="danger"
              onPress={() => {
                act({ id: id(), kind: 'poured-away' });
                close();
              }}
            >
              {T.itIsPouredAway}
            </Button>
          </Actions>
        </Sheet>
      )}
    </Panel>
  );
}
