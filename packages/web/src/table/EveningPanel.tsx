import type { BatchSummary, Evening } from '@ember-fold/core';
import { styled } from 'styled-components';
import { listNames, type Printer, withTemps } from '../text/printer';
import { SUPPER as S } from '../text/supperPhrases';
import { ToneMark } from '../ui/controls/Findings';
import { Panel, PanelTitle, Soft } from '../ui/controls/Panel';
import { figureFont, PHONE } from '../ui/theme';
import { EveningChart } from './EveningChart';
import { eveningWords } from './eveningWords';
import type { Evenings } from './useEvening';

const DAY_MS = 86_400_000;
/** Shorter waits are no matter. */
const LEAST_WAIT_S = 900;
/** Fried pieces are at their best for so long. */
const BEST_S = 2400;

const Told = styled.p`
  display: flex;
  gap: 8px;
  margin: 6px 0;
  font-size: 14px;
  svg {
    flex: none;
    margin-top: 2px;
    color: ${({ theme }) => theme.lookOut};
  }
`;

const List = styled.ol`
  display: none;
  li {
    display: grid;
    grid-template-columns: 66px minmax(0, 1fr);
    gap: 10px;
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  time {
    ${figureFont}
    font-size: 17px;
  }
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  ${PHONE} {
    display: block;
  }
`;

interface EveningPanelProps {
  readonly evenings: Evenings;
  readonly batches: readonly BatchSummary[];
  readonly cooks: number;
  readonly printer: Printer;
  readonly nowMs: number;
}

/** The evening over cooks and pots: a row for each, time from left to right; on a phone one list by the clock. */
export function EveningPanel(props: EveningPanelProps) {
  const { evenings, batches, cooks, printer, nowMs } = props;
  const { now, helped } = evenings;
  const words = eveningWords(batches, printer);
  const { nameOf, stepOf, say, keyOf } = words;
  const last = now.tasks.at(-1);
  if (!last) return null;
  const today = now.tasks.filter(({ endMs }) => last.endMs - endMs < DAY_MS / 2);
  const earlier = now.tasks.filter((task) => !today.includes(task) && task.cook !== null);
  const laterS = (helped.startMs - now.startMs) / 1000;
  const lifted = batches.filter(({ id }) => (now.lifted[id] ?? 0) > BEST_S);
  const each = (some: readonly BatchSummary[], s: Evening['waits']) =>
    listNames(some.map(({ id, name }) => S.wait(name, printer.span(s[id]!))));
  const waits = batches.filter(({ id }) => (now.waits[id] ?? 0) > LEAST_WAIT_S);
  return (
    <Panel aria-label={S.evening} style={{ marginBottom: 14 }}>
      <PanelTitle>{S.evening}</PanelTitle>
      {earlier.map((task) => (
        <p key={keyOf(task)}>{S.earlier(printer.day(task.startMs), say(task))}</p>
      ))}
      <EveningChart {...props} today={today} words={words} />
      <List aria-label={S.evening}>
        {today
          .filter(({ cook }) => cook !== null)
          .map((task) => (
            <li key={keyOf(task)}>
              <time dateTime={new Date(task.startMs).toISOString()}>{printer.clock(task.startMs)}</time>
              <span>
                {stepOf(task)}
                <small>
                  {[nameOf(task.batchId), cooks > 1 ? S.cook(task.cook! + 1, cooks) : null].filter(Boolean).join(', ')}
                </small>
              </span>
            </li>
          ))}
      </List>
      {now.startMs < nowMs && (
        <Told>
          <ToneMark tone="stop" />
          {S.past}
        </Told>
      )}
      {waits.length > 0 && (
        <Told>
          <ToneMark tone="look-out" />
          {withTemps(S.waits(each(waits, now.waits)), printer)}
        </Told>
      )}
      {lifted.length > 0 && (
        <Told>
          <ToneMark tone="look-out" />
          {withTemps(S.lifted(each(lifted, now.lifted)), printer)}
        </Told>
      )}
      <Soft>{laterS > 60 ? S.helped(printer.clock(helped.startMs), printer.span(laterS)) : S.notHelped}</Soft>
      <Soft>{S.order}</Soft>
    </Panel>
  );
}
