import { NO_COATING, USUAL_SEAL } from '../../draft/choices.js';
import type { TrayDraft } from '../../draft/draft.js';
import { type Kitchen, pantryOf } from '../../draft/kitchen.js';
import { clamp } from '../../numeric/clamp.js';
import { RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { containedIn, formulaTotals } from '../../ingredient/formula.js';
import { coatingOf } from '../../piece/coating.js';
import { foldFindings, sealFindings } from '../../piece/foldFindings.js';
import { shapeOf } from '../../shapes/shapes.js';
import { closes, type Piece } from '../../shapes/kit/piece.js';
import { pieceSpecOf } from '../../piece/pieceSpecOf.js';
import { burstOf } from '../../piece/seal.js';
import { partFreezeS } from '../../heat/partFreeze.js';
import type { ColdPlan, FillingPlan } from './batchPlan.js';
import { planDough } from './planDough.js';
import { planFilling } from './planFilling.js';
import { suppliesFor } from './supplies.js';

/** What a portion costs of a whole that is weighed when made. */
function costOf(cost: number, madeKg: number, portionKg: number): number {
  return madeKg > 0 ? (cost * portionKg) / madeKg : 0;
}

/**
 * Dough, filling and fold of a draft. A few milliseconds; no oil involved.
 * @throws CoreError with the draft's field as path
 * @example planCold(draft, kitchen).fold.piece.shape // 'half-moon'
 */
export function planCold(draft: TrayDraft, kitchen: Kitchen): ColdPlan {
  requireIn(draft.pieces, RANGES.draft.pieces, 'pieces');
  const dough = planDough(draft, kitchen);
  const doughs = dough.figures;
  const filling = planFilling(draft, kitchen, doughs.fatPercent);
  const { fold } = draft;
  const piece = shapeOf(draft.shape).piece(
    pieceSpecOf(draft, {
      fillingKgPerM3: filling.figures.densityKgPerM3,
      doughKgPerM3: doughs.family.densityKgPerM3,
      stretch: doughs.family.stretch,
    }),
  );
  // Pieces out of the Store take no dough and filling of this day.
  const made = draft.fromStored === undefined;
  const balance = {
    doughLeftKg: doughs.massKg - (draft.others?.doughKg ?? 0) - (made ? draft.pieces * (piece?.doughKg ?? 0) : 0),
    fillingLeftKg: made
      ? filling.figures.targetKg - (draft.others?.fillingKg ?? 0) - draft.pieces * fold.fillingEachKg
      : 0,
  };
  const sealed = sealPlan(draft, doughs, filling, piece, kitchen.learnt?.bursts?.[draft.shape]?.value ?? 1);
  const firmS = partFrozenS(draft, filling, kitchen);
  const supplied = formulaTotals(sealed.supplies, 'supplies', pantryOf(kitchen));
  return {
    dough,
    filling,
    contains: containedIn([doughs.totals, filling.figures.totals, supplied]),
    fold: {
      piece,
      fillingShare: fold.fillingEachKg > 0 ? fold.fillingEachKg / (fold.fillingEachKg + (piece?.doughKg ?? 0)) : 0,
      balance,
      costEach:
        piece &&
        costOf(doughs.totals.cost, doughs.massKg, piece.doughKg) +
          costOf(filling.figures.totals.cost, filling.figures.targetKg, fold.fillingEachKg) +
          supplied.cost / draft.pieces,
      ...sealed,
      firmS,
      findings: [
        ...(firmS === null
          ? []
          : [{ code: 'fold.part-frozen', tone: 'know', values: { firmS, eachKg: fold.fillingEachKg } } as const]),
        ...foldFindings(piece, balance, doughs.family, fold.thicknessM, filling.figures.densityKgPerM3, draft.pieces),
        ...sealFindings(draft, sealed.burst, sealed.coating),
      ],
    },
  };
}

/** Where no freezer gets portions firm in twelve hours, s. */
const NEVER_FIRM_S = 12 * 3600;
/** Portions that are reckoned with, m³. */
const PORTION_M3 = { least: 1e-9, most: 0.01 };

/** How long shaped portions of the filling lie in the freezer until they are firm outside, s; `null`: they do not. */
function partFrozenS(draft: TrayDraft, { figures, foldC }: FillingPlan, { freezerC }: Kitchen): number | null {
  const { fillingEachKg, fillingState } = draft.fold;
  if (fillingState !== 'part-frozen' || fillingEachKg === 0) return null;
  const { least, most } = PORTION_M3;
  const portionM3 = clamp(fillingEachKg / figures.densityKgPerM3, least, most);
  return partFreezeS(figures, portionM3, foldC, freezerC) ?? NEVER_FIRM_S;
}

/** Seam, coating and what they take of the larder. */
function sealPlan(
  draft: TrayDraft,
  { family }: ColdPlan['dough']['figures'],
  { figures }: ColdPlan['filling'],
  piece: Piece | null,
  odds: number,
): Pick<ColdPlan['fold'], 'burst' | 'coating' | 'supplies'> {
  if (!closes(piece)) return { burst: null, coating: null, supplies: [] };
  const { sealM, thicknessM, edge = 'plain' } = draft.fold;
  // What holds nothing has nothing that could open.
  const burst =
    draft.fold.fillingEachKg === 0
      ? null
      : burstOf({
          piece,
          seal: draft.seal ?? USUAL_SEAL,
          edge: shapeOf(draft.shape).hasEdge ? edge : 'plain',
          sealM,
          rolledM: thicknessM,
          family,
          // One thing that is wrapped holds its own liquid.
          freeShare:
            shapeOf(draft.shape).holdsOneWhole || figures.targetKg === 0 ? 0 : figures.freeKg / figures.targetKg,
          odds,
        });
  return {
    burst,
    coating: coatingOf(draft.coating ?? NO_COATING, piece.surfaceM2),
    supplies: suppliesFor(draft, piece),
  };
}
