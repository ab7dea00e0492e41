import { type BatchDraft, marksOf } from '../../draft/batchDraft.js';
import type { TrayMark, TrayWay } from '../../draft/draft.js';
import type { StoveAct, OilReading } from '../../stove/stoveAct.js';
import { type LedgerFigures, ledgerFigures } from '../../stove/ledgerFigures.js';
import { friedPieces, type FryTray, fryTrays, trayOfPiece } from './fryTrays.js';

/** What happened at the stove: in all, and to each tray by its mark. */
export interface BatchFigures {
  readonly whole: LedgerFigures;
  readonly trays: Readonly<Partial<Record<TrayMark, LedgerFigures>>>;
}

/** What was done to the pieces of one tray; what was done to the oil stays. */
function actsOn(tray: FryTray, trays: readonly FryTray[], acts: readonly StoveAct[]): StoveAct[] {
  const isOwn = (number: number) => trayOfPiece(trays, number) === tray;
  return acts.flatMap((act): StoveAct[] => {
    if ('pieces' in act) {
      const pieces = act.pieces.filter(isOwn);
      return pieces.length > 0 ? [{ ...act, pieces }] : [];
    }
    return act.kind === 'core' && !isOwn(act.piece) ? [] : [act];
  });
}

/** Trays in oil of different temperatures are each in their own range; in all, by the time each took. */
function rangeShare(figures: readonly LedgerFigures[]): number | null {
  const told = figures.filter(({ inRangeShare, fryingS }) => inRangeShare !== null && fryingS > 0);
  const allS = told.reduce((sum, { fryingS }) => sum + fryingS, 0);
  return allS > 0 ? told.reduce((sum, { inRangeShare, fryingS }) => sum + inRangeShare! * fryingS, 0) / allS : null;
}

/**
 * Adds a finished, or running, batch up, in all and tray by tray.
 * @example batchFigures(batch, acts, readings).whole.fried // 6
 */
export function batchFigures(
  batch: BatchDraft,
  acts: readonly StoveAct[],
  readings: readonly OilReading[],
): BatchFigures {
  const trays = fryTrays(batch);
  const all = ledgerFigures(acts, readings, friedPieces(trays), trays[0]?.draft.fry.oilC ?? 0);
  const each = trays.map((tray) => {
    const own = trays.length > 1 ? actsOn(tray, trays, acts) : acts;
    const { mark = 'A', pieces, fry } = tray.draft;
    return [mark, ledgerFigures(own, readings, pieces, fry.oilC)] as const;
  });
  const oils = new Set(trays.map(({ draft }) => draft.fry.oilC));
  const pieces = (...ways: TrayWay[]) =>
    marksOf(batch).reduce((sum, mark) => {
      const { way = 'fry', pieces: of } = batch.trays[mark]!;
      return ways.includes(way) ? sum + of : sum;
    }, 0);
  const [baked, stored] = [pieces('bake'), pieces('freeze', 'chill', 'plain')];
  const whole: LedgerFigures = {
    ...all,
    ...(oils.size > 1 && { inRangeShare: rangeShare(each.map(([, figures]) => figures)) }),
    ...(baked > 0 && { baked }),
    ...(stored > 0 && { stored }),
  };
  return { whole, trays: Object.fromEntries(each) };
}
