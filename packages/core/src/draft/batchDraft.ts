import { withTodaysNames } from './oldNames.js';
import { TRAY_MARKS, type TrayDraft, type TrayMark } from './draft.js';

/** What is decided of one tray; dough, name and day are the batch's, and its filling may serve several. */
export type Tray = Omit<TrayDraft, 'name' | 'eatAt' | 'dough' | 'mark' | 'others' | 'filling' | 'fillingOf'> & {
  /** Which of the batch's fillings it holds. */
  readonly filling: TrayMark;
};

/** Before which part of the day a step of the cook's own comes. */
export type OwnPlace = 'filling' | 'cool' | 'dough' | 'fold' | 'heat' | 'serve';
export const OWN_PLACES: readonly OwnPlace[] = ['filling', 'cool', 'dough', 'fold', 'heat', 'serve'];

/** A step that this batch has beyond the usual ones. */
export interface OwnStep {
  /** 2–12 of a–z and 0–9, its own within the batch. */
  readonly id: string;
  readonly name: string;
  /** Hands: the cook is booked. Passive: it goes on by itself. */
  readonly kind: 'hands' | 'passive';
  /** 60–86 400 s. */
  readonly lengthS: number;
  readonly before: OwnPlace;
}

/** One change against an earlier batch, with what it was expected to do. */
export interface Trying {
  /** The record it follows from. */
  readonly record: string;
  /** What is changed: one of `CHANGES`. */
  readonly change: string;
  readonly mark: TrayMark;
  /** Share of pieces that opened before, and that are expected to; absent: it is not about that. */
  readonly burst?: { readonly before: number; readonly after: number; readonly low: number; readonly high: number };
}

/** Two trays of a batch that differ by one thing, to be judged against each other. */
export interface SideBySide {
  readonly of: TrayMark;
  /** The one with the change. */
  readonly against: TrayMark;
  /** What is changed: one of `TEST_CHANGES`. */
  readonly change: string;
  /** Judged before anybody is told which is which. */
  readonly blind?: true;
  /** The changed one is judged first. */
  readonly swapped?: true;
}

/** A batch as it is stored: one dough, its fillings, and one or more trays of pieces treated alike. Plain JSON. */
export interface BatchDraft extends Pick<TrayDraft, 'name' | 'eatAt' | 'dough'> {
  /** Of this shape of the record; 1 had one tray, its fields beside the batch's own. */
  readonly format: 2;
  /** Each made once, for whichever trays hold it; by the mark of the tray it was first made for. */
  readonly fillings: Readonly<Partial<Record<TrayMark, TrayDraft['filling']>>>;
  /** By mark, so that two devices that change different trays never undo one another. */
  readonly trays: Readonly<Partial<Record<TrayMark, Tray>>>;
  /** The supper it is for, by its id; absent, or a supper that is gone: for itself. */
  readonly supper?: string;
  /** What is done otherwise than the last time, and what it should do; absent: nothing is tried. */
  readonly trying?: Trying;
  /** Two of its trays are a test; absent: none is. */
  readonly test?: SideBySide;
  /** Steps of one's own, in their order; absent: none. */
  readonly ownSteps?: readonly OwnStep[];
}

/**
 * The marks of a batch's trays, in their order.
 * @example marksOf(batchOf(draft)) // ['A']
 */
export function marksOf({ trays }: Pick<BatchDraft, 'trays'>): readonly TrayMark[] {
  return TRAY_MARKS.filter((mark) => trays[mark] !== undefined);
}

/**
 * The marks of the fillings that a batch has.
 * @example fillingsOf(batch) // ['A']
 */
export function fillingsOf({ fillings }: Pick<BatchDraft, 'fillings'>): readonly TrayMark[] {
  return TRAY_MARKS.filter((mark) => fillings[mark] !== undefined);
}

/**
 * A batch of one tray.
 * @example batchOf(draft).trays.A.pieces // 24
 */
export function batchOf(draft: TrayDraft): BatchDraft {
  const { name, eatAt, dough, filling, mark = 'A', others: _others, fillingOf: _of, ...tray } = draft;
  return {
    format: 2,
    name,
    eatAt,
    dough,
    fillings: { [mark]: filling },
    trays: { [mark]: { ...tray, filling: mark } },
  };
}

/**
 * Pieces of all trays.
 * @example batchPieces(batchOf(draft)) // 24
 */
export function batchPieces({ trays }: Pick<BatchDraft, 'trays'>): number {
  return marksOf({ trays }).reduce((sum, mark) => sum + trays[mark]!.pieces, 0);
}

/**
 * The pot a batch is fried in, by its name; all its trays share it. Absent: the one on the burner.
 * @example batchPot(batch) // undefined
 */
export function batchPot({ trays }: Pick<BatchDraft, 'trays'>): string | undefined {
  const [first] = marksOf({ trays });
  return first && trays[first]?.fry.pot;
}

/**
 * Reads a stored batch of any age: records of the first format had one tray. What is no batch at
 * all comes back as it is, for whoever checks it to refuse.
 *
 * @example readBatchDraft(draft).trays.A.pieces // 24
 */
export function readBatchDraft(stored: unknown): BatchDraft {
  const named = withTodaysNames(stored);
  const isOld = typeof named === 'object' && named !== null && !('trays' in named) && 'fold' in named;
  return isOld ? batchOf(named as TrayDraft) : (named as BatchDraft);
}
