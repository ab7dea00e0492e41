import { plural } from '../shared/plural';
import type { Belief, LearntKind, SeenObservation } from '@ember-fold/core/ledger';
import type { Source, SourcedFigure, SourcedId, TrayDraft } from '@ember-fold/core/plan';
import { crustName, TAKE_OUT_COLOUR } from '@ember-fold/core/plan';
import { SHAPE_WORDS } from '../shared/shapeWords';
import { plain, type Printer } from '../../printer';
import { HANDS_NAME } from './storeWords';
import { FAMILY_WORDS } from '../shared/familyWords';
import { CRUST_WORD } from '../shared/words';

/** Text about learnt figures, and about where figures come from. */
export const LEARNT = {
  title: 'Learnt',
  says: 'What your finished batches have taught the planner. Every plan uses it.',
  nothing: 'Nothing has been learnt yet',
  nothingSays:
    'Fry a batch and say how it came out. Its colour, its times and the number that burst are then learnt from automatically.',
  usual: 'Use the usual figure',
  again: 'Use the learnt figure',
  putBack: 'Reset to the usual figure',
  from: 'Learnt from',
  others:
    'How much water your flour takes is learnt at the Dough station, your burner’s heat at the stove, and your oven’s when you bake.',
  whereSays: 'Each figure of this plan, and where it comes from.',
  toLearnt: 'All learnt figures',
  what: 'the learnt figures',
  goneFormula: 'A deleted formula',
} as const;

export const LEARNT_NAME: Readonly<Record<LearntKind, string>> = {
  browning: 'How fast it browns',
  golden: 'Your golden',
  bursts: 'How often pieces burst',
  portions: 'How much your portions differ',
  hands: 'How long you take',
  'boil-off': 'How much water boils off',
  fist: 'Fat needed for the fist test to hold (share of flour)',
};

const SOURCED_NAME: Readonly<Record<SourcedId, string>> = {
  'water-wanted': 'Water the flour absorbs',
  'poured-kg': 'Liquid to pour',
  fist: 'Fat needed for the fist test to hold (share of flour)',
  'boil-off': 'Liquid that boils off',
  'mix-s': 'Making one dough',
  'filling-kg': 'Filling when cooked',
  'cook-filling-s': 'Cooking a filling',
  'cools-s': 'Filling cools in',
  'filling-each-kg': 'Filling in a piece',
  'rolled-m': 'Rolled to',
  bursts: 'Pieces that burst',
  portions: 'Portions differ by',
  'fold-each-s': 'Folding one piece',
  'oil-c': 'Oil',
  browning: 'Speed of browning',
  golden: 'Colour to take them out at',
  'take-out-s': 'Time in the oil',
  load: 'Pieces in a load',
  oven: 'Heat of the oven',
  'serve-s': 'Draining and serving',
  start: 'Start at',
};
export const sourcedName = (id: SourcedId): string => SOURCED_NAME[id];

/** A figure of the plan in the cook's units. */
export function sourcedValue(id: SourcedId, value: number, p: Printer): string {
  switch (id) {
    case 'water-wanted':
    case 'fist':
    case 'boil-off':
    case 'bursts':
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
    case 'take-out-s':
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
      return `${CRUST_WORD[crustName(value)]}, ${goldenWord(value)}`;
    case 'load':
      return plain(value, 0);
    case 'start':
      return p.clock(value);
    default: {
      const never: never = id;
      return never;
    }
  }
}

/** A factor that differs from 1 by less than this counts as the usual one. */
const SAME = 0.005;

/** A crust colour compared with the usual golden: "a little darker than usual". */
function goldenWord(colour: number): string {
  const by = colour - TAKE_OUT_COLOUR;
  if (Math.abs(by) < 0.04) return 'as usual';
  const much = Math.abs(by) < 0.15 ? 'a little' : 'clearly';
  return `${much} ${by > 0 ? 'darker' : 'paler'} than usual`;
}

/** A factor compared with the usual: "4 % slower". */
function besideUsual(value: number, more: string, less: string): string {
  const by = value - 1;
  return Math.abs(by) < SAME ? 'as usual' : `${plain(100 * Math.abs(by), 0)} % ${by > 0 ? more : less}`;
}
/** Differences in frequency below a tenth cannot be noticed in a home kitchen. */
const asOften = (value: number) =>
  Math.abs(value - 1) < 0.1 ? 'about as often as usual' : `${plain(value, 1)} times as often as usual`;
const basedOn = (count: number) => plural(count, 'one observation', `your last ${count} observations`);

/** The range that holds in 8 cases of 10, the usual value, and the number of observations. */
function beliefText(belief: Belief, print: (value: number) => string, isFactor = false): string {
  const { low, high, usual, count } = belief;
  const range = print(low) === print(high) ? print(low) : `between ${print(low)} and ${print(high)}`;
  return `8 chances in 10: ${range}${isFactor ? '' : `, usually ${print(usual)}`}. Based on ${basedOn(count)}.`;
}

/** Where a figure comes from, in one or two sentences. */
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
      // Learnt working times are factors of the times set in the Store.
      if (id.endsWith('-s'))
        return beliefText(belief, (value) => besideUsual(value, 'longer than set', 'less than set'), true);
      if (id === 'browning') return beliefText(belief, (value) => besideUsual(value, 'faster', 'slower'), true);
      if (id === 'oven') return beliefText(belief, (value) => besideUsual(value, 'hotter', 'cooler'), true);
      if (id === 'golden') return beliefText(belief, goldenWord, true);
      return beliefText(belief, (value) => sourcedValue(id, value, p));
    }
    case 'usual':
      return id.endsWith('-s')
        ? 'As set in the Store, Kitchen.'
        : 'The usual figure; nothing has been learnt about it yet.';
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
  model: 'computed',
};

/** What a learnt figure is about: a formula or family, a shape, a kind of work. */
export function learntOf(kind: LearntKind, key: string, formulaName: (id: string) => string | undefined): string {
  switch (kind) {
    case 'browning':
      return formulaName(key) ?? FAMILY_WORDS[key as TrayDraft['dough']['family']].name ?? LEARNT.goneFormula;
    case 'bursts':
      return SHAPE_WORDS[key as TrayDraft['shape']].name ?? key;
    case 'hands':
      return HANDS_NAME[key as keyof typeof HANDS_NAME] ?? key;
    case 'boil-off':
      return key === 'on-heat' ? 'Hot-water dough on the heat' : 'Hot-water dough off the heat';
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

/** A learnt value in words. */
export function learntValue(kind: LearntKind, value: number): string {
  switch (kind) {
    case 'browning':
      return besideUsual(value, 'faster', 'slower');
    case 'hands':
      return besideUsual(value, 'longer than set', 'less than set');
    case 'bursts':
      return asOften(value);
    case 'golden':
      return goldenWord(value);
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

/** One learnt figure with its range and its number of observations. */
export const learntText = (kind: LearntKind, belief: Belief): string =>
  beliefText(
    belief,
    (value) => learntValue(kind, value),
    kind === 'browning' || kind === 'hands' || kind === 'bursts' || kind === 'golden',
  );

/** What was observed in one batch. */
export function seenText({ kind, value, of, hits, atMs, batchName }: SeenObservation, p: Printer): string {
  const said =
    kind === 'bursts'
      ? `${hits} of ${of} burst`
      : kind === 'fist'
        ? `${learntValue(kind, value)} ${hits > 0 ? 'held' : 'did not hold'}`
        : learntValue(kind, value);
  return `${p.date(atMs)}, ${batchName}: ${said}`;
}
