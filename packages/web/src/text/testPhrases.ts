import type { TestChange, TestExpected } from '@ember-fold/core';
import { CHANGE_NAME } from './lessonPhrases';
import { plain } from './printer';

/** A side-by-side test: planned on the bench, judged in the ledger. */
export const TEST = {
  plan: 'Plan a test',
  title: 'Side by side: one thing changed',
  says: 'Two trays of one dough, one filling and one oil. Only this differs:',
  change: 'What is changed',
  each: 'Pieces of each',
  blind: 'Judge blind: the plates are named when both are judged',
  make: 'Make the two trays',
  cannot: 'This changes nothing on this tray, or there is no room for one more.',
  usual: 'As usual',
  plate: (n: number) => `Plate ${n}`,
  howPlate: (n: number) => `How did plate ${n} come out?`,
  hidden: 'Judge both plates first. Until then nothing here says which is which.',
  reveal: 'Show which is which',
  tasters: 'Scores of those who tasted',
  addScore: (n: number) => `Add a score of ${n}`,
  lastScore: 'Take the last score back',
  noScores: 'none yet',
} as const;

export const TEST_CHANGE_NAME = CHANGE_NAME;

/** What is expected, and whether so few pieces can tell it. */
export function expectedText({ opens, needed }: TestExpected, change: TestChange, pieces: number): string {
  if (!opens) return 'There is no seam that could open. Judge colour, bite and liking.';
  const percent = (share: number) => `${plain(100 * share, 1)} %`;
  if (Math.abs(opens.after - opens.before) < 0.002)
    return `${CHANGE_NAME[change]} hardly changes how many open (${percent(opens.before)}). Judge colour, bite and liking.`;
  const expected = `Opened: ${percent(opens.before)} as usual, about ${percent(opens.after)} with it.`;
  if (needed === null) return `${expected} More pieces than anybody fries would be needed to see that; judge the rest.`;
  return needed <= pieces
    ? `${expected} ${pieces} of each can tell that.`
    : `${expected} About ${needed} of each would tell that; ${pieces} cannot. Judge the rest.`;
}
