import { doughFamily } from '../../families/families.js';
import { thicknessForDough } from '../../piece/solveSize.js';
import type { TrayDraft } from '../../draft/draft.js';
import { draftDough, draftFilling } from './draftFigures.js';
import { blankM2, doughEachKg, fitDough, fitFilling } from './editDraft.js';
import type { Known } from '../../draft/kitchen.js';

/** One way to let dough and filling end together, with the figure it comes to. SI. */
export interface BalanceWay {
  readonly code: 'pieces-of-dough' | 'pieces-of-filling' | 'dough-to-fit' | 'filling-to-fit' | 'fill-each' | 'roll-to';
  /** Pieces, kg more (+) or less (−) to make, kg in each piece, or m rolled. */
  readonly value: number;
  readonly next: TrayDraft;
}

/** Leftovers under this are even, kg. */
const EVEN_KG = 0.001;
/** A portion may move this far before it is another recipe. */
const PORTION_SHIFT = 0.25;

/**
 * Remedies when dough and filling do not run out together, each carried out: make what the
 * dough or the filling gives, make more or less of either, fill or roll differently. Only ways
 * that change something and stay within the family's thickness; an even batch has none.
 * Source: the craft page, *Dividing and balance*.
 * @example balanceWays(draft).length // 0
 */
export function balanceWays(draft: TrayDraft, known: Known = {}): readonly BalanceWay[] {
  const { pieces, fold } = draft;
  const each = doughEachKg(draft);
  const dough = draftDough(draft, known).massKg - (draft.others?.doughKg ?? 0);
  const made = draftFilling(draft, known).targetKg - (draft.others?.fillingKg ?? 0);
  const doughOff = dough - pieces * each;
  const fillingOff = made - pieces * fold.fillingEachKg;
  const ways: BalanceWay[] = [];
  const pieceWay = (code: 'pieces-of-dough' | 'pieces-of-filling', count: number) => {
    if (count < 1 || count > 2000 || count === pieces) return;
    ways.push({ code, value: count, next: fitFilling(fitDough({ ...draft, pieces: count }, known), known) });
  };
  // A hair of slack, or 24 pieces' worth would make 23.
  if (Math.abs(doughOff) > EVEN_KG) pieceWay('pieces-of-dough', Math.floor(dough / each + 1e-6));
  if (Math.abs(fillingOff) > EVEN_KG && fold.fillingEachKg > 0) {
    pieceWay('pieces-of-filling', Math.floor(made / fold.fillingEachKg + 1e-6));
  }
  if (Math.abs(doughOff) > EVEN_KG && dough > 0) {
    ways.push({ code: 'dough-to-fit', value: -doughOff, next: fitDough(draft, known) });
    const thicknessM = thicknessForDough(
      dough / pieces,
      blankM2(draft),
      doughFamily(draft.dough.family).densityKgPerM3,
    );
    const { least, most } = doughFamily(draft.dough.family).rolledM;
    if (thicknessM >= least && thicknessM <= most) {
      ways.push({ code: 'roll-to', value: thicknessM, next: { ...draft, fold: { ...fold, thicknessM } } });
    }
  }
  if (Math.abs(fillingOff) > EVEN_KG && made > 0) {
    ways.push({ code: 'filling-to-fit', value: -fillingOff, next: fitFilling(draft, known) });
    const fillingEachKg = made / pieces;
    if (Math.abs(fillingEachKg / fold.fillingEachKg - 1) <= PORTION_SHIFT && fillingEachKg <= 1) {
      ways.push({ code: 'fill-each', value: fillingEachKg, next: { ...draft, fold: { ...fold, fillingEachKg } } });
    }
  }
  return ways;
}
