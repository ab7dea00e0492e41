import { Suspense, useEffect, useState } from 'react';
import type { SupperRow } from '@ember-fold/core/plan';
import { api } from '../data/api/api';
import { useAside } from '../data/offline/outbox';
import { useShownFrom } from '../data/offline/keptAnswers';
import { useAppSelector } from '../data/draft/store';
import { useKitchen } from '../data/draft/useLine';
import { useDisk } from '../data/live/useDisk';
import { useMinute } from '../data/live/useMinute';
import { useOnline } from '../data/offline/useOnline';
import { SHELL_TEXT } from '#text/shell/shellText';
import { lazyPart } from '../ui/lazyPart';
import { Notice } from './Notice';

const Due = lazyPart(() => import('./Due').then((m) => ({ default: m.Due })));
const Disputes = lazyPart(() => import('./Disputes').then((m) => ({ default: m.Disputes })));

const AGE_EACH_MS = 20_000;

/** The server is away: what is shown may be old, and how old. */
function Away() {
  const online = useOnline();
  const shownFrom = useShownFrom();
  const printer = useKitchen()?.printer;
  const [nowMs, setNowMs] = useState(Date.now);
  useEffect(() => {
    const timer = setInterval(() => setNowMs(Date.now()), AGE_EACH_MS);
    return () => clearInterval(timer);
  }, []);
  if (online) return null;
  const age = shownFrom === null || !printer ? null : printer.span((nowMs - shownFrom) / 1000);
  return (
    <Notice role="status">
      {SHELL_TEXT.away}
      {age !== null && ` ${SHELL_TEXT.shownFrom(age)}`}
    </Notice>
  );
}

const HOUR_MS = 3_600_000;

/** Its day has come: something of it may be due. */
function isNear({ supper }: SupperRow, nowMs: number): boolean {
  const times = supper.servings.map(({ at }) => Date.parse(at));
  return nowMs > Math.min(...times) - 20 * HOUR_MS && nowMs < Math.max(...times) + 3 * HOUR_MS;
}

/** What every room must say, wherever it happened. */
export function Notices() {
  const clash = useAppSelector((state) => Object.values(state.saves).some((one) => one.state === 'conflict'));
  const refused = useAside().length > 0;
  const suppers = api.useSuppersQuery().data ?? [];
  const isShort = useDisk().state !== 'well';
  const nowMs = useMinute();
  const near = suppers.find((row) => isNear(row, nowMs));
  return (
    <>
      <Away />
      <Suspense fallback={null}>{near && <Due supperId={near.id} nowMs={nowMs} />}</Suspense>
      <Suspense fallback={null}>{(clash || refused || isShort) && <Disputes />}</Suspense>
    </>
  );
}
