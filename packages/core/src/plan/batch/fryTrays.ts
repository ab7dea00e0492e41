import { type BatchDraft, marksOf } from '../../draft/batchDraft.js';
import type { TrayDraft, TrayMark } from '../../draft/draft.js';
import type { FryPlan } from '../../outcome/fryPlan.js';
import type { LoadRun } from '../../oil/fryLoads.js';
import { traysOf } from '../edit/trays.js';

/** A tray that goes into the oil, and the number its first piece has at the stove. */
export interface FryTray {
  readonly draft: TrayDraft;
  readonly first: number;
}

/** The same with its plan. */
export interface StoveTray extends FryTray {
  readonly fry: FryPlan & { readonly loads: LoadRun };
}

/**
 * What of a batch is fried, in the order of the pot: what smells strongly comes last, and leaves
 * its smell to nothing. Pieces are numbered through, tray after tray.
 *
 * @example fryTrays(batch)[0].first // 1
 */
export function fryTrays(batch: BatchDraft): readonly FryTray[] {
  const fried = traysOf(batch).filter(({ way = 'fry' }) => way === 'fry');
  const strong = ({ filling }: TrayDraft) => filling.strong === true;
  const ordered = [...fried.filter((one) => !strong(one)), ...fried.filter(strong)];
  let next = 1;
  return ordered.map((draft) => {
    const first = next;
    next += draft.pieces;
    return { draft, first };
  });
}

/**
 * The marks of a batch's trays: what is not fried, then the rest in the order of the pot.
 * @example potOrder(batch) // ['A']
 */
export function potOrder(batch: BatchDraft): readonly TrayMark[] {
  const inPot = fryTrays(batch).map(({ draft: { mark } }) => mark ?? marksOf(batch)[0]!);
  return [...marksOf(batch).filter((mark) => !inPot.includes(mark)), ...inPot];
}

/** Pieces of all trays that are fried. @example friedPieces(fryTrays(batch)) // 24 */
export function friedPieces(trays: readonly FryTray[]): number {
  return trays.reduce((sum, { draft }) => sum + draft.pieces, 0);
}

/**
 * The tray of a piece, by its number; one too many belongs to the last.
 * @throws RangeError without a tray
 * @example trayOfPiece(fryTrays(batch), 7).first // 1
 */
export function trayOfPiece<T extends FryTray>(trays: readonly T[], number: number): T {
  const found = trays.findLast(({ first }) => number >= first) ?? trays[0];
  if (!found) throw new RangeError('Nothing of this batch is fried.');
  return found;
}
