import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { dropAside, retryAside, useAside } from '../data/outbox';
import { useShownFrom } from '../data/keptAnswers';
import { saver } from '../data/saves';
import { useAppSelector } from '../data/store';
import { useKitchen } from '../data/useLine';
import { useOnline } from '../data/useOnline';
import { clashText, outgoingName, savedName } from '../text/clashText';
import { SHELL_TEXT } from '../text/shellText';
import { Button } from '../ui/controls/Button';

const Notice = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  padding: 8px 22px;
  font-size: 14px;
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.panel};
  border-bottom: 2px solid ${({ theme }) => theme.lookOut};
  li {
    list-style: none;
  }
`;

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

/** Fields that two devices have set differently: both values, and the choice. */
function Clashes() {
  const saves = useAppSelector((state) => state.saves);
  const printer = useKitchen()?.printer;
  if (!printer) return null;
  return Object.entries(saves).map(([key, { state, clashes }]) =>
    state !== 'conflict' ? null : (
      <Notice key={key} role="alert">
        <strong>{SHELL_TEXT.clash(savedName(key))}</strong>
        <ul>
          {clashes.map((clash) => {
            const { name, mine, theirs } = clashText(clash, printer);
            return <li key={clash.path.join('.')}>{SHELL_TEXT.sides(name, mine, theirs)}</li>;
          })}
        </ul>
        <Button onPress={() => saver.choose(key, 'mine')}>{SHELL_TEXT.keepMine}</Button>
        <Button onPress={() => saver.choose(key, 'theirs')}>{SHELL_TEXT.takeTheirs}</Button>
      </Notice>
    ),
  );
}

/** What the server would not take: it blocks nothing, and is not lost without a word. */
function Refused() {
  const aside = useAside();
  return aside.map(({ item, problem }) => (
    <Notice key={item.id} role="alert">
      <span>{SHELL_TEXT.refused(outgoingName(item.lane, item.body), problem.message)}</span>
      <Button onPress={() => void retryAside(item.id)}>{SHELL_TEXT.tryAgain}</Button>
      <Button $look="quiet" onPress={() => void dropAside(item.id)}>
        {SHELL_TEXT.drop}
      </Button>
    </Notice>
  ));
}

/** What every room must say, wherever it happened. */
export function Notices() {
  return (
    <>
      <Away />
      <Clashes />
      <Refused />
    </>
  );
}
