import { type BatchDraft, marksOf, type Tray } from '../draft/batchDraft.js';
import { TRAY_MARKS, type TrayDraft, type TrayMark } from '../draft/draft.js';
import { CoreError } from '../errors.js';
import { ownDoughKg, scaledDough } from './editDraft.js';

const trayDoughKg = (batch: Pick<BatchDraft, 'dough'>, tray: Tray): number =>
  ownDoughKg({ ...tray, dough: batch.dough });

/**
 * One tray of a batch as it is planned: its own decisions, with the batch's dough and day.
 *
 * @param mark `null`: the first
 * @throws CoreError UNKNOWN_NAME at `mark`
 * @example trayOf(batch, 'A').pieces // 24
 */
export function trayOf(batch: BatchDraft, mark: TrayMark | null): TrayDraft {
  const marks = marksOf(batch);
  const which = mark ?? marks[0];
  const tray = which && batch.trays[which];
  if (!tray) throw new CoreError('UNKNOWN_NAME', 'mark', `This batch has no tray ${which ?? 'at all'}.`);
  const { name, eatAt, dough } = batch;
  if (marks.length === 1) return { ...tray, name, eatAt, dough, ...(which !== 'A' && { mark: which }) };
  const othersKg = marks.reduce((sum, one) => (one === which ? sum : sum + trayDoughKg(batch, batch.trays[one]!)), 0);
  return { ...tray, name, eatAt, dough, mark: which, othersKg };
}

/**
 * Every tray of a batch, in the order of its marks.
 * @example traysOf(batch).length // 1
 */
export function traysOf(batch: BatchDraft): readonly TrayDraft[] {
  return marksOf(batch).map((mark) => trayOf(batch, mark));
}

/**
 * A batch after one of its trays was changed: what is the batch's own goes back to the batch.
 * @example withTray(batch, { ...draft, pieces: 30 }).trays.A.pieces // 30
 */
export function withTray(batch: BatchDraft, changed: TrayDraft): BatchDraft {
  const { name, eatAt, dough, mark = marksOf(batch)[0] ?? 'A', othersKg: _others, ...tray } = changed;
  const trays = { ...batch.trays, [mark]: tray };
  const isMoved = tray.fry.pot !== batch.trays[mark]?.fry.pot;
  return { ...batch, name, eatAt, dough, trays: isMoved ? inPot(trays, tray.fry.pot) : trays };
}

/** What of a batch is fried is fried in one pot. */
function inPot(trays: BatchDraft['trays'], pot: string | undefined): BatchDraft['trays'] {
  const moved = ({ fry: { pot: _before, ...fry }, ...tray }: Tray): Tray => ({
    ...tray,
    fry: pot === undefined ? fry : { ...fry, pot },
  });
  return Object.fromEntries(marksOf({ trays }).map((mark) => [mark, moved(trays[mark]!)]));
}

/**
 * The batch with one more tray, like one it has; the dough grows by what that takes. `null` when
 * every mark is taken.
 * @example marksOf(withCopyOfTray(batch, 'A')).length // 2
 */
export function withCopyOfTray(batch: BatchDraft, of: TrayMark): BatchDraft | null {
  const like = batch.trays[of];
  const mark = TRAY_MARKS.find((one) => batch.trays[one] === undefined);
  if (!like || !mark) return null;
  // Its own is what it is made of; what it came out of, and what the cook called it, is not copied.
  const { fromStock: _stock, label: _label, ...tray } = like;
  return grown(batch, { ...batch.trays, [mark]: tray });
}

/**
 * The batch without one of its trays; the dough shrinks by what that took. `null` when it is the only one.
 * @example withoutTray(batch, 'A') // null
 */
export function withoutTray(batch: BatchDraft, mark: TrayMark): BatchDraft | null {
  const { [mark]: gone, ...trays } = batch.trays;
  return gone && marksOf({ trays }).length > 0 ? grown(batch, trays) : null;
}

/** Other trays on the same dough: as much of it is made as was made too much or too little before. */
function grown(batch: BatchDraft, trays: BatchDraft['trays']): BatchDraft {
  const takes = (of: BatchDraft['trays']) =>
    marksOf({ trays: of }).reduce((sum, mark) => sum + trayDoughKg(batch, of[mark]!), 0);
  const before = takes(batch.trays);
  const next = { ...batch, trays };
  const factor = before > 0 ? takes(trays) / before : 1;
  // A batch whose trays all come out of the Store still knows what dough they are of.
  return factor > 0 ? { ...next, dough: scaledDough(batch, factor).dough } : next;
}
