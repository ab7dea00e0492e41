import { type BatchDraft, fillingsOf, marksOf, type Tray } from '../../draft/batchDraft.js';
import { NO_FILLING, TRAY_MARKS, type TrayDraft, type TrayMark } from '../../draft/draft.js';
import { CoreError } from '../../errors.js';
import { ownDoughKg, ownFillingKg, scaledDough, scaledFilling } from './editDraft.js';

const trayDoughKg = (batch: Pick<BatchDraft, 'dough'>, tray: Tray): number =>
  ownDoughKg({ ...tray, dough: batch.dough });

/**
 * One tray of a batch as it is planned: its own decisions, with the batch's dough, filling and day.
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
  const { filling: fillingOf, ...own } = tray;
  const filling = batch.fillings[fillingOf] ?? NO_FILLING;
  const whole = { ...own, name, eatAt, dough, filling };
  if (marks.length === 1) {
    return { ...whole, ...(which !== 'A' && { mark: which }), ...(fillingOf !== which && { fillingOf }) };
  }
  const others = marks.filter((one) => one !== which).map((one) => batch.trays[one]!);
  const doughKg = others.reduce((sum, one) => sum + trayDoughKg(batch, one), 0);
  const fillingKg = others.reduce((sum, one) => (one.filling === fillingOf ? sum + ownFillingKg(one) : sum), 0);
  return { ...whole, mark: which, others: { doughKg, fillingKg }, ...(fillingOf !== which && { fillingOf }) };
}

/**
 * One tray by itself, with only as much dough and filling as its own pieces take.
 * @throws CoreError UNKNOWN_NAME at `mark`
 * @example trayAlone(batch, 'A').pieces // 24
 */
export function trayAlone(batch: BatchDraft, mark: TrayMark): TrayDraft {
  const { others, mark: _mark, fillingOf: _of, ...tray } = trayOf(batch, mark);
  const share = (own: number, rest: number) => (own + rest > 0 ? own / (own + rest) : 1);
  const { doughKg = 0, fillingKg = 0 } = others ?? {};
  return scaledFilling(scaledDough(tray, share(ownDoughKg(tray), doughKg)), share(ownFillingKg(tray), fillingKg));
}

/**
 * Every tray of a batch, in the order of its marks.
 * @example traysOf(batch).length // 1
 */
export function traysOf(batch: BatchDraft): readonly TrayDraft[] {
  return marksOf(batch).map((mark) => trayOf(batch, mark));
}

/**
 * A batch after one of its trays was changed: what is the batch's own, and what its trays share,
 * goes back to the batch.
 * @example withTray(batch, { ...draft, pieces: 30 }).trays.A.pieces // 30
 */
export function withTray(batch: BatchDraft, changed: TrayDraft): BatchDraft {
  const { name, eatAt, dough, filling, mark = marksOf(batch)[0] ?? 'A', others: _others, ...rest } = changed;
  const { fillingOf = batch.trays[mark]?.filling ?? mark, ...own } = rest;
  const trays = { ...batch.trays, [mark]: { ...own, filling: fillingOf } };
  const isMoved = own.fry.pot !== batch.trays[mark]?.fry.pot;
  return {
    ...batch,
    name,
    eatAt,
    dough,
    fillings: { ...batch.fillings, [fillingOf]: filling },
    trays: isMoved ? inPot(trays, own.fry.pot) : trays,
  };
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
 * The batch with one more tray, like one it has and with the same filling; dough and filling grow
 * by what that takes. `null` when every mark is taken.
 * @example marksOf(withCopyOfTray(batch, 'A')).length // 2
 */
export function withCopyOfTray(batch: BatchDraft, of: TrayMark): BatchDraft | null {
  const like = batch.trays[of];
  const mark = TRAY_MARKS.find((one) => batch.trays[one] === undefined);
  if (!like || !mark) return null;
  // Its own is what it is made of; what it came out of, and what the cook called it, is not copied.
  const { fromStored: _stock, label: _label, ...tray } = like;
  return grown(batch, { ...batch.trays, [mark]: tray });
}

/**
 * The batch without one of its trays; dough and filling shrink by what that took, and a filling
 * that nothing holds any more goes with it. `null` when it is the only one.
 * @example withoutTray(batch, 'A') // null
 */
export function withoutTray(batch: BatchDraft, mark: TrayMark): BatchDraft | null {
  const { [mark]: gone, ...trays } = batch.trays;
  return gone && marksOf({ trays }).length > 0 ? grown(batch, trays) : null;
}

/**
 * A tray with another filling: that of another tray, an empty one of its own, or as it is but made
 * apart from the others. What the trays take of each follows.
 *
 * @param of the mark of a filling there is; `own`: the same, apart; `none`: nothing in them
 * @throws CoreError UNKNOWN_NAME at `mark`
 * @example withFillingOf(batch, 'A', 'none').trays.A.fold.fillingEachKg // 0
 */
export function withFillingOf(batch: BatchDraft, mark: TrayMark, of: TrayMark | 'own' | 'none'): BatchDraft {
  const tray = batch.trays[mark];
  const other = of === 'own' || of === 'none' ? null : of;
  if (!tray || (other !== null && !batch.fillings[other])) {
    throw new CoreError('UNKNOWN_NAME', 'mark', `This batch has no tray ${mark} with that filling.`);
  }
  const { [mark]: _tray, ...others } = batch.trays;
  const rest: BatchDraft['trays'] = others;
  const isShared = marksOf({ trays: rest }).some((one) => rest[one]!.filling === tray.filling);
  if (other === tray.filling || (of === 'own' && !isShared)) return batch;
  const all = takesFilling(batch, tray.filling);
  const takes = ownFillingKg(tray);
  const was = { filling: batch.fillings[tray.filling] ?? NO_FILLING };
  const own = scaledFilling(was, all > 0 ? takes / all : 1).filling;
  // What the other trays hold, without what this one took of it.
  const left = grown(batch, rest).fillings;
  const key = other ?? (left[mark] === undefined ? mark : TRAY_MARKS.find((one) => left[one] === undefined)!);
  const held = takesFilling({ trays: rest }, key);
  const joined = scaledFilling({ filling: left[key] ?? own }, held > 0 ? 1 + takes / held : 1).filling;
  return {
    ...batch,
    fillings: { ...left, [key]: of === 'none' ? NO_FILLING : other === null ? own : joined },
    trays: {
      ...batch.trays,
      [mark]: {
        ...tray,
        filling: key,
        fold: { ...tray.fold, fillingEachKg: of === 'none' ? 0 : tray.fold.fillingEachKg },
      },
    },
  };
}

/** Filling that all trays that hold it take, kg. */
function takesFilling({ trays }: Pick<BatchDraft, 'trays'>, filling: TrayMark): number {
  return marksOf({ trays }).reduce((sum, mark) => {
    const tray = trays[mark]!;
    return tray.filling === filling ? sum + ownFillingKg(tray) : sum;
  }, 0);
}

/** Other trays on the same dough and fillings: as much of each is made as was made too much or too little before. */
function grown(batch: BatchDraft, trays: BatchDraft['trays']): BatchDraft {
  const takes = (of: BatchDraft['trays']) =>
    marksOf({ trays: of }).reduce((sum, mark) => sum + trayDoughKg(batch, of[mark]!), 0);
  const before = takes(batch.trays);
  const factor = before > 0 ? takes(trays) / before : 1;
  const held = new Set(marksOf({ trays }).map((mark) => trays[mark]!.filling));
  const fillings = fillingsOf(batch).flatMap((mark) => {
    if (!held.has(mark)) return [];
    const filling = batch.fillings[mark]!;
    const took = takesFilling(batch, mark);
    const share = took > 0 ? takesFilling({ trays }, mark) / took : 1;
    return [[mark, share > 0 ? scaledFilling({ filling }, share).filling : filling] as const];
  });
  // A batch whose trays all come out of the Store still knows what dough they are of.
  const dough = factor > 0 ? scaledDough(batch, factor).dough : batch.dough;
  return { ...batch, dough, trays, fillings: Object.fromEntries(fillings) };
}
