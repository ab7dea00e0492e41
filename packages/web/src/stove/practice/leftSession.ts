import type { PracticeAct, Situation } from '@ember-fold/core/stove';
import { readKept, writeKept } from '../../data/offline/useKept';
import type { LeftSession } from './practiceStove';
import { type PracticeChoices, isChoices } from './PracticeBriefing';

const KEY = 'practice-left';

interface Left extends LeftSession {
  readonly kind: string;
  readonly seed: number;
  readonly choices: PracticeChoices;
}

const PIECE_ACTS = ['drop', 'turn', 'take-out', 'to-oven', 'burst', 'aside', 'oven-out', 'seen'];
const isAct = (value: unknown): value is PracticeAct => {
  const one = value as Partial<PracticeAct> | null;
  const what = one?.act as { kind?: unknown; pieces?: unknown } | undefined;
  if (typeof one?.id !== 'string' || !Number.isFinite(one.atS) || !Number.isInteger(one.pot)) return false;
  return typeof what?.kind === 'string' && (!PIECE_ACTS.includes(what.kind) || Array.isArray(what.pieces));
};

const isLeft = (value: unknown): value is Left => {
  const one = value as Partial<Left> | null;
  if (!one || typeof one.kind !== 'string' || !Number.isFinite(one.seed) || !Number.isFinite(one.timeS)) return false;
  return Array.isArray(one.acts) && one.acts.every(isAct) && isChoices(one.choices);
};

/** Where this very session was left, by a reload or by going away; `null`: it was not begun. */
export function leftSession({ kind, seed }: Pick<Situation, 'kind' | 'seed'>): Left | null {
  const left = readKept(KEY, isLeft);
  return left?.kind === kind && left.seed === seed ? left : null;
}

/** Keeps how far an session has come; `null`: it is over. */
export function keepSession(
  of: Pick<Situation, 'kind' | 'seed'>,
  left: (LeftSession & Pick<Left, 'choices'>) | null,
): void {
  writeKept(KEY, left && { kind: of.kind, seed: of.seed, ...left });
}
