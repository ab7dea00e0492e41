import { dayVerdict, type DayTurn, dayTurns, type SupperCook, type SupperDay } from '@ember-fold/core/supper';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { memo, useCallback, useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { useAwake } from '../data/device/useAwake';
import { api } from '../data/api/api';
import { editSupper } from '../data/draft/editSupper';
import { useKept } from '../data/offline/useKept';
import { useKitchen } from '../data/draft/useLine';
import { useMinute } from '../data/live/useMinute';
import { COOK as T } from '#text/cook/cookPhrases';
import { cookName, DAY_PLAN as E, stepInDay } from '#text/table/dayPlanPhrases';
import type { Printer } from '../text/printer';
import { SUPPER as S } from '#text/table/supperPhrases';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Page, PageTitle, TitleRow } from '../ui/layout/Page';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { figureFont } from '../ui/theme';
import { CookGrid } from './CookGrid';
import { CurrentStep } from './CurrentStep';
import { type Cook, useCook } from './useCook';

const Turns = styled.ol`
  li {
    display: grid;
    grid-template-columns: 62px minmax(0, 1fr) auto;
    gap: 10px;
    align-items: center;
    min-height: 48px;
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
`;

const isId = (value: unknown): value is string => typeof value === 'string' && value.length <= 40;

/** The run of a whole day plan for one cook: the run-sheets of all batches merged, one step at a time. */
export function DayRoom() {
  useAwake();
  const { id = '' } = useParams();
  const suppers = api.useSuppersQuery();
  const isThere = suppers.data?.some((row) => row.id === id) ?? true;
  const dayPlan = api.useDayPlanQuery(isThere && suppers.data ? id : skipToken, {
    pollingInterval: 60_000,
    skipPollingIfUnfocused: true,
  });
  const printer = useKitchen()?.printer;
  const name = suppers.data?.find((row) => row.id === id)?.supper.name ?? '';
  if (!isThere)
    return (
      <Page>
        <PageTitle of={[S.gone]} />
        <Panel>
          <h1>{S.gone}</h1>
          <Soft>{S.goneSays}</Soft>
          <Link to="/table">{S.toTable}</Link>
        </Panel>
      </Page>
    );
  return (
    <Page>
      <Asked of={dayPlan} what={E.theDayPlan}>
        {(told) => (printer ? <Run key={id} supperId={id} name={name} told={told} printer={printer} /> : null)}
      </Asked>
    </Page>
  );
}

interface RunProps {
  readonly supperId: string;
  readonly name: string;
  readonly told: SupperDay;
  readonly printer: Printer;
}

function Run({ supperId, name, told, printer }: RunProps) {
  const { cooks, batches, dayPlan } = told;
  const [who, setWho] = useKept('day-cook', isId);
  const [run, setRun] = useState<Readonly<Record<string, Cook>>>({});
  const onCook = useCallback((batchId: string, cook: Cook) => setRun((now) => ({ ...now, [batchId]: cook })), []);
  const nowMs = useMinute();
  const mine = cooks.findIndex(({ id }) => id === who);
  const me = cooks.length === 1 ? 0 : mine;
  const turns = useMemo(() => (dayPlan ? dayTurns(dayPlan, me < 0 ? null : me) : []), [dayPlan, me]);
  const [current, ...next] = turns;
  const names = Object.fromEntries([
    ['all', E.everyone] as const,
    ...cooks.map((cook, i) => [cook.id, cookName(cook, i, cooks.length)] as const),
  ]);
  const cook = current && run[current.batchId];
  const sheetStep = current && cook?.sheet.find((step) => step.id === current.step.id);
  const hand = (turn: DayTurn, to: SupperCook) =>
    editSupper(supperId, (now) => ({
      ...now,
      cooks: now.cooks ?? cooks,
      pins: { ...now.pins, [turn.entry.id]: { ...now.pins?.[turn.entry.id], cook: to.id } },
    }));
  return (
    <>
      <PageTitle of={[T.cook, name]} />
      {batches.map((batch) => (
        <OneBatch key={batch.id} batchId={batch.id} me={me < 0 ? '' : (names[cooks[me]!.id] ?? '')} onCook={onCook} />
      ))}
      <TitleRow>
        <h1>{name}</h1>
        {dayPlan && (
          <Soft as="span">
            {dayVerdict(dayPlan) === 'late'
              ? E.lateBy(printer.span(dayPlan.lateS))
              : dayPlan.allUpMs === null
                ? ''
                : E.allUp(printer.clock(dayPlan.allUpMs))}
          </Soft>
        )}
        <span className="grow" />
        <Link to={`/table/${supperId}`}>{E.itsDayPlan}</Link>
      </TitleRow>
      <CookGrid>
        <div>
          {!current ? (
            <Panel>
              <h2>{told.problem === null ? T.allDone : E.notPlanned}</h2>
              <Soft>
                {told.problem !== null
                  ? E.problem[told.problem]
                  : me < 0 || !dayPlan?.entries.length
                    ? E.over
                    : E.restIsOthers}
              </Soft>
            </Panel>
          ) : cook && sheetStep ? (
            <>
              <Soft as="p" role="status">
                {[
                  batches.find((batch) => batch.id === current.batchId)?.name,
                  current.startMs > nowMs + 60_000 ? E.notBefore(printer.clock(current.startMs)) : null,
                ]
                  .filter(Boolean)
                  .join(', ')}
              </Soft>
              <CurrentStep
                key={`${current.batchId} ${sheetStep.id}`}
                batchId={current.batchId}
                cook={cook}
                step={sheetStep}
                printer={printer}
              />
            </>
          ) : (
            <Soft role="status">{E.opening}</Soft>
          )}
        </div>
        <div>
          {cooks.length > 1 && (
            <Panel>
              <Pick
                label={T.whoCooksAtThisDevice}
                value={me < 0 ? 'all' : cooks[me]!.id}
                options={names}
                onChange={(id) => setWho(id === 'all' ? null : id)}
              />
            </Panel>
          )}
          <Panel aria-label={T.whatComes}>
            <PanelTitle>{T.next}</PanelTitle>
            <Turns aria-label={T.next}>
              {next.slice(0, 12).map((turn) => {
                const title = stepInDay({ ...turn, what: turn.step.what, fromS: 0, lengthS: 0 });
                const others = cooks.filter((_, i) => i !== turn.entry.cook);
                const isFirstOfEntry = turn.entry.steps.find(({ step }) => step)?.step?.id === turn.step.id;
                return (
                  <li key={`${turn.batchId} ${turn.step.id}`}>
                    <time dateTime={new Date(turn.startMs).toISOString()}>{printer.clock(turn.startMs)}</time>
                    <span>
                      {title}
                      <small>{batches.find((batch) => batch.id === turn.batchId)?.name}</small>
                    </span>
                    <span>
                      {isFirstOfEntry &&
                        others.slice(0, 1).map((other) => (
                          <Button
                            key={other.id}
                            $look="quiet"
                            aria-label={E.handTo(title, names[other.id] ?? '')}
                            onPress={() => hand(turn, other)}
                          >
                            {E.toCook(names[other.id] ?? '')}
                          </Button>
                        ))}
                    </span>
                  </li>
                );
              })}
            </Turns>
            {next.length === 0 && <Soft>{T.nothingMore}</Soft>}
          </Panel>
        </div>
      </CookGrid>
    </>
  );
}

interface OneBatchProps {
  readonly batchId: string;
  readonly me: string;
  readonly onCook: (batchId: string, cook: Cook) => void;
}

/** Keeps the run-sheet of one batch at hand; draws nothing. */
const OneBatch = memo(function OneBatch({ batchId, me, onCook }: OneBatchProps) {
  const { cook } = useCook(batchId, me);
  useEffect(() => {
    if (cook) onCook(batchId, cook);
  }, [batchId, cook, onCook]);
  return null;
});
