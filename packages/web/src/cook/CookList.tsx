import { RANGES } from '@ember-fold/core';
import { AlarmClock } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../data/api';
import { useKitchen } from '../data/useLine';
import { startTimer } from '../data/useTimers';
import { Asked } from '../ui/controls/Asked';
import { Button } from '../ui/controls/Button';
import { NameField } from '../ui/controls/NameField';
import { LinkList, Page, TitleRow } from '../ui/controls/Page';
import { Panel, PanelTitle, Row, Soft } from '../ui/controls/Panel';
import { MinutesField } from '../ui/controls/UnitFields';
import { printDate } from '../text/printer';

/** Batches that can be run, and timers set by hand. */
export function CookList() {
  const batches = api.useBatchesQuery();
  const printer = useKitchen()?.printer;
  const [name, setName] = useState('Timer');
  const [seconds, setSeconds] = useState(600);
  return (
    <Page>
      <TitleRow>
        <h1>Cook</h1>
      </TitleRow>
      <div style={{ display: 'grid', gap: 14 }}>
        <Asked of={batches} what="the batches">
          {(list) =>
            list.length === 0 ? (
              <Panel>
                <h2>No batch is planned yet</h2>
                <Soft>
                  Plan one on the <Link to="/bench">bench</Link>; its run-sheet is here then, step by step.
                </Soft>
              </Panel>
            ) : (
              <LinkList aria-label="Batches to run">
                {[...list]
                  .sort((a, b) => a.eatAt.localeCompare(b.eatAt))
                  .map((batch) => (
                    <li key={batch.id}>
                      <Link to={`/cook/${batch.id}`}>
                        <strong>{batch.name}</strong>
                        <span>{batch.pieces} pieces</span>
                        <small>{`eat at ${printer?.clock(Date.parse(batch.eatAt)) ?? ''}, ${printDate(Date.parse(batch.eatAt))}`}</small>
                      </Link>
                    </li>
                  ))}
              </LinkList>
            )
          }
        </Asked>
        <Panel aria-label="A timer by hand">
          <PanelTitle>A timer by hand</PanelTitle>
          <NameField label="For what" value={name} onChange={setName} />
          <Row>
            <MinutesField
              label="How long"
              value={seconds}
              {...RANGES.store.timerS}
              whenNull="10:00"
              onChange={setSeconds}
              onClear={() => setSeconds(600)}
            />
          </Row>
          <Button onPress={() => startTimer({ name, seconds })}>
            <AlarmClock size={18} aria-hidden />
            Start the timer
          </Button>
          <Soft style={{ marginTop: 6 }}>It is kept by the server and shown in every room, on every open device.</Soft>
        </Panel>
      </div>
    </Page>
  );
}
