import { type FireAct, OVEN_FINISH, type OvenWhy, type PieceActKind, type SeenLooks } from '@ember-fold/core';
import { useEffect, useRef, useState } from 'react';
import { startTimer } from '../data/useTimers';
import { ovenTimerName } from '../text/fireWords';
import type { PadTargets } from './ActPad';
import { stoveSecond } from './stoveSecond';
import type { Fire } from './useFire';
import type { LiveStove } from './useStove';

/** While one of these is open, no key acts on what lies behind it. */
const SHEET = '[role="dialog"], [role="alertdialog"]';
/** Due this soon, a piece is meant without being chosen, stove s. */
const SOON_S = 25;

type WithoutBase<A> = A extends FireAct ? Omit<A, 'id' | 'atS'> : never;

function dueOf(fire: Fire, act: 'flip' | 'lift'): readonly number[] {
  const step = fire.steps.find((s) => s.act === act);
  return step && step.inS !== null && step.inS <= SOON_S ? step.pieces : [];
}

/** What each button would record: the chosen pieces, else those that are due, else all in the pot. */
function targetsOf(fire: Fire, selected: ReadonlySet<number>, fewer: number): PadTargets {
  const inPot = fire.state.inPot.map((piece) => piece.number);
  const chosen = inPot.filter((number) => selected.has(number));
  const first = fire.state.pieces.reduce((most, piece) => Math.max(most, piece.number), 0) + 1;
  // What the list says to drop: a trial is one piece.
  const said = fire.steps.find((step) => step.act === 'drop')?.pieces.length;
  // Beside others, as many as there is room for; more only when asked for.
  const planned = said ?? fire.room;
  const size = Math.min(fire.state.toFry, Math.max(planned > 0 ? 1 : 0, planned + fewer));
  const pick = (due: readonly number[]) => (chosen.length > 0 ? chosen : due.length > 0 ? due : inPot);
  return {
    flip: pick(dueOf(fire, 'flip')),
    lift: pick(dueOf(fire, 'lift')),
    drop: Array.from({ length: size }, (_, i) => first + i),
    burst: chosen.length > 0 ? chosen : inPot.length === 1 ? inPot : [],
  };
}

const NOTHING: PadTargets = { flip: [], lift: [], drop: [], burst: [] };

/** Selection, buttons and keys of the stove; every act gets its moment and its id here. */
export function usePad(live: LiveStove, fire: Fire | null, send: (act: FireAct) => void, hasKeys = true) {
  const [selected, setSelected] = useState<ReadonlySet<number>>(new Set());
  const [fewer, setFewer] = useState(0);
  const targets = fire ? targetsOf(fire, selected, fewer) : NOTHING;
  const record = (act: WithoutBase<FireAct>) =>
    send({ ...act, id: crypto.randomUUID(), atS: Math.max(0, stoveSecond(live)) } as FireAct);
  const inOven = (numbers: readonly number[], why: OvenWhy) => {
    const { batchId, speed, draft } = live.stove;
    const seconds = OVEN_FINISH[why].afterS / speed;
    startTimer({ name: ovenTimerName(numbers, why, draft.name), seconds, batchId });
  };
  const pieces = (kind: PieceActKind, numbers: readonly number[]) => {
    if (numbers.length === 0) return;
    record({ kind, pieces: numbers.slice(0, 60) });
    setSelected(new Set());
    if (kind === 'drop') setFewer(0);
    if (kind === 'burst') inOven(numbers, 'burst');
    if (kind === 'aside') inOven(numbers, 'raw');
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
    act: (kind: keyof PadTargets) => pieces(kind, targets[kind]),
    burner: (setting: number) => record({ kind: 'burner', setting }),
    /** What was lifted last and turned out raw inside, or what the list says. */
    aside: (numbers?: readonly number[]) =>
      pieces('aside', numbers ?? fire?.steps.find((step) => step.act === 'aside')?.pieces ?? []),
    skim: () => record({ kind: 'skim' }),
    here: () => record({ kind: 'here' }),
    topUp: (m3: number) => record({ kind: 'top-up', m3 }),
    oil: (tempC: number, spreadC: number) => record({ kind: 'oil', tempC, spreadC }),
    looks: (numbers: readonly number[], looks: SeenLooks) =>
      record({ kind: 'seen', pieces: numbers.slice(0, 60), looks }),
    core: (piece: number, tempC: number, predictedC: number | null) =>
      // Burnt far past anything that was meant, what was read of it says nothing.
      record({ kind: 'core', piece, tempC, predictedC: predictedC !== null && predictedC < 120 ? predictedC : null }),
    /** A command that was said. */
    spoken: (words: string) => {
      if (/flip|turn/.test(words)) pad.act('flip');
      else if (/drop/.test(words)) pad.act('drop');
      else if (/lift/.test(words)) pad.act('lift');
      else if (/aside|oven/.test(words)) pad.aside();
      else if (/burst/.test(words) && targets.burst.length === 1) pad.act('burst');
      else if (/skim/.test(words)) pad.skim();
      else if (/take back|undo/.test(words)) pad.takeBack();
    },
    takeBack: () => {
      const last = fire?.state.lastAct;
      if (last) record({ kind: 'take-back', actId: last.id });
    },
    dropFewer: (by: number) => setFewer((now) => now + by),
  };
  // Keys F D L B K, U to take back; not while something is typed or a sheet is open.
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
        case 'f':
          return now.act('flip');
        case 'd':
          return now.act('drop');
        case 'l':
          return now.act('lift');
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
