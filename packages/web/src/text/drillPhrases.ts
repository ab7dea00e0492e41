import type { CrumbAnswer, Drill, DrillKind, DrillSkill, FistHold } from '@ember-fold/core';
import { crumbRange, crustName } from '@ember-fold/core';
import type { Printer } from './printer';
import { CRUMB_DOES, CRUMB_NAME } from './schoolText';
import { CRUST_WORD } from './words';

const SKILL: Readonly<Record<DrillKind, string>> = {
  crust: 'Golden or not',
  crumb: 'Reading a crumb',
  wanted: 'The crumb you want',
  size: 'Weight by eye',
  full: 'How full is full',
  poke: 'The poke test',
  fist: 'The fist test',
};

/** What a squeezed fistful does, and what that says. */
const FIST: Readonly<Record<FistHold, { readonly does: string; readonly says: string }>> = {
  falls: { does: 'falls to dust', says: 'too little fat' },
  crumbles: { does: 'holds, then crumbles', says: 'a little short of fat, or not rubbed enough' },
  holds: { does: 'keeps its shape', says: 'right' },
  smears: { does: 'smears and shines', says: 'the fat has melted' },
};

/** Eye and hand: questions that train both. */
export const DRILL = {
  title: 'Eye and hand',
  says: 'Small questions for the eye and the hand. What you miss comes back at once, what you know after days.',
  apart: 'This teaches the product nothing: what the ledger has learnt stays as it is.',
  answers: 'Answers',
  right: 'Right.',
  wrong: 'Not this one.',
  next: 'Next question',
  skills: 'What you know',
  skill: (kind: DrillKind) => SKILL[kind],
  level: (level: number) => `step ${level + 1} of 4`,
  none: 'not asked yet',
  share: ({ low, high, asked }: DrillSkill) =>
    `${Math.round(low * 100)} to ${Math.round(high * 100)} of 100 right, from ${asked} ${asked === 1 ? 'answer' : 'answers'}`,
  due: 'due now',
  later: (span: string) => `again in ${span}`,
  barSays: (kind: DrillKind, low: number, high: number) =>
    `${SKILL[kind]}: ${Math.round(low * 100)} to ${Math.round(high * 100)} percent`,
  lamp: 'Four crusts under the kitchen lamp',
  ball: (across: string) => `A ball of dough, ${across} across, beside a bar`,
  bar: (length: string) => `${length} bar`,
  choice: (n: number) => `Crust ${n}`,
  pot: (n: number) => `Pot ${n}`,
  piece: (n: number) => `Piece ${n}`,
  fistful: (n: number) => `Fistful ${n}`,
  pots: 'Four pots with oil, cut open',
  pieces: 'Four proofed pieces, cut open, two breaths after a finger was pressed in',
  fistfuls: (all: readonly FistHold[]) => all.map((hold, i) => `${i + 1} ${FIST[hold].does}`).join(', '),
  crumbOf: (answer: CrumbAnswer) => `A crumb of dough in oil: it ${CRUMB_DOES[answer]}`,
  handbook: 'The handbook',
  practise: 'Eye and hand',
} as const;

const crumbOil = (answer: CrumbAnswer, p: Printer): string => {
  const { leastC, mostC } = crumbRange(answer);
  return `${p.temp(leastC)} to ${p.temp(mostC)}`;
};

/** The question, its answers, and why the right one is right. */
export function drillText(
  one: Drill,
  p: Printer,
): { readonly asks: string; readonly options: readonly string[]; readonly why: string } {
  switch (one.kind) {
    case 'crust':
      return {
        asks: 'Which of these is golden?',
        options: one.options.map((_, i) => DRILL.choice(i + 1)),
        why: `${one.options.map((b, i) => `${DRILL.choice(i + 1)} is ${CRUST_WORD[crustName(b)].toLowerCase()}`).join(', ')}.`,
      };
    case 'crumb':
      return {
        asks: `A crumb of dough ${CRUMB_DOES[one.crumb]}. How hot is the oil?`,
        options: one.options.map((answer) => crumbOil(answer, p)),
        why: `A crumb that ${CRUMB_DOES[one.crumb]} tells of ${crumbOil(one.crumb, p)}. It is a range, never a number.`,
      };
    case 'wanted': {
      const right = one.options[one.right]!;
      return {
        asks: `The plan wants oil at ${p.temp(one.oilC)}. What does a crumb of dough do when it is right?`,
        options: one.options.map((answer) => CRUMB_NAME[answer]),
        why: `At ${p.temp(one.oilC)} it ${CRUMB_DOES[right]}: that tells of ${crumbOil(right, p)}.`,
      };
    }
    case 'full': {
      const third = p.percent(1 / 3);
      return {
        asks: 'Which of these pots may be heated?',
        options: one.options.map((_, i) => DRILL.pot(i + 1)),
        why: `Oil fills a third of the pot at most, ${third}: it grows as it warms, and pieces push it up. ${DRILL.pot(one.right + 1)} holds ${p.percent(one.options[one.right]!)}. Far less than that runs too hot too soon.`,
      };
    }
    case 'poke':
      return {
        asks: 'A finger was pressed in two breaths ago. Which piece has proofed long enough?',
        options: one.options.map((_, i) => DRILL.piece(i + 1)),
        why: `The dent of ${DRILL.piece(one.right + 1).toLowerCase()} comes back slowly, and not all the way. One that is gone wants more time, one that stays has had too much.`,
      };
    case 'fist':
      return {
        asks: 'Which fistful of flour has its fat rubbed in right?',
        options: one.options.map((_, i) => DRILL.fistful(i + 1)),
        why: `${one.options.map((hold, i) => `${DRILL.fistful(i + 1)} ${FIST[hold].does}: ${FIST[hold].says}`).join('. ')}.`,
      };
    case 'size':
      return {
        asks: 'How heavy is this ball of dough?',
        options: one.options.map((kg) => p.mass(kg)),
        why: `A ball ${p.length(one.ballM)} across is ${p.mass(one.options[one.right]!)}. Twice as heavy is only a quarter wider.`,
      };
  }
}
