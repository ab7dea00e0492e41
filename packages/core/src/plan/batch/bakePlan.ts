import { shapeOf } from '../../shapes/shapes.js';
import { RANGES } from '../../draft/ranges.js';
import { requireIn, requireWithin } from '../../errors.js';
import { advanceFry } from '../../heat/advanceFry.js';
import { coldestC, interfacePeakC } from '../../heat/fryTemperatures.js';
import { copyFryBody, createFryBody, type FryBody, type FryBodySpec } from '../../heat/fryBody.js';
import { coreMustBeSafe, safeCoreC } from '../../filling/fillingSafety.js';
import { ovenSkinH } from '../../heat/ovenHeat.js';
import { doughSetC, solveFry } from '../../heat/solveFry.js';
import { isFryable } from '../../shapes/kit/piece.js';
import type { TrayDraft } from '../../draft/draft.js';
import { fryArm } from './fryArms.js';
import { planCold } from '../tray/planCold.js';
import { type BakedPiece, bakedPiece, ovenH } from '../tray/trayBake.js';
import { onRack, onTray, OVEN_HORIZON_S, OVEN_STEPPING } from '../../heat/runPhase.js';
import { fryBodyOf } from '../tray/trayBody.js';
import type { Kitchen } from '../../draft/kitchen.js';

/** Trays one after the other in a small oven, at most. */
const MOST_TRAYS = 12;

/** A piece baked instead of fried. */
export interface BakePlan extends BakedPiece {
  /** A burst or raw piece, taken out from the oil half way, until its core is there, s. */
  readonly rescueS: number | null;
}

/**
 * The same piece in an oven; and how long one that opened in the oil half way still needs in
 * there. `null` without a piece.
 *
 * @param ovenC 150–230
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example bakePlan(draft, kitchen, 180).darkFirst // false
 */
export function bakePlan(draft: TrayDraft, kitchen: Kitchen, ovenC: number): BakePlan | null {
  requireIn(ovenC, RANGES.oven.ovenC, 'ovenC');
  const cold = planCold(draft, kitchen);
  const { piece } = cold.fold;
  if (!isFryable(piece)) return null;
  const body = fryBodyOf(draft, kitchen, cold, piece);
  const { coreTargetC } = draft.filling;
  const coreIsLine = coreMustBeSafe(draft);
  const fried = solveFry({ body, oilC: draft.fry.oilC, turn: 'held-under', coreTargetC, coreIsLine, horizonS: 1800 });
  const halfS = fried.doneS === null ? null : fried.doneS / 2;
  return {
    ...bakedPiece(draft, kitchen, body, ovenC),
    rescueS:
      halfS === null
        ? null
        : rescueS(body, draft.fry.oilC, halfS, ovenC, ovenH(draft, kitchen, ovenC), safeCoreC(draft)),
  };
}

/** Fried for a while, then in the oven until dough and core are there, s; `null`: not in an hour and a half. */
function rescueS(
  body: FryBodySpec,
  oilC: number,
  friedS: number,
  ovenC: number,
  h: number,
  coreTargetC: number,
): number | null {
  const fried = createFryBody({ ...body, faces: 'one' });
  advanceFry(fried, friedS, oilC);
  const moved = copyFryBody(fried, onRack(body, h));
  const startS = moved.timeS;
  const setC = doughSetC(body);
  const coreC = Math.min(coreTargetC, body.boilingC - 4);
  let foundS: number | null = null;
  const onStep = (now: FryBody) => {
    const core = now.spec.fillingCells === 0 ? coldestC(now, 1) : coldestC(now, 0);
    if (interfacePeakC(now) < setC || core < coreC) return false;
    foundS = now.timeS - startS;
    return true;
  };
  advanceFry(moved, OVEN_HORIZON_S, ovenC, onStep, OVEN_STEPPING);
  return foundS;
}

/** Part of a batch in the oven while the rest is fried. s. */
export interface SplitPlan {
  readonly baked: number;
  readonly trays: number;
  readonly fried: number;
  /** Oven and pot together; they run side by side. */
  readonly totalS: number;
  readonly allFriedS: number;
}

/**
 * How many pieces go to the oven, in whole trays, so that oven and pot are done soonest
 * together. `null` where it does not bake, does not fry, or frying alone is as quick.
 *
 * @param perTray 1–60
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example splitPlan({ ...draft, pieces: 2 }, kitchen, 190, 2) // null
 */
export function splitPlan(draft: TrayDraft, kitchen: Kitchen, ovenC: number, perTray: number): SplitPlan | null {
  requireIn(perTray, RANGES.oven.perTray, 'perTray');
  const outS = bakePlan(draft, kitchen, ovenC)?.outS ?? null;
  const all = fryArm(draft, kitchen);
  if (outS === null || all?.totalS == null) return null;
  let best: SplitPlan | null = null;
  for (let trays = 1; trays * perTray <= draft.pieces && trays <= MOST_TRAYS; trays++) {
    const baked = trays * perTray;
    const fried = draft.pieces - baked;
    const loadSize = draft.fry.loadSize === null ? null : Math.min(draft.fry.loadSize, Math.max(1, fried));
    const arm = fried === 0 ? null : fryArm({ ...draft, pieces: fried, fry: { ...draft.fry, loadSize } }, kitchen);
    const totalS = Math.max(trays * outS, arm?.totalS ?? 0);
    if (totalS < (best?.totalS ?? all.totalS)) best = { baked, trays, fried, totalS, allFriedS: all.totalS };
  }
  return best;
}

/** A factor is found to this share of itself. */
const FACTOR_NEAR = 0.01;

/**
 * Heat at the skin, over the usual oven's, that explains when a bake was golden; `null` where no
 * oven does. Bisection: more heat is golden sooner.
 *
 * @param goldenS s in the oven until golden, as seen
 * @throws CoreError OUT_OF_RANGE
 * @example ovenFactorSeen(draft, kitchen, 160, 120) // null
 */
export function ovenFactorSeen(draft: TrayDraft, kitchen: Kitchen, ovenC: number, goldenS: number): number | null {
  requireWithin(goldenS, 60, OVEN_HORIZON_S, 'goldenS');
  const cold = planCold(draft, kitchen);
  const { piece } = cold.fold;
  if (!isFryable(piece)) return null;
  const body = fryBodyOf(draft, kitchen, cold, piece);
  const goldenAt = (factor: number): number => {
    const spec = {
      oilC: ovenC,
      turn: 'held-under',
      coreTargetC: draft.filling.coreTargetC,
      horizonS: OVEN_HORIZON_S,
    } as const;
    const enough = { afterS: 0, leastS: goldenS };
    const inTin = shapeOf(draft.shape).standsInTin === true;
    const baked = onTray(body, ovenSkinH(ovenC, inTin, factor), inTin);
    return solveFry({ ...spec, body: baked, stepping: OVEN_STEPPING, enough }).goldenS ?? Infinity;
  };
  let [low, high]: [number, number] = [RANGES.oven.factor.least, RANGES.oven.factor.most];
  if (goldenAt(low) < goldenS || goldenAt(high) > goldenS) return null;
  while (high / low > 1 + FACTOR_NEAR) {
    const middle = Math.sqrt(low * high);
    if (goldenAt(middle) > goldenS) low = middle;
    else high = middle;
  }
  return Math.sqrt(low * high);
}
