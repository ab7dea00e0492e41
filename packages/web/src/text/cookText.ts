import type {
  BatchDraft,
  CheckAnswer,
  CheckId,
  MeasureId,
  Piece,
  PlanChange,
  RunStep,
  RunStepId,
} from '@ember-fold/core';
import { plain, type Printer } from './printer';
import { FAMILY_METHOD } from './methodWords';
import { stepText } from './stepText';

/** Wording of the run-sheet. */
export const RUN_NAME: Record<RunStepId, string> = {
  'weigh-filling': 'Weigh the filling',
  'cook-filling': 'Cook the filling',
  cool: 'Filling cools',
  'mix-dough': 'Make the dough',
  rest: 'Dough rests',
  roll: 'Roll and cut',
  fold: 'Fill and seal',
  hold: 'Pieces chill, freeze or dry',
  heat: 'Heat the oil',
  fry: 'Fry',
  serve: 'Drain and serve',
};

interface Told {
  readonly draft: BatchDraft;
  readonly piece: Piece | null;
  readonly fillingKg: number;
  readonly doughKg: number;
  readonly foldC: number;
  readonly printer: Printer;
}

/** What the hands do, a sentence a line. */
export function runLines(
  step: RunStep,
  { draft, piece, fillingKg, doughKg, foldC, printer: p }: Told,
): readonly string[] {
  const { filling, dough, fry } = draft;
  switch (step.id) {
    case 'weigh-filling':
      return [
        `Everything for ${p.mass(fillingKg)} of filling, chopped small and even: large bits tear a wall.`,
        `The pan weighs ${p.mass(filling.panKg)}; it counts when it goes on the scale again.`,
      ];
    case 'cook-filling':
      return [
        `Until pan and filling weigh ${p.mass(step.planned ?? 0)}: ${p.percent(filling.cookToShare)} of what went in.`,
        'Salt last when cheese, stock or sauce carry their own.',
      ];
    case 'cool':
      return [
        `Shallow, ${filling.covered ? 'covered' : 'open'}, until ${p.temp(foldC)} or less: warm filling softens the rim and steams a seam open.`,
        'Into the fridge within 2 hours of cooking.',
      ];
    case 'mix-dough':
      return FAMILY_METHOD[dough.family];
    case 'rest':
      return ['Covered, so that no skin forms. Gluten lets go, and a disc no longer springs back.'];
    case 'roll':
      return piece
        ? [
            `${stepText(draft, piece, p)[0]!}.`,
            `${p.mass(doughKg / draft.pieces)} of dough a piece; keep what waits under a damp cloth.`,
          ]
        : [];
    case 'fold':
      return piece
        ? stepText(draft, piece, p)
            .slice(1)
            .map((line) => `${line}.`)
        : [];
    case 'hold':
      return ['On an open tray, not touching, oldest first to the oil.'];
    case 'heat':
      return [
        `To ${p.temp(fry.oilC)}, at the stove. From here on the oil is never left alone.`,
        'A crumb of dough tells what no probe does.',
      ];
    case 'fry':
      return ['At the stove: what to drop, flip and lift is said there.'];
    case 'serve':
      return ['On a rack, one layer, never stacked. Best within 2 hours.', 'Say what is in them to whoever asks.'];
    default: {
      const never: never = step.id;
      return never;
    }
  }
}

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
      'not-yet': 'A few minutes more, stirring, and weigh again.',
      no: 'Strain it and cook the juice down apart, or thicken it: wet filling opens seams.',
    },
  },
  cold: {
    ask: 'Is the middle cold to a clean finger?',
    answers: { yes: 'Cold', 'not-yet': 'Lukewarm', no: 'Warm' },
    remedy: {
      'not-yet': 'Spread it thinner; ten minutes more.',
      no: 'Split it in two dishes, cold water under them, then the fridge.',
    },
  },
  fist: {
    ask: 'Squeeze a fistful. Does it keep its shape?',
    answers: { yes: 'It keeps', 'not-yet': 'Falls in lumps', no: 'Falls to dust' },
    remedy: {
      'not-yet': 'Rub two minutes more, with the fingertips.',
      no: 'Too little fat has reached the flour: rub in a spoon more before any water.',
    },
  },
  windowpane: {
    ask: 'Stretch a piece. Does light come through before it tears?',
    answers: { yes: 'Like a window', 'not-yet': 'Tears late', no: 'Tears at once' },
    remedy: {
      'not-yet': 'Knead two or three minutes more.',
      no: 'Rest it ten minutes, covered, then knead again; a spoon of water if it is dry.',
    },
  },
  smooth: {
    ask: 'Is it one smooth mass, with no dry crumbs?',
    answers: { yes: 'Smooth', 'not-yet': 'Still shaggy', no: 'Cracks or sticks' },
    remedy: {
      'not-yet': 'Press it together once more; do not knead long.',
      no: 'It cracks: water by the spoon. It sticks: a little flour, and rest.',
    },
  },
  slack: {
    ask: 'Press a finger in. Does the dent stay, slow to come back?',
    answers: { yes: 'Slow', 'not-yet': 'Springs a little', no: 'Springs back' },
    remedy: {
      'not-yet': 'Ten minutes more under its cloth.',
      no: 'Twenty minutes more: rolled now, every disc shrinks.',
    },
  },
  seam: {
    ask: 'Pull gently at a seam. Does it hold?',
    answers: { yes: 'It holds', 'not-yet': 'Lifts at a corner', no: 'It opens' },
    remedy: {
      'not-yet': 'Pinch once more just before the oil.',
      no: 'Flour or filling on the rim: brush it off, glue, press the air out, close again. Less filling.',
    },
  },
  crumb: {
    ask: 'Drop a crumb of dough in. Does it rise in 2 to 3 seconds, fizzing steadily?',
    answers: { yes: 'Steady fizz', 'not-yet': 'Rises slowly', no: 'Jumps and browns' },
    remedy: {
      'not-yet': 'Wait: pieces drink cool oil.',
      no: 'Too hot. Heat down, and wait before anything goes in.',
    },
  },
};

export const MEASURE_NAME: Record<MeasureId, string> = {
  'pan-kg': 'Pan and filling weigh',
  'filling-c': 'Middle of the filling',
  'poured-kg': 'Poured in all',
  'rolled-m': 'Rolled to',
  pieces: 'Pieces made',
};

/** A measured or planned figure in the cook's units. */
export function measureText(measure: MeasureId, value: number, p: Printer): string {
  switch (measure) {
    case 'pan-kg':
    case 'poured-kg':
      return p.mass(value);
    case 'filling-c':
      return p.temp(value);
    case 'rolled-m':
      return p.mm(value);
    case 'pieces':
      return plain(value, 0);
    default: {
      const never: never = measure;
      return never;
    }
  }
}

/** What a measured figure has moved. */
export function changeText({ what, before, after }: PlanChange, p: Printer): string {
  switch (what) {
    case 'stiffness':
      return `Dough ${after < before ? 'softer' : 'stiffer'}: ${plain(after)} instead of ${plain(before)} of 10.`;
    case 'filling-kg':
      return `Filling: ${p.mass(after)} instead of ${p.mass(before)}.`;
    case 'filled':
      return Number.isFinite(after)
        ? `Enough filling for ${plain(after, 0)} pieces: fewer pieces, or less in each.`
        : 'Enough filling for all pieces again.';
    case 'fill':
      return `Pockets ${p.percent(after)} full instead of ${p.percent(before)}.`;
    case 'in-oil':
      return `In the oil ${p.time(after)} instead of ${p.time(before)}.`;
    case 'lots':
      return `${plain(after, 0)} lots instead of ${plain(before, 0)}.`;
    case 'at-stove':
      return `${p.span(after)} at the stove instead of ${p.span(before)}.`;
    case 'dough-left':
      return after >= 0
        ? `${p.mass(after)} of dough will be over, instead of ${p.mass(Math.max(0, before))}.`
        : `${p.mass(-after)} of dough will be missing: fewer pieces, or thinner.`;
    default: {
      const never: never = what;
      return never;
    }
  }
}

/** "on the table at 18:42, 12 min late"; long before its day, when it begins. */
export function tableText(tableMs: number, eatMs: number, firstMs: number, p: Printer): string {
  const late = (tableMs - eatMs) / 1000;
  if (late < -3 * 3600) return `Planned to begin at ${p.clock(firstMs)} on ${p.day(firstMs)}.`;
  const how = late > 120 ? `, ${p.span(late)} late` : late < -120 ? `, ${p.span(-late)} early` : ', on time';
  return `From now on as planned: on the table at ${p.clock(tableMs)}${how}.`;
}

/** A running or ringing timer, to read and to hear. */
export function timerText(name: string, lateS: number, p: Printer): string {
  if (lateS < 0) return `${name}: ${p.time(Math.ceil(-lateS))}`;
  return lateS < 5 ? `${name}: now` : `${name}: over for ${p.time(Math.floor(lateS))}`;
}
export function timerSpeech(name: string, lateS: number): string {
  const minutes = Math.floor(lateS / 60);
  return minutes < 1 ? `${name}: time is up.` : `${name}: over for ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}.`;
}
