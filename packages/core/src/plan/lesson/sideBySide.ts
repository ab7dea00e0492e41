import type { BatchDraft, SideBySide } from '../../draft/batchDraft.js';
import { marksOf } from '../../draft/batchDraft.js';
import type { TrayMark } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { piecesToTell } from '../../learning/compareArms.js';
import { withPieces } from '../edit/editDraft.js';
import { type ChangeId, CHANGES, withChange } from './oneChange.js';
import { planCold } from '../tray/planCold.js';
import { trayOf, withCopyOfTray, withTray } from '../edit/trays.js';

/** What a side-by-side test can change between two trays of one batch: all else is shared. */
export const TEST_CHANGES = CHANGES.filter(
  (change): change is TestChange => change !== 'as-planned' && change !== 'cook-drier',
);
export type TestChange = Exclude<ChangeId, 'as-planned' | 'cook-drier'>;

/** A test as it is asked for. */
export interface TestAsk {
  readonly change: TestChange;
  /** Pieces of each of the two, 1 or more. */
  readonly pieces: number;
  /** The plates are judged before anybody is told which is which; `swapped` says which comes first. */
  readonly blind: boolean;
  readonly swapped: boolean;
}

/**
 * A batch with one tray made into two: so many pieces as they are, and as many with one thing changed.
 * Dough, filling and oil stay shared, so that nothing else differs.
 *
 * @returns `null` where there is no room for one more tray, or the change changes nothing
 * @throws CoreError OUT_OF_RANGE at `pieces`
 * @example marksOf(withTest(batch, 'A', { change: 'thinner', pieces: 8, blind: true, swapped: false })).length // 2
 */
export function withTest(batch: BatchDraft, of: TrayMark, ask: TestAsk): BatchDraft | null {
  const { change, pieces, blind, swapped } = ask;
  requireIn(pieces, RANGES.draft.pieces, 'pieces');
  const usual = withTray(batch, withPieces(trayOf(batch, of), pieces));
  const two = withCopyOfTray(usual, of);
  const against = two && marksOf(two).find((mark) => usual.trays[mark] === undefined);
  if (!two || !against) return null;
  const before = trayOf(two, against);
  const changed = withChange(before, change);
  if (JSON.stringify(changed) === JSON.stringify(before)) return null;
  const test: SideBySide = { of, against, change, ...(blind && { blind: true }), ...(swapped && { swapped: true }) };
  return { ...withTray(two, { ...changed, mark: against }), test };
}

/** What a test is expected to show. */
export interface TestExpected {
  /** Share that opens without and with the change; `null`: there is no seam to open. */
  readonly bursts: { readonly before: number; readonly after: number } | null;
  /** Pieces of each that would tell such a difference, four times in five; `null`: nobody fries so many, or there is none. */
  readonly needed: number | null;
}

/**
 * How much the models expect of a change, and how many pieces of each would tell it.
 * @example testExpected(draft, kitchen, 'press-air').bursts.after < 1 // true
 */
export function testExpected(
  draft: Parameters<typeof planCold>[0],
  kitchen: Kitchen,
  change: TestChange,
): TestExpected {
  const shareOf = (of: typeof draft) => planCold(of, kitchen).fold.burst?.share ?? null;
  const [before, after] = [shareOf(draft), shareOf(withChange(draft, change))];
  if (before === null || after === null) return { bursts: null, needed: null };
  return { bursts: { before, after }, needed: piecesToTell(before, after) };
}

/**
 * The plates of a blind test in the order in which they are judged: nobody is told which is which.
 * @example platesOf({ of: 'A', against: 'B', change: 'thinner', swapped: true }) // ['B', 'A']
 */
export function platesOf({ of, against, swapped }: SideBySide): readonly [TrayMark, TrayMark] {
  return swapped ? [against, of] : [of, against];
}
