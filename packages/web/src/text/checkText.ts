import { type CheckAnswer, type CheckId, type TrayDraft, wantedCrumb } from '@ember-fold/core';
import { CRUMB_DOES } from './schoolText';

/** What hands and eyes find out on the run-sheet: the question, its answers, and what to do about the wrong ones. */
interface Check {
  readonly ask: string;
  readonly answers: Record<CheckAnswer, string>;
  /** What to do about the other two. */
  readonly remedy: Record<'not-yet' | 'no', string>;
}

export const CHECK: Record<CheckId, Check> = {
  spoon: {
    ask: 'Draw a spoon through it. Does the path stay open?',
    answers: { yes: 'It stays', 'not-yet': 'Closes slowly', no: 'It runs' },
    remedy: {
      'not-yet': 'Cook a few minutes more, stirring, and weigh again.',
      no: 'Strain it and cook the juice down apart, or thicken it: wet filling opens seams.',
    },
  },
  cold: {
    ask: 'Is the middle cold to a clean finger?',
    answers: { yes: 'Cold', 'not-yet': 'Lukewarm', no: 'Warm' },
    remedy: {
      'not-yet': 'Spread it thinner and wait ten minutes more.',
      no: 'Split it in two dishes, set them in cold water, then put them in the fridge.',
    },
  },
  fist: {
    ask: 'Squeeze a fistful. Does it keep its shape?',
    answers: { yes: 'It keeps', 'not-yet': 'Falls in lumps', no: 'Falls to dust' },
    remedy: {
      'not-yet': 'Rub two minutes more with your fingertips.',
      no: 'There is too little fat in the flour. Rub in a spoon more before you add water.',
    },
  },
  windowpane: {
    ask: 'Stretch a piece. Does light come through before it tears?',
    answers: { yes: 'Like a window', 'not-yet': 'Tears late', no: 'Tears at once' },
    remedy: {
      'not-yet': 'Knead two or three minutes more.',
      no: 'Rest it ten minutes, covered, then knead again. Add a spoon of water if it is dry.',
    },
  },
  smooth: {
    ask: 'Is it one smooth mass, with no dry crumbs?',
    answers: { yes: 'Smooth', 'not-yet': 'Still shaggy', no: 'Cracks or sticks' },
    remedy: {
      'not-yet': 'Press it together once more. Do not knead long.',
      no: 'If it cracks, add water by the spoon. If it sticks, add a little flour and let it rest.',
    },
  },
  slack: {
    ask: 'Press a finger in. Does the dent stay, slow to come back?',
    answers: { yes: 'Slow', 'not-yet': 'Springs a little', no: 'Springs back' },
    remedy: {
      'not-yet': 'Leave it ten minutes more under its cloth.',
      no: 'Leave it twenty minutes more. Rolled now, every disc shrinks.',
    },
  },
  poke: {
    ask: 'Press a fingertip lightly into a piece. Does the dent come back slowly, and not all the way?',
    answers: { yes: 'Slowly', 'not-yet': 'At once', no: 'It stays' },
    remedy: {
      'not-yet': 'Wait ten minutes more and press again.',
      no: 'They have risen enough. Cook them now, the oldest first.',
    },
  },
  seam: {
    ask: 'Pull gently at a seam. Does it hold?',
    answers: { yes: 'It holds', 'not-yet': 'Lifts at a corner', no: 'It opens' },
    remedy: {
      'not-yet': 'Pinch once more just before the oil.',
      no: 'Flour or filling is on the rim. Brush it off, wet the rim, press the air out and close it again. Take less filling.',
    },
  },
  crumb: {
    ask: 'Drop a crumb of dough in. Does it do what it should in this oil?',
    answers: { yes: 'It does', 'not-yet': 'It is slower', no: 'It is quicker' },
    remedy: {
      'not-yet': 'Wait. Pieces soak up oil that is too cool.',
      no: 'The oil is too hot. Turn the heat down and wait before anything goes in.',
    },
  },
};

/** The question of a check as this batch asks it: a crumb is judged by the oil of its plan. */
export function checkAsk(check: CheckId, { fry: { oilC } }: Pick<TrayDraft, 'fry'>): string {
  if (check !== 'crumb') return CHECK[check].ask;
  return `Drop a crumb of dough in. Right is: it ${CRUMB_DOES[wantedCrumb(oilC)]}. Does it?`;
}
