/** What the bench says at more than one station, in one place so that it can be translated. */
export const BENCH = {
  theBatch: 'the batch',
  thisBatch: 'This batch',
  piecesEatAt: (pieces: string | number, clock: string | number, day: string | number) =>
    `${pieces} pieces · eat at ${clock} ${day}`,
  undo: 'Undo',
  redo: 'Redo',
  cookIt: 'Cook it',
  backToTheStove: 'Back to the stove',
  fryThisBatch: 'Fry this batch',
  undoTheLastChange: 'Undo the last change',
  thisBatchIsAtThe:
    'This batch is at the stove. The stove keeps the plan it was started with; changes you make here apply the next time you cook it.',
  openingTheStation: 'Opening the station…',
  theLine: 'The line',
  shape: 'Shape',
  shapeIs: (name: string) => `Shape: ${name}`,
  shapeKeepsFilling: 'The dough is cut to a size that holds the same filling.',
  piecesLabel: 'Pieces',
} as const;
