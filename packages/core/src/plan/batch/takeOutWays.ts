import { LIMITS } from '../../limits/limits.js';
import { RANGES } from '../../draft/ranges.js';
import type { TrayDraft } from '../../draft/draft.js';
import { type Kitchen, smokePointC } from '../../draft/kitchen.js';
import { doughFamily } from '../../families/families.js';
import type { FryPlan } from '../../outcome/fryPlan.js';
import { failingOf, WORTH_A_CHANGE } from '../../outcome/failing.js';
import { withFold, withSizeFor } from '../edit/editDraft.js';
import { planHot } from './planBatch.js';
import { planCold } from '../tray/planCold.js';

/** What makes a moment right where none is, or right for more pieces. */
export type TakeOutWayId = 'minutes' | 'cooler' | 'hotter' | 'thinner' | 'smaller' | 'warmer' | 'turned' | 'oven';

export interface TakeOutWay {
  readonly id: TakeOutWayId;
  /** The batch with it taken; for the oven: taken out by colour. */
  readonly draft: TrayDraft;
  /** s in the oil. */
  readonly takeOutS: number;
  /** Coldest filling at the first bite, °C. */
  readonly biteC: number;
  /** Then in the oven of its draft, s; `null`: it is done without. */
  readonly ovenS: number | null;
  /** Share of pieces made by hand that come out right. */
  readonly right: number;
}

/** Oven for what is taken out by its colour, °C. Source: docs/models/practice.md. */
const FINISH_C = [175, 160] as const;
const STEP_C = 5;
/** Cooler than this nobody fries, °C. */
const COOLEST_C = 130;
const SHARES = [0.85, 0.7, 0.55] as const;

/** A plan that comes out right for nearly all pieces, and that nothing stops. */
function rightPlan(draft: TrayDraft, kitchen: Kitchen): FryPlan | null {
  const { fry } = planHot(draft, kitchen, planCold(draft, kitchen), null);
  if (!fry || fry.takeOutS === null) return null;
  const isStopped = fry.findings.some(({ tone }) => tone === 'stop');
  return isStopped || fry.chances === null || failingOf(fry.chances) !== null ? null : fry;
}

function firstRight(id: TakeOutWayId, drafts: Iterable<TrayDraft>, kitchen: Kitchen): TakeOutWay[] {
  for (const draft of drafts) {
    const fry = rightPlan(draft, kitchen);
    if (fry)
      return [{ id, draft, takeOutS: fry.takeOutS!, biteC: fry.rest!.biteC, ovenS: null, right: fry.chances!.right }];
  }
  return [];
}

function* oils(draft: TrayDraft, stepC: number, untilC: number): Generator<TrayDraft> {
  const isPast = (oilC: number) => (stepC > 0 ? oilC > untilC : oilC < untilC);
  const { least, most } = doughFamily(draft.dough.family).oilC;
  const now = draft.fry.oilC / STEP_C;
  // What is usual for this dough is tried first, and what is nearest to it.
  const firstC =
    stepC > 0
      ? Math.max(STEP_C * (Math.floor(now) + 1), STEP_C * Math.ceil(least / STEP_C))
      : Math.min(STEP_C * (Math.ceil(now) - 1), STEP_C * Math.floor(most / STEP_C));
  for (let oilC = firstC; !isPast(oilC); oilC += stepC) yield { ...draft, fry: { ...draft.fry, oilC } };
}

function* thinner(draft: TrayDraft): Generator<TrayDraft> {
  const { least } = doughFamily(draft.dough.family).rolledM;
  for (const share of SHARES) {
    const thicknessM = Math.round(draft.fold.thicknessM * share * 1e4) / 1e4;
    if (thicknessM >= Math.max(least, RANGES.draft.thicknessM.least)) yield withFold(draft, { thicknessM });
  }
}

function* smaller(draft: TrayDraft, kitchen: Kitchen): Generator<TrayDraft> {
  const { piece } = planCold(draft, kitchen).fold;
  if (!piece || draft.fold.fillingEachKg === 0) return;
  for (const share of SHARES) {
    const fillingEachKg = Math.round(draft.fold.fillingEachKg * share * 1000) / 1000;
    if (fillingEachKg < RANGES.draft.fillingEachKg.least + 1e-9) return;
    const sized = withSizeFor(withFold(draft, { fillingEachKg }), { fill: piece.fill }, kitchen);
    if (sized) yield sized;
  }
}

/** From the freezer on paper where nothing raw thaws, from the fridge from the bench. */
function warmer(draft: TrayDraft): TrayDraft[] {
  const start = (to: TrayDraft['fry']['start']) => [{ ...draft, fry: { ...draft.fry, start: to } }];
  if (draft.fry.start === 'fridge') return start('room');
  return draft.fry.start === 'frozen' && draft.filling.raw === undefined ? start('tempered') : [];
}

/** Taken out by its colour from the oil as it is, and then in the oven until it is done inside: a gentler one where the usual darkens it. */
function inOven(draft: TrayDraft, kitchen: Kitchen): TakeOutWay[] {
  for (const ovenC of FINISH_C) {
    const finished = { ...draft, fry: { ...draft.fry, thenOven: { ovenC, minutesS: null } } };
    const fry = rightPlan(finished, kitchen);
    if (fry?.thenOven == null) continue;
    const { takeOutS, rest, thenOven, chances } = fry;
    const oven = { ovenS: thenOven.minutesS, right: chances!.right };
    return [{ id: 'oven', draft: finished, takeOutS: takeOutS!, biteC: rest!.biteC, ...oven }];
  }
  return [];
}

/**
 * What would make a right moment to take pieces out where there is none, or one that is right for more of them: one
 * change each, by itself enough, with the figures it leads to. A handful of whole plans: for a worker.
 * @param right share of pieces that come out right as it is planned
 * @throws CoreError with the draft's field as path
 * @example takeOutWays({ ...draft, fry: { ...draft.fry, oilC: 115 } }, kitchen, 0)[0].id // 'hotter'
 */
export function takeOutWays(draft: TrayDraft, kitchen: Kitchen, right: number): TakeOutWay[] {
  const { thenOven: _oven, ...fry } = draft.fry;
  const free = { ...draft, fry: { ...fry, minutesS: null, loadSize: null } };
  const hottestC = Math.min(RANGES.draft.oilC.most, 190, smokePointC(kitchen) - LIMITS.plan.underSmokeC);
  const isWorth = (way: TakeOutWay) => way.right > right + WORTH_A_CHANGE;
  const asIs = { ...draft, fry: { ...fry, minutesS: null } };
  // Where other minutes are enough, nothing else need change.
  const minutes = fry.minutesS === null ? [] : firstRight('minutes', [asIs], kitchen);
  if (minutes.length > 0) return minutes.filter(isWorth);
  return [
    ...firstRight('cooler', oils(free, -STEP_C, COOLEST_C), kitchen),
    ...firstRight('hotter', oils(free, STEP_C, hottestC), kitchen),
    ...firstRight('thinner', thinner(free), kitchen),
    ...firstRight('smaller', smaller(free, kitchen), kitchen),
    ...firstRight('warmer', warmer(free), kitchen),
    ...(free.fry.turn === 'once'
      ? firstRight('turned', [{ ...free, fry: { ...free.fry, turn: 'each-minute' } }], kitchen)
      : []),
    ...inOven(free, kitchen),
  ].filter(isWorth);
}
