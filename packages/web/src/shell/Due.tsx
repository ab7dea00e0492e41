import { dayTurns } from '@ember-fold/core/supper';
import { Link, useLocation } from 'react-router';
import { api } from '../data/api/api';
import { useKept } from '../data/offline/useKept';
import { useKitchen } from '../data/draft/useLine';
import { DAY_PLAN as E, stepInDay } from '#text/table/dayPlanPhrases';
import { Notice } from './Notice';

/** A step is called when it is due, or so long before. */
const SOON_MS = 120_000;

const isId = (value: unknown): value is string => typeof value === 'string' && value.length <= 40;

/** What is due now in the day plan, announced in every room. */
export function Due({ supperId, nowMs }: { readonly supperId: string; readonly nowMs: number }) {
  const { pathname } = useLocation();
  const printer = useKitchen()?.printer;
  const [who] = useKept('day-cook', isId);
  const told = api.useDayPlanQuery(supperId, { pollingInterval: 60_000, skipPollingIfUnfocused: true }).data;
  if (!told?.dayPlan || !printer || pathname.includes(supperId)) return null;
  const mine = told.cooks.length === 1 ? 0 : told.cooks.findIndex(({ id }) => id === who);
  const [turn] = dayTurns(told.dayPlan, mine < 0 ? null : mine);
  if (!turn || turn.startMs > nowMs + SOON_MS) return null;
  const what = stepInDay({ ...turn, what: turn.step.what, fromS: 0, lengthS: 0 });
  const batch = told.batches.find(({ id }) => id === turn.batchId)?.name ?? '';
  return (
    <Notice role="status" aria-label={E.dueNow}>
      <Link to={`/cook/supper/${supperId}`}>{E.due(E.of(what, batch), printer.clock(turn.startMs))}</Link>
    </Notice>
  );
}
