import { COOK as T } from '#text/cook/cookPhrases';
import { callsBy, ringing, type Timer } from '@ember-fold/core/stove';
import { AlarmClock, Check, Volume2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { notify, readyToSound, ring, say } from '../data/device/bell';
import { serverNowMs } from '../data/live/serverClock';
import { figureFont } from '../ui/theme';
import { useKitchen } from '../data/draft/useLine';
import { moveTimer, stopTimer, useTimers } from '../data/live/useTimers';
import { Button } from '../ui/controls/button/Button';
import { Strip } from '../ui/layout/Strip';
import { timerSpeech, timerText } from '#text/cook/cookText';
import { CallsSheet } from './CallsSheet';

const One = styled.li<{ $urgency: 'none' | 'due' | 'late' | 'very-late' }>`
  ${figureFont}
  display: flex;
  align-items: center;
  gap: 4px 10px;
  min-height: 44px;
  padding: 0 4px 0 12px;
  border-radius: 10px;
  font-size: 17px;
  color: ${({ theme, $urgency }) => ($urgency === 'none' ? theme.ink : $urgency === 'due' ? '#1c130a' : theme.onAccent)};
  background: ${({ theme, $urgency }) =>
    $urgency === 'none' ? theme.well : $urgency === 'due' ? theme.hand : theme.danger};
  a {
    color: inherit;
    text-decoration: none;
  }
  button {
    min-width: 44px;
    padding: 0 8px;
    color: inherit;
    border-color: currentColor;
  }
`;

const TICK_MS = 250;

/** Calls for every timer that is over, once for each call that is due, however long the page slept. */
function useRinging(timers: readonly Timer[], nowMs: number): void {
  const called = useRef(new Map<string, number>());
  useEffect(() => {
    for (const { id, name, endsMs } of timers) {
      const due = callsBy(endsMs, nowMs);
      const before = called.current.get(id) ?? 0;
      called.current.set(id, due);
      if (due <= before) continue;
      const { lateS, urgency } = ringing(endsMs, nowMs);
      ring('timer', urgency === 'due' ? 0.4 : urgency === 'late' ? 0.65 : 0.9);
      // Words at once, then with every fourth call.
      if (before === 0 || Math.floor(due / 4) > Math.floor(before / 4)) {
        const words = timerSpeech(name, lateS);
        say(words);
        notify(words, id);
      }
    }
  }, [timers, nowMs]);
}

/** Every timer of the kitchen, in every room; those that are over first, and louder the later they are. */
export function TimerBar() {
  const timers = useTimers();
  const printer = useKitchen()?.printer;
  const [nowMs, setNowMs] = useState(serverNowMs);
  const [open, setOpen] = useState(false);
  const some = timers.length > 0;
  useEffect(() => {
    if (!some) return;
    const timer = setInterval(() => setNowMs(serverNowMs()), TICK_MS);
    return () => clearInterval(timer);
  }, [some]);
  useEffect(() => {
    window.addEventListener('pointerdown', readyToSound);
    window.addEventListener('keydown', readyToSound);
    return () => {
      window.removeEventListener('pointerdown', readyToSound);
      window.removeEventListener('keydown', readyToSound);
    };
  }, []);
  useRinging(timers, nowMs);
  if (!some || !printer) return null;
  const over = timers.filter((timer) => timer.endsMs <= nowMs);
  return (
    <>
      <aside aria-label={T.timers}>
        <Strip aria-label={T.timers}>
          {timers.map((timer) => {
            const { lateS, urgency } = ringing(timer.endsMs, nowMs);
            const text = timerText(timer.name, lateS, printer);
            return (
              <One key={timer.id} $urgency={urgency} data-timer={urgency}>
                <AlarmClock size={18} aria-hidden />
                {timer.batchId ? <Link to={`/cook/${timer.batchId}`}>{text}</Link> : <span>{text}</span>}
                <Button $look="quiet" aria-label={T.aMinuteMore(timer.name)} onPress={() => moveTimer(timer, 60)}>
                  +1
                </Button>
                <Button $look="quiet" aria-label={`Stop: ${timer.name}`} onPress={() => stopTimer(timer)}>
                  <Check size={18} aria-hidden />
                </Button>
              </One>
            );
          })}
          <li>
            <Button $look="quiet" onPress={() => setOpen(true)}>
              <Volume2 size={18} aria-hidden />
              {T.calls}
            </Button>
          </li>
        </Strip>
        <p role="alert" className="visually-hidden">
          {over.map((timer) => timerSpeech(timer.name, 0)).join(' ')}
        </p>
      </aside>
      {open && <CallsSheet onClose={() => setOpen(false)} />}
    </>
  );
}
