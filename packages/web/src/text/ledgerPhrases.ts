/** What the ledger says, in one place so that it can be translated. */
export const LEDGER = {
  oilSmall: 'Oil over the evening, and its band',
  ledger: 'Ledger',
  findABatch: 'Find a batch',
  theLedger: 'the ledger',
  nothingFriedYet: 'Nothing fried yet',
  aBatchArrivesHereWhen: 'A batch arrives here when it is finished at the',
  stove: 'stove',
  finishedBatches: 'Finished batches',
  fried: (fried: string | number, value: string | number) => `${fried} fried${value}`,
  oilOnAverageOfThe: (temp: string | number, percent: string | number) =>
    `oil ${temp} on average, right for ${percent} of the time`,
  showOlderBatches: 'Show older batches',
  theRecord: 'the record',
  allRecords: 'All records',
  cookAgainWithTheActual: 'Cook again with the actual values',
  oilAgainstItsBand: 'Oil against its band',
  noReadingWasTaken: 'No reading was taken.',
  oilOverTheEveningAgainst: (temp: string | number, temp2: string | number) =>
    `Oil over the evening against its band of ${temp} to ${temp2}`,
  figure: 'figure',
  planned: 'planned',
  happened: 'happened',
  whatCameOut: 'What came out',
  after: (number: string | number, time: string | number) => `${number} after ${time}`,
  notes2: 'Notes',
  backToTheStove: 'Not over: back to the stove',
};
