import { Stack } from '../ui/layout/layout';
import { COOK as T } from '#text/cook/cookPhrases';
import { RANGES } from '@ember-fold/core/plan';
import { AlarmClock } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { startTimer } from '../data/live/useTimers';
import { FoundBatches } from '../ui/batch/FoundBatches';
import { Button } from '../ui/controls/button/Button';
import { NameField } from '../ui/controls/field/NameField';
import { LinkList, Page, TitleRow, PageTitle } from '../ui/layout/Page';
import { Panel, PanelTitle, Row, Soft } from '../ui/layout/Panel';
import { MinutesField } from '../ui/controls/field/MoreFields';
import { usePrinter } from '../ui/printing';

/** Batches that can be run, and timers set by hand. */
export function CookList() {
  const printer = usePrinter();
  const [name, setName] = useState(T.timer);
  const [seconds, setSeconds] = useState(600);
  return (
    <Page>
      <PageTitle of={[T.cook]} />
      <TitleRow>
        <h1>{T.cook}</h1>
      </TitleRow>
      <Stack $gap={14}>
        <div>
          <FoundBatches
            what={T.theBatches}
            nothing={
              <Panel>
                <h2>{T.noBatchIsPlannedYet}</h2>
                <Soft>
                  {T.planOneOnThe} <Link to="/bench">{T.bench}</Link>
                  {T.itsRunSheetIsHere}
                </Soft>
              </Panel>
            }
          >
            {(list) => (
              <LinkList aria-label={T.batchesToRun}>
                {list.map((batch) => (
                  <li key={batch.id}>
                    <Link to={`/cook/${batch.id}`}>
                      <strong>{batch.name}</strong>
                      <span>
                        {batch.pieces} {T.pieces}
                      </span>
                      <small>
                        {T.eatAt(printer.clock(Date.parse(batch.eatAt)), printer.date(Date.parse(batch.eatAt)))}
                      </small>
                    </Link>
                  </li>
                ))}
              </LinkList>
            )}
          </FoundBatches>
        </div>
        <Panel aria-label={T.aTimerByHand}>
          <PanelTitle>{T.aTimerByHand}</PanelTitle>
          <NameField label={T.forWhat} value={name} onChange={setName} />
          <Row>
            <MinutesField
              label={T.howLong}
              value={seconds}
              {...RANGES.store.timerS}
              whenNull="10:00"
              onChange={setSeconds}
              onClear={() => setSeconds(600)}
            />
          </Row>
          <Button onPress={() => startTimer({ name, seconds })}>
            <AlarmClock size={18} aria-hidden />
            {T.startTheTimer}
          </Button>
          <Soft style={{ marginTop: 6 }}>{T.itIsKeptByThe}</Soft>
        </Panel>
      </Stack>
    </Page>
  );
}
