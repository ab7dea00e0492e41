import { shapeOf } from '../../shapes/shapes.js';
import { type MeasureId, type RunStepId, type StepKey } from '../../cook/cookAct.js';
import type { DoughFamily } from '../../families/family.js';
import type { OwnStep } from '../../draft/batchDraft.js';
import type { TrayDraft, TrayMark } from '../../draft/draft.js';
import type { ChainStep } from '../../schedule/backwardChain.js';
import type { BatchPlan } from '../tray/batchPlan.js';
import { isUncooked } from '../../filling/fillingSafety.js';
import { WEIGH_SHARE } from './planDay.js';

/** What hands or eyes find out before a step is over. */
export type CheckId = 'spoon' | 'cold' | 'fist' | 'windowpane' | 'smooth' | 'slack' | 'seam' | 'poke' | 'crumb';

/** A figure to be measured, with what is expected of it. SI; °C. */
export interface StepMeasure {
  readonly what: MeasureId;
  readonly planned: number;
}

/** One step of the run-sheet. */
export interface RunStep {
  /** The same in every list of this batch: what is recorded of it. */
  readonly id: StepKey;
  readonly what: RunStepId;
  /** The tray it is for, where the batch has several; absent: all of them. */
  readonly mark?: TrayMark;
  /** The portion of dough, where there are several. */
  readonly portion?: number;
  /** The step of one's own that it is. */
  readonly own?: OwnStep;
  /** Hands: the cook is booked. Passive: it goes on by itself. Stove: in the Stove room, hands and eyes. */
  readonly kind: 'hands' | 'passive' | 'stove';
  /** As planned back from the table, ms. */
  readonly startMs: number;
  readonly durationS: number;
  /** Not before these are done; passive ones also count when their time is over. */
  readonly after: readonly StepKey[];
  readonly check: CheckId | null;
  /** In the order in which they come. */
  readonly measures: readonly StepMeasure[];
}

/** Share of the folding task that is spent before folding. Our own. */
const ROLL_SHARE = 0.2;

function doughCheck(family: DoughFamily): CheckId {
  if (family.fistTest) return 'fist';
  return family.windowpane ? 'windowpane' : 'smooth';
}

export const lengthS = ({ startMs, endMs }: ChainStep): number => (endMs - startMs) / 1000;

/** Which mark a tray has in a task: its filling's, or its own. */
function markFor({ id }: Pick<ChainStep, 'id'>, { mark, fillingOf }: TrayDraft): TrayMark | undefined {
  return id === 'filling' || id === 'cool' ? (fillingOf ?? mark) : mark;
}

export interface TrayOfSheet {
  readonly draft: TrayDraft;
  readonly plan: BatchPlan;
}

/** The tray a task is listed at: its own, or the first it is about. */
export function holderOf(step: ChainStep, trays: readonly TrayOfSheet[]): TrayOfSheet | undefined {
  if (step.id === 'bake') return trays.find(({ plan }) => plan.bake !== null);
  return trays.find(({ draft }) => markFor(step, draft) === step.mark);
}

/** A step of the chain as one or more of the sheet; what it waits for is added after. */
export type Bare = Omit<RunStep, 'id' | 'after'>;

/** Portions of dough that are really made. */
const portionsOf = ({ serve }: BatchPlan): number => serve?.steps.filter(({ id }) => id === 'dough').length ?? 1;

/** What is measured of one portion of dough: what was poured, how warm it is where yeast is in it, what boiled off. */
function doughMeasures(plan: BatchPlan): StepMeasure[] {
  const { figures, rise } = plan.dough;
  const portions = portionsOf(plan);
  const { pourableKg, massKg } = figures;
  const found: StepMeasure[] = [];
  if (pourableKg > 0) found.push({ what: 'poured-kg', planned: pourableKg / portions });
  if (rise?.liquidC != null) found.push({ what: 'liquid-c', planned: rise.liquidC });
  if (rise) found.push({ what: 'dough-c', planned: rise.doughC });
  if (figures.family.onHeat && massKg > 0) found.push({ what: 'dough-kg', planned: massKg / portions });
  return found;
}

/** When the first sheet is golden: what this oven is learnt by. */
function bakeMeasures({ bake }: BatchPlan): StepMeasure[] {
  return bake?.goldenS == null ? [] : [{ what: 'golden-s', planned: bake.goldenS }];
}

/** The step or steps of one task. Long because each kind of task is one case. */
export function stepsOf(step: ChainStep, { draft, plan }: TrayOfSheet, several: boolean): Bare[] {
  const { startMs } = step;
  const nothing = { check: null, measures: [] } as const;
  const of = {
    ...(several && step.mark !== undefined && { mark: step.mark }),
    ...(portionsOf(plan) > 1 &&
      (step.id === 'dough' || step.id === 'rest' || step.id === 'fold') && { portion: step.portion ?? 1 }),
  };
  const after = (s: number) => startMs + 1000 * s;
  const whole = { ...nothing, ...of, startMs, durationS: lengthS(step) };
  switch (step.id) {
    case 'filling': {
      if (isUncooked(draft.filling)) return [{ ...whole, what: 'weigh-filling', kind: 'hands' }];
      const weighS = WEIGH_SHARE * lengthS(step);
      const gross = draft.filling.panKg + plan.filling.figures.targetKg;
      return [
        { ...whole, what: 'weigh-filling', kind: 'hands', durationS: weighS },
        {
          ...whole,
          what: 'cook-filling',
          kind: 'hands',
          startMs: after(weighS),
          // What is wrapped whole is no paste that a spoon could stand in.
          durationS: lengthS(step) - weighS,
          check: shapeOf(draft.shape).holdsOneWhole ? null : 'spoon',
          measures: [{ what: 'pan-kg', planned: gross }],
        },
      ];
    }
    case 'cool':
      if (isUncooked(draft.filling)) return [];
      return [
        {
          ...whole,
          what: 'cool',
          kind: 'passive',
          check: 'cold',
          measures: [{ what: 'filling-c', planned: plan.filling.foldC }],
        },
      ];
    case 'dough': {
      const check = doughCheck(plan.dough.figures.family);
      return [{ ...whole, what: 'mix-dough', kind: 'hands', check, measures: doughMeasures(plan) }];
    }
    case 'rest':
      return [{ ...whole, what: 'rest', kind: 'passive', check: 'slack' }];
    case 'fold': {
      const rollS = ROLL_SHARE * lengthS(step);
      return [
        {
          ...whole,
          what: 'roll',
          kind: 'hands',
          durationS: rollS,
          measures: [{ what: 'rolled-m', planned: draft.fold.thicknessM }],
        },
        {
          ...whole,
          what: 'fold',
          kind: 'hands',
          startMs: after(rollS),
          durationS: lengthS(step) - rollS,
          check: 'seam',
          measures: [{ what: 'pieces', planned: step.pieces ?? draft.pieces }],
        },
      ];
    }
    case 'shape':
    case 'dry':
    case 'stored':
      return [{ ...whole, what: step.id, kind: 'hands' }];
    case 'firm':
    case 'warm':
    case 'hold':
      return [{ ...whole, what: step.id, kind: 'passive' }];
    case 'proof':
      return [{ ...whole, what: 'proof', kind: 'passive', check: 'poke' }];
    case 'bake':
      return [{ ...whole, what: 'bake', kind: 'passive', measures: bakeMeasures(plan) }];
    case 'oven':
    case 'crisp':
      return [{ ...whole, what: step.id, kind: 'passive' }];
    case 'heat':
      return [{ ...whole, what: 'heat', kind: 'stove', check: 'crumb' }];
    case 'fry':
      return [{ ...whole, what: 'fry', kind: 'stove' }];
    case 'serve':
      return [{ ...whole, what: 'serve', kind: 'hands' }];
    case 'own':
      return [{ ...whole, what: 'own', kind: step.kind, ...(step.own && { own: step.own }) }];
    default: {
      const never: never = step.id;
      return never;
    }
  }
}
