import { stepState } from '@ember-fold/core';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { PHONE } from '../ui/theme';
import { useKept } from '../data/useKept';
import { useKitchen } from '../data/useLine';
import { Asked } from '../ui/controls/Asked';
import { Button } from '../ui/controls/Button';
import { NameField } from '../ui/controls/NameField';
import { Page, TitleRow } from '../ui/controls/Page';
import { Panel, PanelTitle, Problem, Soft } from '../ui/controls/Panel';
import { changeText, measureText, RUN_NAME, tableText } from '../text/cookText';
import type { Printer } from '../text/printer';
import { CurrentStep } from './CurrentStep';
import { type Cook, useCook } from './useCook';

const Grid = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 14px;
  align-items: start;
  > div {
    display: grid;
    gap: 14px;
  }
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Steps = styled.ol`
  li {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 48px;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  li > span {
    flex: 1;
  }
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

const isName = (value: unknown): value is string => typeof value === 'string' && value.length <= 40;

/** The run of one batch, beside the board: one step at a time, in order. */
export function CookRoom() {
  const { id = '' } = useParams();
  return <Sheet key={id} batchId={id} />;
}

function Sheet({ batchId }: { readonly batchId: string }) {
  const [me, setMe] = useKept('cook', isName);
  const { cook, problem, batch, query } = useCook(batchId, me ?? '');
  const printer = useKitchen()?.printer;
  const failed = batch.isError ? batch : query;
  return (
    <Page>
      <Asked of={{ ...failed, data: cook ?? undefined }} what="the run-sheet">
        {(open) =>
          printer ? <Open batchId={batchId} cook={open} printer={printer} me={me ?? ''} onMe={setMe} /> : null
        }
      </Asked>
      {problem && <Problem>{problem}</Problem>}
    </Page>
  );
}

interface OpenProps {
  readonly batchId: string;
  readonly cook: Cook;
  readonly printer: Printer;
  readonly me: string;
  readonly onMe: (name: string | null) => void;
}

function Open({ batchId, cook, printer, me, onMe }: OpenProps) {
  const { draft, now, sheet, changes, waiting, refusal } = cook;
  return (
    <>
      <TitleRow>
        <h1>{draft.name}</h1>
        <Soft as="span">
          {tableText(now.tableMs, Date.parse(draft.eatAt), sheet[0]?.startMs ?? now.tableMs, printer)}
        </Soft>
        <span className="grow" />
        <Link to={`/bench/${batchId}/serve`}>Its plan</Link>
      </TitleRow>
      <Grid>
        <div>
          {sheet.length === 0 ? (
            <Panel>
              <h2>There is nothing to run</h2>
              <Soft>This plan has no piece to fry yet. Its Fold station says why.</Soft>
            </Panel>
          ) : now.current ? (
            <CurrentStep key={now.current.id} batchId={batchId} cook={cook} step={now.current} printer={printer} />
          ) : (
            <Panel>
              <h2>All done</h2>
              <Soft>
                {now.taken.length > 0
                  ? 'What is left, another cook has taken.'
                  : 'Every step is done. Enjoy the table.'}
              </Soft>
            </Panel>
          )}
          {changes.length > 0 && (
            <Panel aria-label="What has changed">
              <PanelTitle>What was measured has moved</PanelTitle>
              <ul>
                {changes.map((change) => (
                  <li key={change.what}>{changeText(change, printer)}</li>
                ))}
              </ul>
            </Panel>
          )}
        </div>
        <div>
          {waiting > 0 && <Soft role="status">{`${waiting} kept here until the server is back`}</Soft>}
          {refusal && <Problem>{refusal}</Problem>}
          <Coming cook={cook} printer={printer} me={me} />
          <Past cook={cook} printer={printer} />
          <Panel>
            <NameField
              label="Who cooks at this device"
              value={me}
              whenEmpty="nobody in particular"
              onChange={(name) => onMe(name.trim() === '' ? null : name.slice(0, 40))}
            />
            <Soft>With a name, steps can be split: what one cook takes, the other’s device leaves alone.</Soft>
          </Panel>
        </div>
      </Grid>
    </>
  );
}

/** What goes on by itself, and what comes. */
function Coming({ cook, printer, me }: Pick<OpenProps, 'cook' | 'printer' | 'me'>) {
  const { now, state, nowMs, tell } = cook;
  return (
    <Panel aria-label="What comes">
      {now.background.length > 0 && (
        <>
          <PanelTitle>Goes on by itself</PanelTitle>
          <Steps aria-label="Goes on by itself">
            {now.background.map(({ step, readyMs }) => (
              <li key={step.id}>
                <span>
                  {RUN_NAME[step.id]}
                  <small>
                    {readyMs > nowMs
                      ? `until ${printer.clock(readyMs)}, ${printer.span((readyMs - nowMs) / 1000)} more`
                      : 'its time is over'}
                  </small>
                </span>
                <Button aria-label={`Done: ${RUN_NAME[step.id]}`} onPress={() => tell({ kind: 'done', step: step.id })}>
                  Done
                </Button>
              </li>
            ))}
          </Steps>
        </>
      )}
      <PanelTitle style={{ marginTop: now.background.length > 0 ? 10 : 0 }}>Next</PanelTitle>
      <Steps aria-label="Next">
        {now.next.map((step) => {
          const { who } = stepState(state, step.id);
          const name = RUN_NAME[step.id];
          return (
            <li key={step.id}>
              <span>
                {name}
                <small>{`${printer.span(step.durationS)}, planned for ${printer.clock(step.startMs)}${who === '' ? '' : `, ${who}`}`}</small>
              </span>
              {me !== '' && step.kind === 'hands' && (who === '' || who === me) && (
                <Button
                  $look="quiet"
                  aria-label={who === me ? `Lay back: ${name}` : `Take: ${name}`}
                  onPress={() => tell({ kind: 'take', step: step.id, who: who === me ? '' : me })}
                >
                  {who === me ? 'Lay back' : 'I take it'}
                </Button>
              )}
            </li>
          );
        })}
      </Steps>
      {now.next.length === 0 && <Soft>Nothing more.</Soft>}
    </Panel>
  );
}

/** What is over, with what was measured; any of it can be opened again. */
function Past({ cook, printer }: Pick<OpenProps, 'cook' | 'printer'>) {
  const { sheet, state, tell } = cook;
  const [all, setAll] = useState(false);
  const past = sheet
    .filter((step) => stepState(state, step.id).state !== 'open')
    .sort((a, b) => stepState(state, b.id).atMs! - stepState(state, a.id).atMs!);
  if (past.length === 0) return null;
  return (
    <Panel aria-label="What is over">
      <PanelTitle>Over</PanelTitle>
      <Steps aria-label="Over">
        {(all ? past : past.slice(0, 2)).map((step) => {
          const { state: is, atMs, value } = stepState(state, step.id);
          const measured = value !== null && step.measure ? `, ${measureText(step.measure, value, printer)}` : '';
          return (
            <li key={step.id}>
              <span>
                {RUN_NAME[step.id]}
                <small>{`${is === 'done' ? 'done' : 'skipped'} at ${printer.clock(atMs!)}${measured}`}</small>
              </span>
              <Button
                $look="quiet"
                aria-label={`Go back to: ${RUN_NAME[step.id]}`}
                onPress={() => tell({ kind: 'back', step: step.id })}
              >
                <Undo2 size={18} aria-hidden />
                Back
              </Button>
            </li>
          );
        })}
      </Steps>
      {past.length > 2 && (
        <Button $look="quiet" style={{ padding: 0 }} onPress={() => setAll((on) => !on)}>
          {all ? 'Fewer' : `All ${past.length}`}
        </Button>
      )}
    </Panel>
  );
}
