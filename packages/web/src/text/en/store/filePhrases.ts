import { capital } from '../shared/capital';
import { plural } from '../shared/plural';
import type { DocumentOf, ItemKind, PreviewedItem } from '@ember-fold/core/files';

const KIND: Readonly<Record<ItemKind, readonly [one: string, many: string]>> = {
  kitchen: ['the kitchen’s settings', 'settings'],
  ingredient: ['ingredient', 'ingredients'],
  formula: ['formula', 'formulas'],
  stock: ['amount on the shelf', 'amounts on the shelf'],
  oil: ['oil', 'oils'],
  flour: ['recorded dough', 'recorded doughs'],
  usual: ['figure reset to usual', 'figures reset to usual'],
  supper: ['supper', 'suppers'],
  batch: ['batch', 'batches'],
  record: ['record', 'records'],
  stored: ['stored item', 'stored items'],
};

/** The name of a kind of item; an unknown kind is shown as it is written in the file. */
const kindName = (kind: string, n = 1): string => KIND[kind as ItemKind]?.[n === 1 ? 0 : 1] ?? kind;

const OF_NAME: Readonly<Record<DocumentOf, string>> = {
  kitchen: 'a whole kitchen',
  supper: 'a supper',
  batch: 'a batch',
  formula: 'a formula',
  record: 'a record',
};

export const STATE_NAME: Readonly<Record<PreviewedItem['state'], string>> = {
  new: 'New',
  different: 'Different here',
  same: 'Already here',
  unreadable: 'Cannot be imported',
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
  archived: 'archived or not',
  name: 'name',
  events: 'history',
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
    'Your data belongs to you. The files are plain text, and their formats are described in the documentation of Ember Fold.',
  wholeKitchen: 'The whole kitchen, JSON',
  formulas: 'Formulas, CSV',
  shopping: 'Shopping list, CSV',
  ledger: 'Ledger, CSV',
  decimalComma: 'Write numbers with a comma, for spreadsheets that expect one',
  saving: 'Writing the file…',
  in: 'Import a file',
  inSays:
    'Choose a file from an Ember Fold kitchen, drop it on any page, or paste its text on any page. You see what it would change before anything is changed.',
  choose: 'Choose a file',
  drop: 'Drop it here',
  reading: 'Reading the file…',
  taking: 'Importing…',
  looks: (of: DocumentOf, madeAt: string) => `This file contains ${OF_NAME[of]}, saved ${madeAt}.`,
  tooLarge: (size: string) =>
    `This file has ${size}; the most that can be read here is 48 MB. If it is a copy of a kitchen, add it under Copies.`,
  notJson: 'This file is incomplete, or it is not a file from an Ember Fold kitchen.',
  nothing: 'Everything in this file is here already.',
  counts: (n: number, state: PreviewedItem['state']) => `${n} ${STATE_NAME[state].toLowerCase()}`,
  take: (n: number) => `Import ${n} ${plural(n, 'item', 'items')}`,
  leave: 'Cancel',
  all: (state: string) => `All: ${state}`,
  item: (kind: string, name: string) => capital(`${kindName(kind)}: ${name}`),
  inFile: 'What is in the file',
  differs: (fields: readonly string[]) => `Differs in ${fields.map((field) => FIELD[field] ?? field).join(', ')}.`,
  replaces: 'The item in the file replaces the one here.',
  at: (path: string) => ` (at ${path})`,
  more: (n: number) => `and ${n} more`,
  done: 'Done',
  row: (when: string, added: number, changed: number) => `${when}: ${added} new, ${changed} replaced`,
  last: 'Recent imports',
  undo: 'Undo',
  undone: 'Undone',
  undoDone: (n: number) => `${n} ${plural(n, 'item is', 'items are')} back as before.`,
  left: (names: readonly string[]) => `Left as they are, because they have been changed since: ${names.join(', ')}.`,
  save: 'Save as a file',
  json: 'For another Ember Fold kitchen, JSON',
  recipe: 'For other programs, recipe data',
  markdown: 'To read, Markdown',
  drawing: 'The plan as a drawing, SVG',
  readings: 'Readings of the oil, CSV',
  failed: 'This could not be saved.',
  columns: {
    formulas: ['formula', 'kind', 'version', 'part', 'ingredient', 'mass_g'],
    shopping: ['ingredient', 'buy_g', 'units', 'sold_in', 'needed_g', 'on_the_shelf_g', 'cost', 'for'],
    ledger: [
      'name',
      'started_at',
      'pieces',
      'fried',
      'opened',
      'oil_mean_c',
      'oil_least_c',
      'oil_most_c',
      'in_range_percent',
      'mean_in_oil_s',
      'tags',
    ],
    readings: ['time_s', 'oil_c'],
  },
} as const;

/** Text for adding the readings of a thermometer’s file to a record. */
export const READINGS = {
  open: 'Readings from a file',
  title: 'Readings from a thermometer’s file',
  says: 'Choose the CSV file your thermometer wrote. Check that the columns are right; nothing is changed until you confirm.',
  choose: 'Choose a file',
  thinned: 'This record is older than a year. Only the mean, lowest and highest reading of every 10 s are kept.',
  none: 'No column of this file looks like times, or none looks like temperatures.',
  time: 'Column with the times',
  temp: 'Column with the temperatures',
  kind: 'Times are',
  unit: 'Temperatures are',
  kinds: { seconds: 'seconds', minutes: 'minutes', clock: 'clock times', moment: 'days and times' },
  minutes: 'minutes such as 0 or 4.5',
  from: 'First reading, minutes after the stove was started',
  found: (n: number, minutes: string, low: string, high: string) => `${n} readings over ${minutes}, ${low} to ${high}.`,
  refused: (n: number, lines: readonly number[]) =>
    `${plural(n, 'One line contains', `${n} lines contain`)} no reading: ${lines.slice(0, 8).join(', ')}${n > 8 ? '…' : ''}.`,
  replace: 'They replace the readings of this record. You can undo this under Store, Files.',
  take: 'Use them in this record',
} as const;

/** Text of an exported recipe. */
export const RECIPE = {
  dough: 'Dough',
  filling: (name: string | null) => (name === null ? 'Filling' : `Filling: ${name}`),
  makes: (n: number) => `${n} ${plural(n, 'piece', 'pieces')}`,
  makeDough: (family: string) => `Make the dough: ${family}.`,
  cook: (percent: string) => `Cook the filling until ${percent} of its weight is left, and cool it.`,
  fold: (steps: readonly string[]) => `${steps.join('. ')}.`,
  fry: (temp: string, minutes: string | null, core: string) =>
    `Fry at ${temp}${minutes === null ? '' : ` for ${minutes}`}, until golden and the middle of the filling has reached ${core}.`,
  bake: (temp: string, core: string) =>
    `Bake at ${temp}, until golden and the middle of the filling has reached ${core}.`,
  laidBy: { freeze: 'Freeze the pieces on a tray.', chill: 'Keep the pieces covered in the fridge.' },
  line: (amount: string, name: string) => `${amount} ${name}`,
  caution: 'Keep pieces at room temperature no longer than {room.mostS} in all. Local food rules come first.',
  oil: 'Never leave hot oil alone. Keep a lid that fits the pot within reach; never pour water on burning oil.',
} as const;
