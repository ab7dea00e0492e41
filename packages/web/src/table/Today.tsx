import { workBetween } from '@ember-fold/core';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useKitchen } from '../data/useLine';
import { TABLE as T } from '../text/tablePhrases';
import { STEP_NAME } from '../text/words';
import { Panel, PanelTitle, Soft } from '../ui/controls/Panel';
import { figureFont } from '../ui/theme';
import type { Plans } from './planned';

const Steps = styled.ol`
  li {
    display: grid;
    grid-template-columns: 62px minmax(0, 1fr);
    gap: 10px;
    align-items: baseline;
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  time {
    ${figureFont}
    font-size: 18px;
  }
  a {
    color: inherit;
  }
`;

/** What has to be begun today, over all batches, in its order. */
export function Today({ plans, nowMs }: { readonly plans: Plans; readonly nowMs: number }) {
  const printer = useKitchen()?.printer;
  const from = new Date(nowMs).setHours(0, 0, 0, 0);
  const to = new Date(from).setDate(new Date(from).getDate() + 1);
  const batches = Object.entries(plans).map(([id, { trays }]) => ({ id, steps: trays[0]?.plan.serve?.steps ?? [] }));
  const work = workBetween(batches, from, to);
  return (
    <Panel aria-label={T.today}>
      <PanelTitle>{T.today}</PanelTitle>
      {work.length === 0 && <Soft>{T.nothingToday}</Soft>}
      {printer && (
        <Steps>
          {work.map(({ batchId, step }) => (
            <li key={`${batchId} ${step.id} ${step.own?.id ?? ''} ${step.mark ?? ''} ${step.lot ?? ''}`}>
              <time dateTime={new Date(step.startMs).toISOString()}>{printer.clock(step.startMs)}</time>
              <Link to={`/cook/${batchId}`}>{T.step(step.own?.name ?? STEP_NAME[step.id], plans[batchId]!.name)}</Link>
            </li>
          ))}
        </Steps>
      )}
    </Panel>
  );
}
