import { RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { crustName, type CrustName } from '../../heat/colour.js';
import { darkerFace, palerFace } from '../../heat/solveFry.js';
import { type CrumbAnswer, crumbRange } from '../../oil/crumbTest.js';
import type { TrayDraft } from '../../draft/draft.js';
import { planHot } from './planBatch.js';
import { planCold } from '../tray/planCold.js';
import type { TurnMethod, StartState } from '../../draft/choices.js';
import type { Kitchen } from '../../draft/kitchen.js';

/** Where cooks disagree about the fry; each is one change to a draft. */
export type FryMethod = 'slow' | 'rising' | 'hot' | TurnMethod | StartState;
export const FRY_METHODS: readonly FryMethod[] = [
  'slow',
  'rising',
  'hot',
  'once',
  'each-minute',
  'basted',
  'held-under',
  'half-depth',
  'room',
  'fridge',
  'frozen',
  'tempered',
];

/** Oil of the two methods, °C. Source: docs/models/practice.md. */
const SLOW_C = 155;
const HOT_C = 178;
/** In cool, and out of hotter oil: the oldest of the slow ways. Source: docs/models/practice.md. */
const RISING = { oilC: 130, ramp: { outC: 162, overS: 600 } } as const;

/**
 * The same batch fried by one method; minutes and load are the solver's again.
 * @example withFryMethod(draft, 'hot').fry.oilC // 178
 */
export function withFryMethod(draft: TrayDraft, method: FryMethod): TrayDraft {
  const { ramp: _ramp, ...held } = draft.fry;
  const fry = { ...held, minutesS: null, loadSize: null };
  switch (method) {
    case 'slow':
      return { ...draft, fry: { ...fry, oilC: SLOW_C } };
    case 'rising':
      return { ...draft, fry: { ...fry, ...RISING } };
    case 'hot':
      return { ...draft, fry: { ...fry, oilC: HOT_C } };
    case 'once':
    case 'each-minute':
    case 'basted':
    case 'held-under':
    case 'half-depth':
      return { ...draft, fry: { ...fry, turn: method } };
    case 'room':
    case 'fridge':
    case 'frozen':
    case 'tempered':
      return { ...draft, fry: { ...fry, start: method } };
    default: {
      const never: never = method;
      return never;
    }
  }
}

/** What comes of one way to fry; `null` figures where the piece never comes out. */
export interface FryArm {
  readonly oilC: number;
  readonly startC: number;
  readonly takeOutS: number | null;
  readonly doneS: number | null;
  readonly goldenS: number | null;
  readonly darkS: number | null;
  /** Paler and darker face when taken out. */
  readonly colours: readonly [CrustName, CrustName] | null;
  readonly coreC: number | null;
  readonly crustM: number | null;
  /** Of one piece, kg. */
  readonly waterLostKg: number | null;
  readonly oilTakenKg: number | null;
  readonly loadSize: number | null;
  readonly loads: number | null;
  /** Of a pipeline: s between two pieces going in; `null`: in loads. */
  readonly everyS: number | null;
  /** first piece in to the last piece out, s. */
  readonly totalS: number | null;
  readonly lowestC: number | null;
  readonly isSafe: boolean;
}

/**
 * One way to fry a batch, in the figures cooks compare. `null` without a piece.
 * @throws CoreError with the draft's field as path
 * @example fryArm(draft, kitchen).isSafe // true
 */
export function fryArm(draft: TrayDraft, kitchen: Kitchen): FryArm | null {
  const { fry } = planHot(draft, kitchen, planCold(draft, kitchen), null);
  if (!fry) return null;
  const { solution, takeOutS, atTakeOut, loads, bulk } = fry;
  return {
    oilC: draft.fry.oilC,
    startC: fry.body.startC,
    takeOutS,
    doneS: solution.doneS,
    goldenS: solution.goldenS,
    darkS: solution.darkS,
    colours: atTakeOut && [crustName(palerFace(atTakeOut)), crustName(darkerFace(atTakeOut))],
    coreC: atTakeOut && atTakeOut.coreC,
    crustM: atTakeOut && atTakeOut.crustM,
    waterLostKg: atTakeOut && atTakeOut.waterKgPerM2 * bulk.surfaceM2,
    oilTakenKg: fry.oilUptakeKg,
    loadSize: loads && loads.loadSize,
    loads: loads && loads.loads,
    everyS: loads && loads.everyS,
    totalS: loads && loads.totalS,
    lowestC: loads && loads.lowestC,
    isSafe: !fry.findings.some((finding) => finding.tone === 'stop'),
  };
}

/** The same batch in the coolest and the hottest oil that a crumb may mean. */
export interface CrumbPlan {
  readonly answer: CrumbAnswer;
  readonly leastC: number;
  readonly mostC: number;
  readonly cool: FryArm;
  readonly hot: FryArm;
  /** Cooked through in either, and dark in neither: when to take out by the clock; `null`: only by eye. */
  readonly safeS: { readonly from: number; readonly to: number } | null;
}

/**
 * What a crumb of dough in the oil says, as a range, and the fry at both its ends.
 * `null` without a piece, or where the oil is no oil to fry in.
 * @example crumbPlan(draft, kitchen, 'sits') // null
 */
export function crumbPlan(draft: TrayDraft, kitchen: Kitchen, answer: CrumbAnswer): CrumbPlan | null {
  const { leastC, mostC, fries } = crumbRange(answer);
  if (!fries) return null;
  const at = (oilC: number) =>
    fryArm(
      { ...draft, fry: { ...draft.fry, oilC: requireIn(oilC, RANGES.draft.oilC, 'oilC'), minutesS: null } },
      kitchen,
    );
  const [cool, hot] = [at(leastC), at(mostC)];
  if (!cool || !hot) return null;
  const ready = [cool.doneS, cool.goldenS, hot.doneS].every((s) => s !== null)
    ? Math.max(cool.doneS!, cool.goldenS!, hot.doneS!)
    : null;
  const to = hot.darkS ?? 1800;
  return { answer, leastC, mostC, cool, hot, safeS: ready !== null && to > ready ? { from: ready, to } : null };
}
