import { RANGES } from '../draft/ranges.js';
import { requireIn } from '../errors.js';
import { advanceFry, coldestC, FRY_STEPPING, interfacePeakC } from '../frying/advanceFry.js';
import { copyFryBody, createFryBody, type FryBody, type FryBodySpec } from '../frying/fryBody.js';
import { coreMustBeSafe, safeCoreC } from '../filling/fillingSafety.js';
import { doughSetC, solveFry } from '../frying/solveFry.js';
import type { FryPlan } from '../frying/fryPlan.js';
import { isFryable } from '../piece/piece.js';
import type { BatchDraft } from '../draft/draft.js';
import { fryArm } from './fryArms.js';
import { fryBodyOf, planCold } from './planBatch.js';
import type { Kitchen } from '../draft/kitchen.js';

/** Air of an oven and the glow of its walls at the skin, W/m²K. Source: docs/models/frying.md (h 15–25, radiation); our own sum. */
const OVEN_H = 35;
/** How long the oven is looked at, s. */
const HORIZON_S = 5400;
const LATER_S = 60;
/** Trays one after the other in a small oven, at most. */
const MOST_TRAYS = 12;
const STEPPING = { ...FRY_STEPPING, mostS: 5 };

function inOven(body: FryBodySpec): FryBodySpec {
  return { ...body, faces: 'one', surface: { stillH: OVEN_H, bubblingH: OVEN_H, fullFluxWPerM2: 1 } };
}

/** A piece baked instead of fried. Moments in s, `null` when not within an hour and a half. */
export interface BakePlan {
  readonly doneS: number | null;
  readonly goldenS: number | null;
  readonly darkS: number | null;
  /** Out of the oven: cooked and golden, whichever is later. */
  readonly outS: number | null;
  /** A burst or raw piece, lifted from the oil half way, until its core is there. */
  readonly rescueS: number | null;
}

/**
 * The same piece in an oven: the fryer's solver with air and glowing walls for oil; and how long
 * one that opened in the oil half way still needs in there. `null` without a piece.
 *
 * @param ovenC 150–230
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function bakePlan(draft: BatchDraft, kitchen: Kitchen, ovenC: number): BakePlan | null {
  requireIn(ovenC, RANGES.oven.ovenC, 'ovenC');
  const cold = planCold(draft, kitchen);
  const { piece } = cold.fold;
  if (!isFryable(piece)) return null;
  const body = fryBodyOf(draft, kitchen, cold, piece);
  const { coreTargetC } = draft.filling;
  const coreIsLine = coreMustBeSafe(draft);
  const spec = {
    oilC: ovenC,
    turn: 'held-under',
    coreTargetC,
    coreIsLine,
    horizonS: HORIZON_S,
    stepping: STEPPING,
  } as const;
  const baked = solveFry({ ...spec, body: inOven(body) });
  const { doneS, goldenS, liftColourS, darkS } = baked;
  const colourS = liftColourS ?? goldenS;
  const fried = solveFry({ body, oilC: draft.fry.oilC, turn: 'held-under', coreTargetC, coreIsLine, horizonS: 1800 });
  return {
    doneS,
    goldenS,
    darkS,
    outS: doneS === null || colourS === null ? null : Math.max(doneS + LATER_S, colourS),
    rescueS: fried.doneS === null ? null : rescueS(body, draft.fry.oilC, fried.doneS / 2, ovenC, safeCoreC(draft)),
  };
}

/**
 * A piece of a plan that is lifted by its colour and finished in the oven, s in there; `null`:
 * not done in an hour and a half.
 */
export function finishInOvenS(
  draft: BatchDraft,
  { body }: Pick<FryPlan, 'body'>,
  liftS: number,
  ovenC: number,
): number | null {
  return rescueS(body, draft.fry.oilC, liftS, ovenC, safeCoreC(draft));
}

/** Fried for a while, then in the oven until dough and core are there, s; `null`: not in an hour and a half. */
function rescueS(body: FryBodySpec, oilC: number, friedS: number, ovenC: number, coreTargetC: number): number | null {
  const fried = createFryBody({ ...body, faces: 'one' });
  advanceFry(fried, friedS, oilC);
  const moved = copyFryBody(fried, inOven(body));
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
  advanceFry(moved, HORIZON_S, ovenC, onStep, STEPPING);
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
 */
export function splitPlan(draft: BatchDraft, kitchen: Kitchen, ovenC: number, perTray: number): SplitPlan | null {
  requireIn(perTray, RANGES.oven.perTray, 'perTray');
  const outS = bakePlan(draft, kitchen, ovenC)?.outS ?? null;
  const all = fryArm(draft, kitchen);
  if (outS === null || all?.totalS == null) return null;
  let best: SplitPlan | null = null;
  for (let trays = 1; trays * perTray <= draft.pieces && trays <= MOST_TRAYS; trays++) {
    const baked = trays * perTray;
    const fried = draft.pieces - baked;
    const lotSize = draft.fry.lotSize === null ? null : Math.min(draft.fry.lotSize, Math.max(1, fried));
    const arm = fried === 0 ? null : fryArm({ ...draft, pieces: fried, fry: { ...draft.fry, lotSize } }, kitchen);
    const totalS = Math.max(trays * outS, arm?.totalS ?? 0);
    if (totalS < (best?.totalS ?? all.totalS)) best = { baked, trays, fried, totalS, allFriedS: all.totalS };
  }
  return best;
}
