import type { TestChange, TestExpected } from '@ember-fold/core/ledger';
import { CHANGE_NAME } from '../ledger/lessonPhrases';
import { plain } from '../../printer';

/** A side-by-side test: planned on the bench, judged in the ledger. */
export const TEST = {
  plan: 'Plan a test',
  title: 'Side by side: one thing changed',
  says: 'Two trays of the same dough and filling, fried in the same oil. Only this differs:',
  change: 'What is changed',
  each: 'Pieces of each',
  blind: 'Judge blind: the plates are named when both are judged',
  make: 'Make the two trays',
  cannot: 'Nothing would change on this tray, or the batch already has 12 trays.',
  usual: 'As usual',
  plate: (n: number) => `Plate ${n}`,
  howPlate: (n: number) => `How did plate ${n} come out?`,
  hidden: 'Judge both plates first. Until then nothing here says which is which.',
  reveal: 'Show which is which',
  tasters: 'Tasters’ scores',
  addScore: (n: number) => `Add a score of ${n}`,
  lastScore: 'Undo the last score',
  noScores: 'none yet',
} as const;

export const TEST_CHANGE_NAME = CHANGE_NAME;

/** The expected difference, and whether a batch of this size can show it. */
export function expectedText({ bursts, needed }: TestExpected, change: TestChange, pieces: number): string {
  if (!bursts) return 'There is no seam that could burst. Judge colour, bite and taste.';
  const percent = (share: number) => `${plain(100 * share, 1)} %`;
  if (Math.abs(bursts.after - bursts.before) < 0.002)
    return `“${CHANGE_NAME[change]}” hardly changes how many burst (${percent(bursts.before)}). Judge colour, bite and taste.`;
  const expected = `Burst: about ${percent(bursts.before)} as usual, about ${percent(bursts.after)} with the change.`;
  if (needed === null)
    return `${expected} No home batch is big enough to show that difference. Judge colour, bite and taste instead.`;
  return needed <= pieces
    ? `${expected} ${pieces} of each are enough to show that.`
    : `${expected} You would need about ${needed} of each to show that; ${pieces} are too few. Judge colour, bite and taste instead.`;
}
