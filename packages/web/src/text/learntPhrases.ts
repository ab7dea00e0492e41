import type {
  Belief,
  LearntKind,
  SeenObservation,
  Source,
  SourcedFigure,
  SourcedId,
  TrayDraft,
} from '@ember-fold/core';
import { crustName } from '@ember-fold/core';
import { FORM_NAME } from './formWords';
import { plain, type Printer } from './printer';
import { HANDS_NAME } from './storeWords';
import { CRUST_WORD, FAMILY_NAME } from './words';

/** What is said of learnt figures and of where figures come from. */
export const LEARNT = {
  title: 'Learnt',
  says: 'What your finished batches have taught. Every plan counts with it.',
  nothing: 'Nothing is learnt yet',
  nothingSays:
    'Fry a batch, say how it came out, and its colour, its minutes and what opened are noted here by themselves.',
  usual: 'Use the usual',
  again: 'Use what was learnt',
  putBack: 'Put back to the usual',
  from: 'Learnt from',
  others: 'What flour drinks is learnt in the dough station, the ring at the stove, the oven where you bake.',
  whereSays: 'Each figure of this plan, and what it is from.',
  toLearnt: 'All that was learnt',
  what: 'the learnt figures',
  goneFormula: 'A formula that is gone',
} as const;

export const LEARNT_NAME: Readonly<Record<LearntKind, string>> = {
  browning: 'How fast it colours',
  golden: 'What you call golden (on the scale, 0.7 to 1.4 is golden)',
  opens: 'How often pieces open',
  portions: 'How your portions differ',
  hands: 'Your minutes',
  'boil-off': 'What boils off',
  fist: 'Fat from which the fist test holds',
};

const SOURCED_NAME: Readonly<Record<SourcedId, string>> = {
  'water-wanted': 'Water the flour drinks',
  'poured-kg': 'Liquid to pour',
  fist: 'Fist test holds from, fat of the flour',
  'boil-off': 'Liquid that boils off',
  'mix-s': 'Making one dough',
  'filling-kg': 'Filling when cooked',
  'cook-filling-s': 'Cooking a filling',
  'cools-s': 'Filling cools in',
  'filling-each-kg': 'Filling in a piece',
  'rolled-m': 'Rolled to',
  opens: 'Pieces that open',
  portions: 'Portions differ by',
  'fold-each-s': 'Folding one piece',
  'oil-c': 'Oil',
  browning: 'Speed of colouring',
  golden: 'Lifted at colour',
  'lift-s': 'Time in the oil',
  lot: 'Pieces in a lot',
  oven: 'Heat of the oven',
  'serve-s': 'Draining and serving',
  start: 'Begin at',
};
export const sourcedName = (id: SourcedId): string => SOURCED_NAME[id];

/** A figure whose source is told, in the cook's units. */
export function sourcedValue(id: SourcedId, value: number, p: Printer): string {
  switch (id) {
    case 'water-wanted':
    case 'fist':
    case 'boil-off':
    case 'opens':
    case 'portions':
      return value < 0.1 ? `${plain(100 * value, 1)} %` : p.percent(value);
    case 'poured-kg':
      return p.water(value);
    case 'filling-kg':
    case 'filling-each-kg':
      return p.mass(value);
    case 'mix-s':
    case 'cook-filling-s':
    case 'serve-s':
    case 'cools-s':
      return p.span(value);
    case 'fold-each-s':
      return `${plain(value, 0)} s`;
    case 'lift-s':
      return p.time(value);
    case 'rolled-m':
      return p.length(value);
    case 'oil-c':
      return p.temp(value);
    case 'browning':
      return besideUsual(value, 'faster', 'slower');
    case 'oven':
      return besideUsual(value, 'hotter', 'cooler');
    case 'golden':
      return `${CRUST_WORD[crustName(value)]}, ${plain(value, 2)}`;
    case 'lot':
      return plain(value, 0);
    case 'start':
      return p.clock(value);
    default: {
      const never: never = id;
      return never;
    }
  }
}

/** Less than this beside the usual is no difference. */
const SAME = 0.005;

/** A factor beside the usual: "4 % slower". */
function besideUsual(value: number, more: string, less: string): string {
  const by = value - 1;
  return Math.abs(by) < SAME ? 'as usual' : `${plain(100 * Math.abs(by), 0)} % ${by > 0 ? more : less}`;
}
const asOften = (value: number) =>
  Math.abs(value - 1) < SAME ? 'as often as usual' : `${plain(value, 2)} times as often`;
const FROM = (count: number) => (count === 1 ? 'one sighting' : `your last ${count}`);

/** A belief with its range, what is usual, and from how much. */
function beliefText(belief: Belief, print: (value: number) => string, isFactor = false): string {
  const { low, high, usual, count } = belief;
  const range = print(low) === print(high) ? print(low) : `${print(low)} to ${print(high)}`;
  return `From ${FROM(count)}: ${range}${isFactor ? '' : `, usually ${print(usual)}`}.`;
}

/** Where a figure comes from, in one sentence. */
export function sourceText({ id, source }: SourcedFigure, p: Printer): string {
  switch (source.kind) {
    case 'planned':
      return 'You set it.';
    case 'weighed':
      return source.planned === null
        ? 'Measured while you made it.'
        : `Measured while you made it; planned ${sourcedValue(id, source.planned, p)}.`;
    case 'learnt': {
      const { belief } = source;
      // Hands' minutes are believed as factors of what is set.
      if (id.endsWith('-s'))
        return beliefText(belief, (value) => besideUsual(value, 'longer than set', 'less than set'), true);
      if (id === 'browning') return beliefText(belief, (value) => besideUsual(value, 'faster', 'slower'), true);
      if (id === 'oven') return beliefText(belief, (value) => besideUsual(value, 'hotter', 'cooler'), true);
      return beliefText(belief, (value) => (id === 'golden' ? plain(value, 2) : sourcedValue(id, value, p)));
    }
    case 'usual':
      return id.endsWith('-s') ? 'As set in the Store, Kitchen.' : 'As it usually is; nothing was learnt here yet.';
    case 'model':
      return `Follows from ${source.from.map((one) => SOURCED_NAME[one].toLowerCase()).join(', ')}.`;
    default: {
      const never: never = source;
      return never;
    }
  }
}

export const SOURCE_WORD: Readonly<Record<Source['kind'], string>> = {
  planned: 'set',
  weighed: 'measured',
  learnt: 'learnt',
  usual: 'usual',
  model: 'worked out',
};

/** What a belief is about: a formula or family, a form, a work of the hands. */
export function learntOf(kind: LearntKind, key: string, formulaName: (id: string) => string | undefined): string {
  switch (kind) {
    case 'browning':
      return formulaName(key) ?? FAMILY_NAME[key as TrayDraft['dough']['family']] ?? LEARNT.goneFormula;
    case 'opens':
      return FORM_NAME[key as TrayDraft['form']] ?? key;
    case 'hands':
      return HANDS_NAME[key as keyof typeof HANDS_NAME] ?? key;
    case 'boil-off':
      return key === 'on-heat' ? 'Scalded on the heat' : 'Scalded off the heat';
    case 'golden':
    case 'portions':
    case 'fist':
      return '';
    default: {
      const never: never = kind;
      return never;
    }
  }
}

/** What is believed now, in figures. */
export function learntValue(kind: LearntKind, value: number): string {
  switch (kind) {
    case 'browning':
      return besideUsual(value, 'faster', 'slower');
    case 'hands':
      return besideUsual(value, 'longer than set', 'less than set');
    case 'opens':
      return asOften(value);
    case 'golden':
      return plain(value, 2);
    case 'portions':
    case 'fist':
    case 'boil-off':
      return `${plain(100 * value, 1)} %`;
    default: {
      const never: never = kind;
      return never;
    }
  }
}

/** A belief of the list in one sentence. */
export const learntText = (kind: LearntKind, belief: Belief): string =>
  beliefText(belief, (value) => learntValue(kind, value), kind === 'browning' || kind === 'hands' || kind === 'opens');

/** What one batch said. */
export function seenText({ kind, value, of, hits, atMs, batchName }: SeenObservation, p: Printer): string {
  const said =
    kind === 'opens'
      ? `${hits} of ${of} opened`
      : kind === 'fist'
        ? `${learntValue(kind, value)} ${hits > 0 ? 'held' : 'did not hold'}`
        : learntValue(kind, value);
  return `${p.date(atMs)}, ${batchName}: ${said}`;
}
