/** What the first page says, in one place so that it can be translated. */
export const TABLE = {
  table: 'Table',
  theTable: 'what is coming',
  newBatch: 'New batch',
  nothing: 'No batch is planned yet',
  nothingSays: 'Begin with a recipe, a kept formula or a shipped starter. You get a whole plan.',
  coming: 'What is coming',
  nothingComing: 'Nothing is planned for the next two weeks.',
  at: (day: string, clock: string) => `${day}, ${clock}`,
  forAll: (pieces: number, guests: number) =>
    guests > 0
      ? `${pieces} pieces for ${guests} guests, about ${Math.round((10 * pieces) / guests) / 10} each`
      : `${pieces} pieces`,
  today: 'Today',
  nothingToday: 'Nothing has to be begun today.',
  step: (name: string, batch: string) => `${name}, ${batch}`,
  frozen: 'Freezer and fridge',
  nothingFrozen: 'Nothing is put by.',
  oil: 'Oil',
  noOil: 'No oil is kept. Add the oil in your pot in the Store.',
  lesson: 'Last lesson',
  noLesson: 'Nothing was noted yet. Write what you saw into a record of the ledger.',
  all: (n: number) => `All ${n} batches`,
  find: 'Find a batch',
  others: 'Earlier and later',
} as const;

/** The first questions of a kitchen. */
export const FIRST_RUN = {
  title: 'Your kitchen',
  says: 'Six answers make the plans yours. Each has a usual value already; change them any time in Store, Kitchen.',
  units: 'Units',
  systems: { metric: 'grams and °C', customary: 'US cups and °F' },
  across: 'Your pot, across',
  high: 'Your pot, high',
  ring: 'What heats it',
  thermometer: 'Thermometer for the oil',
  thermometers: { some: 'yes', none: 'none' },
  altitude: 'Height over the sea',
  cooks: 'How many cook',
  done: 'That is my kitchen',
  skip: 'Later',
} as const;
