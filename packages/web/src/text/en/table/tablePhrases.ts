import { plural } from '../shared/plural';
/** What the first page says, in one place so that it can be translated. */
export const TABLE = {
  table: 'Table',
  theTable: 'the coming batches',
  newBatch: 'New batch',
  nothing: 'No batch is planned yet',
  nothingSays: 'Start with a recipe, a saved formula or a ready-made starter. You get a complete plan.',
  coming: 'Coming up',
  nothingComing: 'Nothing is planned for the next two weeks.',
  at: (day: string, clock: string) => `${day}, ${clock}`,
  pieces: (n: number) => plural(n, '1 piece', `${n} pieces`),
  today: 'Today',
  nothingToday: 'Nothing to start today.',
  step: (name: string, batch: string) => `${name}, ${batch}`,
  frozen: 'Freezer and fridge',
  nothingFrozen: 'Nothing is stored.',
  oil: 'Oil',
  noOil: 'No oil is listed. Add the oil in your pot in the Store.',
  lesson: 'Last note',
  noLesson: 'Nothing has been noted yet. Write what you saw in a ledger record.',
  all: (n: number) => `All ${n} batches`,
  find: 'Find a batch',
  others: 'Earlier and later',
} as const;

/** The questions on the first start. */
export const FIRST_RUN = {
  title: 'Your kitchen',
  says: 'With seven answers the plans fit your kitchen. Each has a usual value already; you can change it any time in Store, Kitchen.',
  units: 'Units',
  systems: { metric: 'grams and °C', customary: 'US cups and °F' },
  across: 'Your pot, width',
  high: 'Your pot, height',
  burner: 'Burner',
  thermometer: 'Thermometer for the oil',
  thermometers: { some: 'yes', none: 'none' },
  altitude: 'Height above sea level',
  cooks: 'How many people cook',
  done: 'Save my kitchen',
  skip: 'Later',
} as const;
