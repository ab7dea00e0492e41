import type { CheckId, TrayDraft } from '@ember-fold/core/plan';
import { type CheckAnswer, wantedCrumb } from '@ember-fold/core/stove';
import { CRUMB_SHOULD } from '../bench/fry/methodText';

/** The checks on the run-sheet: the question, its answers, and what to do after a bad answer. */
interface Check {
  readonly ask: string;
  readonly answers: Record<CheckAnswer, string>;
  /** What to do after the other two answers. */
  readonly remedy: Record<'not-yet' | 'no', string>;
}

export const CHECK: Record<CheckId, Check> = {
  spoon: {
    ask: 'Draw a spoon through it. Does the path stay open?',
    answers: { yes: 'It stays open', 'not-yet': 'It closes slowly', no: 'It runs together' },
    remedy: {
      'not-yet': 'Cook it a few minutes longer, stirring, and check again.',
      no: 'Strain it and boil the juice down separately, or thicken it: wet filling opens seams.',
    },
  },
  cold: {
    ask: 'Does the middle feel cold to a clean finger?',
    answers: { yes: 'Cold', 'not-yet': 'Lukewarm', no: 'Warm' },
    remedy: {
      'not-yet': 'Spread it thinner and wait another ten minutes.',
      no: 'Split it in two dishes, set them in cold water, then put them in the fridge.',
    },
  },
  fist: {
    ask: 'Squeeze a fistful. Does it keep its shape?',
    answers: { yes: 'It does', 'not-yet': 'It falls into lumps', no: 'It falls to dust' },
    remedy: {
      'not-yet': 'Rub it two minutes longer with your fingertips.',
      no: 'There is too little fat in the flour. Rub in a spoon more before you add water.',
    },
  },
  windowpane: {
    ask: 'Stretch a piece. Does light come through before it tears?',
    answers: { yes: 'Yes, like a window', 'not-yet': 'It tears just before', no: 'It tears at once' },
    remedy: {
      'not-yet': 'Knead two or three minutes longer.',
      no: 'Rest it ten minutes, covered, then knead again. Add a spoon of water if it is dry.',
    },
  },
  smooth: {
    ask: 'Is it one smooth mass, with no dry crumbs?',
    answers: { yes: 'Smooth', 'not-yet': 'Still shaggy', no: 'It cracks or sticks' },
    remedy: {
      'not-yet': 'Press it together once more. Do not knead it for long.',
      no: 'If it cracks, add water a spoonful at a time. If it sticks, add a little flour and let it rest.',
    },
  },
  slack: {
    ask: 'Press a finger in. Does the dent come back only slowly?',
    answers: { yes: 'Slowly', 'not-yet': 'It springs a little', no: 'It springs back' },
    remedy: {
      'not-yet': 'Leave it under its cloth for another ten minutes.',
      no: 'Leave it for another twenty minutes. If you roll it now, every disc will shrink back.',
    },
  },
  poke: {
    ask: 'Press a fingertip lightly into a piece. Does the dent come back slowly, and not all the way?',
    answers: { yes: 'Slowly', 'not-yet': 'At once', no: 'It stays' },
    remedy: {
      'not-yet': 'Wait another ten minutes and press again.',
      no: 'They have risen enough. Cook them now, the oldest first.',
    },
  },
  seam: {
    ask: 'Pull gently at a seam. Does it hold?',
    answers: { yes: 'It holds', 'not-yet': 'It lifts at a corner', no: 'It opens' },
    remedy: {
      'not-yet': 'Pinch it once more just before it goes into the oil.',
      no: 'There is flour or filling on the rim. Brush it off, wet the rim, press the air out and close it again. Use less filling.',
    },
  },
  crumb: {
    ask: 'Drop in a crumb of dough. Does it do what it should in this oil?',
    answers: { yes: 'It does', 'not-yet': 'It is slower', no: 'It is quicker' },
    remedy: {
      'not-yet': 'Wait. Pieces soak up oil that is too cool.',
      no: 'The oil is too hot. Turn the heat down and wait before you put anything in.',
    },
  },
};

/** The question of a check for this batch: what a crumb should do depends on the planned oil temperature. */
export function checkAsk(check: CheckId, { fry: { oilC } }: Pick<TrayDraft, 'fry'>): string {
  if (check !== 'crumb') return CHECK[check].ask;
  return `Drop in a crumb of dough. It should ${CRUMB_SHOULD[wantedCrumb(oilC)]}. Does it?`;
}
