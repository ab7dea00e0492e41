import { eveningTurns } from '@ember-fold/core';
import { Link, useLocation } from 'react-router';
import { api } from '../data/api';
import { useKept } from '../data/useKept';
import { useKitchen } from '../data/useLine';
import { EVENING as E, stepInEvening } from '../text/en/table/eveningPhrases';
import { Notice } from './Notice';

/** A step is called when it is due, or so long before. */
const SOON_MS = 120_000;

const isId = (value: unknown): value is string => typeof value === 'string' && value.length <= 40;

/** What is due in the evening that goes on now, called in every room. */
export function Due({ supperId, nowMs }: { readonly supperId: string; readonly nowMs: number }) {
  const { pathname } = useLocation();
  const printer = useKitchen()?.printer;
  const [who] = useKept('evening-cook', isId);
  const told = api.useEveningQuery(supperId, { pollingInterval: 60_000, skipPollingIfUnfocused: true }).data;
  if (!told?.evening || !printer || pathname.includes(supperId)) return null;
  const mine = told.cooks.length === 1 ? 0 : told.cooks.findIndex(({ id }) => id === who);
  const [turn] = eveningTurns(told.evening, mine < 0 ? null : mine);
  if (!turn || turn.startMs > nowMs + SOON_MS) return null;
  const what = stepInEvening({ ...turn, what: turn.step.what, fromS: 0, lengthS: 0 });
  const batch = told.batches.find(({ id }) => id === turn.batchId)?.name ?? '';
  return (
    <Notice role="status" aria-label={E.dueNow}>
      <Link to={`/cook/evening/${supperId}`}>{E.due(E.of(what, batch), printer.clock(turn.startMs))}</Link>
    </Notice>
  );
}
