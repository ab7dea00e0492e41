import type { DocumentOf, ItemKind, PreviewedItem } from '@ember-fold/core';

const KIND: Readonly<Record<ItemKind, readonly [one: string, many: string]>> = {
  kitchen: ['the kitchen’s settings', 'settings'],
  ingredient: ['ingredient', 'ingredients'],
  formula: ['formula', 'formulas'],
  stock: ['amount on the shelf', 'amounts on the shelf'],
  oil: ['oil', 'oils'],
  flour: ['noted dough', 'noted doughs'],
  usual: ['figure put back to usual', 'figures put back to usual'],
  supper: ['supper', 'suppers'],
  batch: ['batch', 'batches'],
  record: ['record', 'records'],
  'put-by': ['thing in the freezer', 'things in the freezer'],
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What a kind of thing is called; one that is not known by its own word. */
const kindName = (kind: string, n = 1): string => KIND[kind as ItemKind]?.[n === 1 ? 0 : 1] ?? kind;

const OF_NAME: Readonly<Record<DocumentOf, string>> = {
  kitchen: 'a whole kitchen',
  supper: 'a supper',
  batch: 'a batch',
  formula: 'a formula',
  record: 'a record',
};

export const STATE_NAME: Readonly<Record<PreviewedItem['state'], string>> = {
  new: 'New here',
  different: 'Different here',
  same: 'The same here',
  unreadable: 'Cannot be taken',
};

/** Fields of items, for "differs in". */
const FIELD: Readonly<Record<string, string>> = {
  draft: 'plan',
  acts: 'acts at the stove',
  readings: 'readings',
  cookActs: 'run-sheet',
  looks: 'how it came out',
  notes: 'notes',
  tags: 'tags',
  photos: 'photos',
  versions: 'versions',
  archived: 'put away or not',
  name: 'name',
  events: 'what happened to it',
  kitchen: 'settings',
  supper: 'times, guests or cooks',
  ingredient: 'figures',
  haveKg: 'amount',
  strength: 'strength',
  kind: 'planned or finished',
};

export const FILES = {
  title: 'Files',
  out: 'Save as files',
  outSays:
    'Your kitchen belongs to you. Each file says in plain text what is in it; the formats are described with the product.',
  wholeKitchen: 'The whole kitchen, JSON',
  formulas: 'Formulas, CSV',
  shopping: 'Shopping list, CSV',
  ledger: 'Ledger, CSV',
  decimalComma: 'Write numbers with a comma, for spreadsheets that expect one',
  saving: 'Writing the file…',
  in: 'Take in a file',
  inSays:
    'Choose a file of an Ember Fold kitchen, drop it on any page, or paste its text on any page. You see what it would change before anything changes.',
  choose: 'Choose a file',
  drop: 'Drop it here',
  reading: 'Looking through the file…',
  taking: 'Taking it in…',
  looks: (of: DocumentOf, madeAt: string) => `This is a file of ${OF_NAME[of]}, made ${madeAt}.`,
  tooLarge: (size: string) =>
    `This file has ${size}; no more than 48 MB are read here. Is it a copy? Bring it in under Copies.`,
  notJson: 'This file is not whole, or it is not a file of an Ember Fold kitchen.',
  nothing: 'There is nothing in it that is not here already.',
  counts: (n: number, state: PreviewedItem['state']) => `${n} ${STATE_NAME[state].toLowerCase()}`,
  take: (n: number) => `Take in ${n} ${n === 1 ? 'thing' : 'things'}`,
  leave: 'Leave it',
  all: (state: string) => `All: ${state}`,
  item: (kind: string, name: string) => capital(`${kindName(kind)}: ${name}`),
  inFile: 'What is in the file',
  differs: (fields: readonly string[]) => `Differs in ${fields.map((field) => FIELD[field] ?? field).join(', ')}.`,
  replaces: 'What is here is replaced by what is in the file.',
  at: (path: string) => ` (at ${path})`,
  more: (n: number) => `and ${n} more`,
  done: 'Done',
  row: (when: string, added: number, changed: number) => `${when}: ${added} new, ${changed} replaced`,
  last: 'Taken in lately',
  undo: 'Undo',
  undone: 'Undone',
  undoDone: (n: number) => `${n} ${n === 1 ? 'thing is' : 'things are'} as before.`,
  left: (names: readonly string[]) => `Changed since, so left as they are: ${names.join(', ')}.`,
  save: 'Save as a file',
  json: 'For another Ember Fold kitchen, JSON',
  recipe: 'For other programs, recipe data',
  markdown: 'To read, Markdown',
  drawing: 'The evening as a drawing, SVG',
  readings: 'Readings of the oil, CSV',
  failed: 'This could not be saved.',
  columns: {
    formulas: ['formula', 'kind', 'version', 'part', 'ingredient', 'mass_g'],
    shopping: ['ingredient', 'buy_g', 'units', 'sold_in', 'needed_g', 'on_the_shelf_g', 'cost', 'for'],
    ledger: [
      ...['name', 'started_at', 'pieces', 'fried', 'opened', 'oil_mean_c', 'oil_least_c', 'oil_most_c'],
      ...['in_band_percent', 'mean_in_oil_s', 'tags'],
    ],
    readings: ['time_s', 'oil_c'],
  },
} as const;

/** Readings of a thermometer’s file, put into a record. */
export const READINGS = {
  open: 'Readings from a file',
  title: 'Readings from a thermometer’s file',
  says: 'Choose the file that your thermometer wrote (CSV). Look whether the columns are right; nothing changes before you say yes.',
  choose: 'Choose a file',
  thinned:
    'This record is older than a year. Of its readings the mean, the lowest and the highest of each 10 s are kept.',
  none: 'No column of this file looks like times, or none like temperatures.',
  time: 'Times are in',
  temp: 'Temperatures are in',
  kind: 'Times are',
  unit: 'Temperatures are',
  kinds: { seconds: 'seconds', minutes: 'minutes', clock: 'clock times', moment: 'days and times' },
  minutes: 'minutes such as 0 or 4.5',
  from: 'The first reading, minutes after the stove was lit',
  found: (n: number, minutes: string, low: string, high: string) => `${n} readings over ${minutes}, ${low} to ${high}.`,
  refused: (n: number, lines: readonly number[]) =>
    `${n} ${n === 1 ? 'line is' : 'lines are'} no reading: ${lines.slice(0, 8).join(', ')}${n > 8 ? '…' : ''}.`,
  replace: 'They take the place of the readings of this record. It can be undone under Store, Files.',
  take: 'Put them into this record',
} as const;

/** Words of a recipe that goes out. */
export const RECIPE = {
  dough: 'Dough',
  filling: (name: string | null) => (name === null ? 'Filling' : `Filling: ${name}`),
  makes: (n: number) => `${n} ${n === 1 ? 'piece' : 'pieces'}`,
  makeDough: (family: string) => `Make the dough: ${family}.`,
  cook: (percent: string) => `Cook the filling until ${percent} of its weight is left, and cool it.`,
  fold: (steps: readonly string[]) => `${steps.join('. ')}.`,
  fry: (temp: string, minutes: string | null, core: string) =>
    `Fry at ${temp}${minutes === null ? '' : ` for ${minutes}`}, until golden and the middle of the filling has ${core}.`,
  bake: (temp: string, core: string) => `Bake at ${temp}, until golden and the middle of the filling has ${core}.`,
  laidBy: { freeze: 'Freeze the pieces on a tray.', chill: 'Keep the pieces covered in the fridge.' },
  line: (amount: string, name: string) => `${amount} ${name}`,
  caution: 'Keep pieces at room temperature no longer than 2 h in all. Local food rules come first.',
  oil: 'Never leave hot oil. Keep a lid that fits the pot beside it; water never goes on burning oil.',
} as const;
