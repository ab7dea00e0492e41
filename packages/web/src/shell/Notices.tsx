import { Suspense, useEffect, useState } from 'react';
import { api } from '../data/api';
import { useAside } from '../data/outbox';
import { useShownFrom } from '../data/keptAnswers';
import { useAppSelector } from '../data/store';
import { useKitchen } from '../data/useLine';
import { useOnline } from '../data/useOnline';
import { SHELL_TEXT } from '../text/shellText';
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

/** What every room must say, wherever it happened. */
export function Notices() {
  const clash = useAppSelector((state) => Object.values(state.saves).some((one) => one.state === 'conflict'));
  const refused = useAside().length > 0;
  const suppers = api.useSuppersQuery().data ?? [];
  return (
    <>
      <Away />
      <Suspense fallback={null}>{suppers.length > 0 && <Due suppers={suppers} />}</Suspense>
      <Suspense fallback={null}>{(clash || refused) && <Disputes />}</Suspense>
    </>
  );
}
