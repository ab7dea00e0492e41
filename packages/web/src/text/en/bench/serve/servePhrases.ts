/** What the serve station says, in one place so that it can be translated. */
export const SERVE = {
  stepsOn: (day: string) => `Steps on ${day}`,
  steps: 'Steps',
  byItself: 'no hands needed',
  serve: 'Serve',
  eatAtLabel: 'Eat at',
  nameOfTheBatch: 'Name of the batch',
  contains: 'Contains',
  noneOfTheUsualAllergens: 'none of the usual allergens',
  fits: 'Fits',
  readEveryLabelOilThat: 'Read every label. Oil carries the allergens of everything fried in it before.',
  backFromTheTable: 'Counted back from the table',
  noPieceToFryYet: 'There is no piece to fry yet, so there are no times.',
  start: 'Start',
  madeAhead: 'Made ahead',
} as const;
