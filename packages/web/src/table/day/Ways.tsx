import type { DayWay, SupperDay } from '@ember-fold/core/supper';
import { useState } from 'react';
import { styled } from 'styled-components';
import { problemOf } from '../../data/api/api';
import { waysApi } from '../../data/api/waysApi';
import { DAY_PLAN as E, wayText } from '#text/table/dayPlanPhrases';
import type { Printer } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { ToneMark } from '../../ui/controls/list/Findings';
import { Panel, PanelTitle, Problem, Soft } from '../../ui/layout/Panel';

const List = styled.ul`
  li {
    display: grid;
    grid-template-columns: 22px minmax(0, 1fr);
    gap: 4px 8px;
    padding: 10px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  li > svg {
    margin-top: 3px;
  }
  p {
    margin: 0 0 6px;
  }
`;

interface WaysProps {
  readonly supperId: string;
  readonly told: SupperDay;
  readonly printer: Printer;
  readonly onTake: (way: DayWay) => void;
}

/** Ways out of a day plan that cannot hold, or ways to make it easier: each with what it does. */
export function Ways({ supperId, told, printer, onTake }: WaysProps) {
  const { dayPlan, batches } = told;
  const lateS = dayPlan?.lateS ?? 0;
  const isLate = lateS > 60;
  const [isAsked, setAsked] = useState(false);
  const ways = waysApi.useWaysQuery(supperId, { skip: !dayPlan || (!isLate && !isAsked) });
  if (!dayPlan) return null;
  const handsS = dayPlan.cooks.reduce((sum, cook) => sum + cook.handsS, 0);
  const nameOf = (id: string) => batches.find((batch) => batch.id === id)?.name ?? '';
  return (
    <Panel aria-label={E.ways}>
      <PanelTitle>{isLate ? E.waysLate(printer.span(lateS)) : E.ways}</PanelTitle>
      {!isLate && !isAsked && <Button onPress={() => setAsked(true)}>{E.lookWays}</Button>}
      {ways.isFetching && <Soft role="status">{E.looking}</Soft>}
      {ways.error && <Problem>{problemOf(ways.error).message}</Problem>}
      {ways.data && (
        <List aria-label={E.ways}>
          {ways.data.ways.map((out) => {
            const { title, says, isGood } = wayText(out, nameOf, printer, handsS);
            return (
              <li key={`${out.way.kind} ${'batchId' in out.way ? out.way.batchId : ''}`}>
                <ToneMark tone={isGood ? 'good' : 'look-out'} size={18} />
                <div>
                  <strong>{title}</strong>
                  <p>
                    <Soft as="span">{says}</Soft>
                  </p>
                  <Button aria-label={`${E.take}: ${title}`} onPress={() => onTake(out.way)}>
                    {E.take}
                  </Button>
                </div>
              </li>
            );
          })}
        </List>
      )}
      {ways.data?.ways.length === 0 && <Soft>{E.noWays}</Soft>}
    </Panel>
  );
}
