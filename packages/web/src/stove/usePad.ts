import { RANGES } from '@ember-fold/core/plan';
import {
  type StoveAct,
  stoveTargets,
  OVEN_FINISH,
  type OvenWhy,
  type PadTargets,
  type PieceActKind,
  type SeenLooks,
  takeOutOrder,
} from '@ember-fold/core/stove';
import { useEffect, useRef, useState } from 'react';
import { startTimer } from '../data/live/useTimers';
import { HEARD } from '#text/stove/stovePhrases';
import { ovenTimerName } from '#text/stove/stoveWords';
import { stoveSecond } from './stoveSecond';
import type { StoveFigures } from './useStoveFigures';
import type { LiveStove } from './useLiveStove';

/** While one of these is open, no key acts on what lies behind it. */
const SHEET = '[role="dialog"], [role="alertdialog"]';
type WithoutBase<A> = A extends StoveAct ? Omit<A, 'id' | 'atS'> : never;

const NOTHING: PadTargets = { turn: [], 'take-out': [], drop: [], burst: [] };

interface PadChoices {
  /** The letters act; absent: they do. */
  readonly hasKeys?: boolean;
  /** What goes into the oven gets a timer of the kitchen; absent: it does. */
  readonly hasTimers?: boolean;
}

/**
 * Selection, buttons and keys of the stove; every act gets its moment and its id here. Long for
 * it is one handler a key, all over the same selection.
 */
export function usePad(
  live: LiveStove,
  figures: StoveFigures | null,
  send: (act: StoveAct) => void,
  { hasKeys = true, hasTimers = true }: PadChoices = {},
) {
  const [selected, setSelected] = useState<ReadonlySet<number>>(new Set());
  const [fewer, setFewer] = useState(0);
  const targets = figures ? stoveTargets(figures, selected, fewer) : NOTHING;
  // The page's clock is set anew by each word of the server, and goes back when one comes late. What is done now is
  // never before what was done already: a taking out before its drop would count for nothing.
  const record = (act: WithoutBase<StoveAct>) => {
    const lastS = live.acts.reduce((last, one) => Math.max(last, one.atS), 0);
    send({ ...act, id: crypto.randomUUID(), atS: Math.max(lastS, stoveSecond(live)) } as StoveAct);
  };
  const inOven = (numbers: readonly number[], why: OvenWhy, afterS: number) => {
    if (!hasTimers) return;
    const { batchId, speed, draft } = live.stove;
    const seconds = afterS / speed;
    startTimer({ name: ovenTimerName(numbers, why, draft.name), seconds, batchId });
  };
  const orderFor = (numbers: readonly number[]) => takeOutOrder(figures?.predictions ?? [], numbers);
  const pieces = (kind: PieceActKind, numbers: readonly number[]) => {
    if (numbers.length === 0) return;
    const some = numbers.slice(0, RANGES.stove.together.most);
    if (kind === 'take-out') record({ kind, pieces: some, ...orderFor(some) });
    else record({ kind, pieces: some });
    setSelected(new Set());
    if (kind === 'drop') setFewer(0);
    if (kind === 'burst') inOven(numbers, 'burst', OVEN_FINISH.burst.afterS);
    if (kind === 'aside') inOven(numbers, 'raw', OVEN_FINISH.raw.afterS);
  };
  /** Out of the oil, and into the oven where the plan finishes them there. */
  const takeOut = (numbers: readonly number[]) => {
    const order = figures?.thenOven;
    if (!order) return pieces('take-out', numbers);
    if (numbers.length === 0) return;
    const some = numbers.slice(0, RANGES.stove.together.most);
    record({ kind: 'to-oven', pieces: some, ...order, ...orderFor(some) });
    setSelected(new Set());
    inOven(numbers, 'plan', order.afterS);
  };
  /** A burst without a number is recorded only if it is clear which piece it was. */
  const burstIfClear = () => {
    if (targets.burst.length === 1) pad.act('burst');
  };
  const pad = {
    targets,
    selected,
    select: (number: number) =>
      setSelected((now) => {
        const next = new Set(now);
        if (!next.delete(number)) next.add(number);
        return next;
      }),
    pieces,
    takeOut,
    act: (kind: keyof PadTargets) => (kind === 'take-out' ? takeOut(targets[kind]) : pieces(kind, targets[kind])),
    burner: (setting: number) => record({ kind: 'burner', setting }),
    /** What was taken out last and turned out raw inside, or what the list says. */
    aside: (numbers?: readonly number[]) =>
      pieces('aside', numbers ?? figures?.steps.find((step) => step.act === 'aside')?.pieces ?? []),
    skim: () => record({ kind: 'skim' }),
    here: () => record({ kind: 'here' }),
    topUp: (m3: number) => record({ kind: 'top-up', m3 }),
    oil: (tempC: number, spreadC: number) => record({ kind: 'oil', tempC, spreadC }),
    looks: (numbers: readonly number[], looks: SeenLooks) =>
      record({ kind: 'seen', pieces: numbers.slice(0, RANGES.stove.together.most), looks }),
    core: (piece: number, tempC: number, predictedC: number | null) =>
      record({ kind: 'core', piece, tempC, predictedC }),
    /** A command from speech recognition. */
    spoken: (words: string) => {
      const said = HEARD.find(([, pattern]) => pattern.test(words))?.[0];
      if (said === 'undo') pad.takeBack();
      else if (said === 'aside') pad.aside();
      else if (said === 'skim') pad.skim();
      else if (said === 'burst') burstIfClear();
      else if (said) pad.act(said);
    },
    takeBack: () => {
      const last = figures?.state.lastAct;
      if (last) record({ kind: 'take-back', actId: last.id });
    },
    dropFewer: (by: number) => setFewer((now) => now + by),
  };
  // Keys: T turn, D drop, O take out, B burst, K skim, U undo (F and L are the older keys for T and O). They
  // do nothing while text is being typed or a dialog is open.
  const latest = useRef(pad);
  useEffect(() => {
    latest.current = pad;
  });
  useEffect(() => {
    if (!hasKeys) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      const at = event.target as HTMLElement;
      if (at.closest(`input, textarea, ${SHEET}`) || document.querySelector(SHEET)) return;
      const now = latest.current;
      switch (event.key.toLowerCase()) {
        case 't':
        case 'f':
          return now.act('turn');
        case 'd':
          return now.act('drop');
        case 'o':
        case 'l':
          return now.act('take-out');
        case 'b':
          if (now.targets.burst.length === 1) now.act('burst');
          return;
        case 'k':
          return now.skim();
        case 'u':
          return now.takeBack();
        default:
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [hasKeys]);
  return pad;
}
