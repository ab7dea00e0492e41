import type { TrayDraft } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { coreMustBeSafe, safeCoreC } from '../../filling/fillingSafety.js';
import type { FryBody, FryBodySpec } from '../../heat/fryBody.js';
import type { OvenPhasePlan } from '../../outcome/fryPlan.js';
import { doughSetC, type FryRun } from '../../heat/solveFry.js';
import { runPhase } from '../../heat/runPhase.js';
import { USUAL_HANDS } from '../../outcome/hands.js';
import { chancesAt, type OutcomeChances } from '../../outcome/outcomeChances.js';
import type { OutcomeSurface, SurfaceSpec } from '../../outcome/outcomeSurface.js';
import { chancesAfterOven } from '../../outcome/ovenChances.js';
import type { PieceAsk, PlannedPiece } from '../../outcome/plannedPiece.js';
import { takeOutMoment } from '../../outcome/takeOutMoment.js';
import { aroundOf } from './afterOil.js';

/** How a tray is fried, and how far the pieces of this cook differ. */
export function heatOf(draft: TrayDraft, { learnt }: Pick<Kitchen, 'learnt'>, body: FryBodySpec): SurfaceSpec {
  const { fry, filling } = draft;
  return {
    body,
    oilC: fry.oilC,
    turn: fry.turn,
    ...(fry.ramp && { ramp: fry.ramp }),
    coreTargetC: filling.coreTargetC,
    coreIsLine: coreMustBeSafe(draft),
    hands: { ...USUAL_HANDS, portion: learnt?.portions?.value ?? USUAL_HANDS.portion },
  };
}

/** What must be true of a piece of this tray when it is eaten. */
export function askOf(draft: TrayDraft, { roomC }: Pick<Kitchen, 'roomC'>, body: FryBodySpec): PieceAsk {
  return {
    setC: doughSetC(body),
    coreC: coreMustBeSafe(draft) ? Math.min(draft.filling.coreTargetC, body.boilingC - 4) : null,
    roomC,
  };
}

/**
 * When pieces leave the oil: after the cook's own minutes; else, where an oven finishes them, as soon as they are
 * golden; else when most pieces made by hand are right. s; `null`: no moment is right
 */
export function takeOutOf(
  { fry: { minutesS, thenOven } }: TrayDraft,
  { solution: { takeOutColourS, goldenS } }: FryRun,
  surface: OutcomeSurface,
  piece: PlannedPiece,
): number | null {
  const colourS = takeOutColourS ?? goldenS;
  return minutesS ?? (thenOven ? colourS : takeOutMoment(surface, piece, colourS));
}

/** Whether a piece is taken out before it is done in the oil and resting makes it so. */
export function isDoneByRest({ setS, safeS, setByRestS, safeByRestS }: PlannedPiece, takeOutS: number): boolean {
  return takeOutS < Math.max(setS, safeS) && takeOutS >= Math.max(setByRestS, safeByRestS);
}

/**
 * How pieces made by hand come out, resting or the oven after the oil counted.
 * @returns `null`: the oven never finishes them
 */
export function chancesOf(
  draft: TrayDraft,
  kitchen: Kitchen,
  heat: SurfaceSpec,
  surface: OutcomeSurface,
  piece: PlannedPiece,
  takeOutS: number,
  oven: Pick<OvenPhasePlan, 'ovenC' | 'minutesS'> | null,
): OutcomeChances | null {
  if (oven === null) return chancesAt(surface, piece, takeOutS);
  const { ovenC, minutesS } = oven;
  if (minutesS === null) return null;
  const around = aroundOf(draft, kitchen);
  const phase = { kind: 'oven', ovenC, lies: 'rack', end: { by: 'minutes', minutesS } } as const;
  const inOven = (fried: FryBody) => runPhase(fried, phase, around, safeCoreC(draft)).body;
  return chancesAfterOven(heat, takeOutS, inOven, askOf(draft, kitchen, heat.body));
}
