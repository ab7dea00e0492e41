import { workBetween } from '@ember-fold/core/supper';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import { useAppSelector } from '../data/draft/store';
import { useKitchen } from '../data/draft/useLine';
import { entryName } from '#text/table/dayPlanPhrases';
import { TABLE as T } from '#text/table/tablePhrases';
import { STEP_NAME } from '#text/shared/words';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
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

interface TodayProps {
  readonly plans: Plans;
  /** Batches by the supper they are for. */
  readonly suppers: Readonly<Record<string, string>>;
  readonly nowMs: number;
}

/** What has to be begun today, over all batches, in its order: those of a supper by its day plan. */
export function Today({ plans, suppers, nowMs }: TodayProps) {
  const printer = useKitchen()?.printer;
  const from = new Date(nowMs).setHours(0, 0, 0, 0);
  const to = new Date(from).setDate(new Date(from).getDate() + 1);
  const alone = Object.entries(plans).filter(([id]) => suppers[id] === undefined);
  const batches = alone.map(([id, { trays }]) => ({ id, steps: trays[0]?.plan.serve?.steps ?? [] }));
  const dayPlans = useDayPlans([...new Set(Object.values(suppers))]);
  const work: Work[] = [
    ...workBetween(batches, from, to).map(({ batchId, step }) => ({
      key: `${batchId} ${step.id} ${step.own?.id ?? ''} ${step.mark ?? ''} ${step.portion ?? ''}`,
      startMs: step.startMs,
      to: `/cook/${batchId}`,
      says: T.step(step.own?.name ?? STEP_NAME[step.id], plans[batchId]!.name),
    })),
    ...dayPlans.flatMap(({ id, told }) =>
      (told.dayPlan?.entries ?? [])
        .filter(({ startMs }) => startMs >= from && startMs < to)
        .map((entry) => ({
          key: `${id} ${entry.id}`,
          startMs: entry.startMs,
          to: `/cook/supper/${id}`,
          says: T.step(entryName(entry), told.batches.find((one) => one.id === entry.batchId)?.name ?? ''),
        })),
    ),
  ].sort((a, b) => a.startMs - b.startMs);
  return (
    <Panel aria-label={T.today}>
      <PanelTitle>{T.today}</PanelTitle>
      {work.length === 0 && <Soft>{T.nothingToday}</Soft>}
      {printer && (
        <Steps>
          {work.map(({ key, startMs, to: link, says }) => (
            <li key={key}>
              <time dateTime={new Date(startMs).toISOString()}>{printer.clock(startMs)}</time>
              <Link to={link}>{says}</Link>
            </li>
          ))}
        </Steps>
      )}
    </Panel>
  );
}

interface Work {
  readonly key: string;
  readonly startMs: number;
  readonly to: string;
  readonly says: string;
}

/** Day plans that are known by now; the rows of their batches have asked for them. */
function useDayPlans(ids: readonly string[]) {
  const queries = useAppSelector((state) => state.api);
  return ids.flatMap((id) => {
    const told = api.endpoints.dayPlan.select(id)({ api: queries }).data;
    return told ? [{ id, told }] : [];
  });
}
