import { plural } from '../shared/plural';
import type { CrumbAnswer, Drill, DrillKind, DrillSkill, FistHold } from '@ember-fold/core/stove';
import { crustName } from '@ember-fold/core/plan';
import { crumbRange } from '@ember-fold/core/stove';
import type { Printer } from '../../printer';
import { CRUMB_DOES, CRUMB_NAME } from '../bench/fry/methodText';
import { CRUST_WORD } from '../shared/words';

const SKILL: Readonly<Record<DrillKind, string>> = {
  crust: 'Golden or not',
  crumb: 'Reading a crumb test',
  wanted: 'The right crumb test',
  size: 'Weight by eye',
  full: 'Filling the pot',
  poke: 'The poke test',
  fist: 'The fist test',
};

/** What a squeezed fistful does, and what it means. */
const FIST: Readonly<Record<FistHold, { readonly does: string; readonly says: string }>> = {
  falls: { does: 'falls to dust', says: 'too little fat' },
  crumbles: { does: 'holds, then crumbles', says: 'a little short of fat, or not rubbed enough' },
  holds: { does: 'keeps its shape', says: 'right' },
  smears: { does: 'smears and shines', says: 'the fat has melted' },
};

/** Eye and hand: questions that train both. */
export const DRILL = {
  title: 'Eye and hand',
  says: 'Small questions that train your eye and hand. What you get wrong comes back straight away; what you get right comes back days later.',
  apart: 'Your answers here do not change what the ledger has learnt.',
  answers: 'Answers',
  right: 'Right.',
  wrong: 'Not quite.',
  next: 'Next question',
  skills: 'What you know',
  skill: (kind: DrillKind) => SKILL[kind],
  level: (level: number) => `step ${level + 1} of 4`,
  none: 'not asked yet',
  share: ({ low, high, asked }: DrillSkill) =>
    `${Math.round(low * 100)} to ${Math.round(high * 100)} in 100 right, based on ${asked} ${plural(asked, 'answer', 'answers')}`,
  due: 'due now',
  later: (span: string) => `again in ${span}`,
  barSays: (kind: DrillKind, low: number, high: number) =>
    `${SKILL[kind]}: ${Math.round(low * 100)} to ${Math.round(high * 100)} percent`,
  lamp: 'Four crusts under a kitchen lamp',
  ball: (across: string) => `A ball of dough ${across} across, next to a bar`,
  bar: (length: string) => `${length} bar`,
  choice: (n: number) => `Crust ${n}`,
  pot: (n: number) => `Pot ${n}`,
  piece: (n: number) => `Piece ${n}`,
  fistful: (n: number) => `Fistful ${n}`,
  pots: 'Four pots of oil, seen from the side',
  pieces: 'Four proofed pieces in cross-section, a few seconds after a finger was pressed in',
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
        why: `A crumb that ${CRUMB_DOES[one.crumb]} means ${crumbOil(one.crumb, p)}. It never tells you an exact temperature.`,
      };
    case 'wanted': {
      const right = one.options[one.right]!;
      return {
        asks: `The target is ${p.temp(one.oilC)}. What does a crumb of dough do in oil that hot?`,
        options: one.options.map((answer) => CRUMB_NAME[answer]),
        why: `At ${p.temp(one.oilC)} it ${CRUMB_DOES[right]}, which means ${crumbOil(right, p)}.`,
      };
    }
    case 'full': {
      const third = p.percent(1 / 3);
      return {
        asks: 'Which pot holds the right amount of oil?',
        options: one.options.map((_, i) => DRILL.pot(i + 1)),
        why: `Oil may fill a third of the pot at most (${third}): it expands as it heats, and the pieces raise its level. ${DRILL.pot(one.right + 1)} is ${p.percent(one.options[one.right]!)} full. Much less oil overheats quickly.`,
      };
    }
    case 'poke':
      return {
        asks: 'A finger was pressed into each a few seconds ago. Which piece has proofed long enough?',
        options: one.options.map((_, i) => DRILL.piece(i + 1)),
        why: `The dent in ${DRILL.piece(one.right + 1).toLowerCase()} is filling slowly, and only in part. If the dent fills completely, the piece needs more time; if it stays, the piece has proofed too long.`,
      };
    case 'fist':
      return {
        asks: 'In which fistful is the fat rubbed in correctly?',
        options: one.options.map((_, i) => DRILL.fistful(i + 1)),
        why: `${one.options.map((hold, i) => `${DRILL.fistful(i + 1)} ${FIST[hold].does}: ${FIST[hold].says}`).join('. ')}.`,
      };
    case 'size':
      return {
        asks: 'How heavy is this ball of dough?',
        options: one.options.map((kg) => p.mass(kg)),
        why: `A ball ${p.length(one.ballM)} across weighs ${p.mass(one.options[one.right]!)}. A ball twice as heavy is only a quarter wider.`,
      };
  }
}
