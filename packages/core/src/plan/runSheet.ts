import type { BatchPlan } from './batchPlan.js';
import type { BatchDraft } from '../draft/draft.js';
import type { DoughFamily } from '../dough/doughFamily.js';
import { type CookState, type RunStepId, stepState } from '../cook/cookAct.js';
import type { Kitchen } from '../draft/kitchen.js';

/** What hands or eyes find out before a step is over. */
export type CheckId = 'spoon' | 'cold' | 'fist' | 'windowpane' | 'smooth' | 'slack' | 'seam' | 'crumb';
/** What is measured, and in what: gross pan, filling, water poured, wall as rolled, pieces folded, oil. */
export type MeasureId = 'pan-kg' | 'filling-c' | 'poured-kg' | 'rolled-m' | 'pieces';

/** One step of the run-sheet. */
export interface RunStep {
  readonly id: RunStepId;
  /** Hands: the cook is booked. Passive: it goes on by itself. Fire: in the Fire room, hands and eyes. */
  readonly kind: 'hands' | 'passive' | 'fire';
  /** As planned back from the table, ms. */
  readonly startMs: number;
  readonly durationS: number;
  /** Not before these are done; passive ones also count when their time is over. */
  readonly after: readonly RunStepId[];
  readonly check: CheckId | null;
  readonly measure: MeasureId | null;
  /** What is expected of the measure, SI; `null` without one. */
  readonly planned: number | null;
}

/** Of the stretch that cooks the filling, and of the one that folds, this share goes before it. Our own. */
const WEIGH_SHARE = 0.2;
const ROLL_SHARE = 0.2;

function doughCheck(family: DoughFamily): CheckId {
  if (family.fistTest) return 'fist';
  return family.id === 'yeast' || family.id === 'soft-quick' || family.id === 'sheet' ? 'windowpane' : 'smooth';
}

/**
 * Every step of a batch in order, from its plan. Empty when the plan has no piece to fry. Long
 * for it is that list, a step each.
 * @param draft and plan belong together
 * @example runSheet(draft, plan, kitchen)[0].id // 'weigh-filling'
 */
export function runSheet(draft: BatchDraft, plan: BatchPlan, kitchen: Pick<Kitchen, 'hands'>): RunStep[] {
  const { serve, dough, filling } = plan;
  if (!serve) return [];
  const found = (id: string) => serve.steps.find((step) => step.id === id);
  const lengthS = (id: string) => {
    const step = found(id);
    return step ? (step.endMs - step.startMs) / 1000 : 0;
  };
  const nothing = { check: null, measure: null, planned: null };
  const cooked = found('filling');
  const foldS = lengthS('fold');
  const at = (id: string, shiftS = 0) => (found(id)?.startMs ?? serve.startMs) + 1000 * shiftS;
  const steps: RunStep[] = [];
  if (cooked) {
    const weighS = WEIGH_SHARE * lengthS('filling');
    const gross = draft.filling.panKg + filling.figures.targetKg;
    steps.push(
      { ...nothing, id: 'weigh-filling', kind: 'hands', startMs: at('filling'), durationS: weighS, after: [] },
      {
        ...{
          id: 'cook-filling',
          kind: 'hands',
          startMs: at('filling', weighS),
          durationS: lengthS('filling') - weighS,
        },
        ...{ after: ['weigh-filling'], check: 'spoon', measure: 'pan-kg', planned: gross },
      },
      {
        ...{ id: 'cool', kind: 'passive', startMs: at('cool'), durationS: lengthS('cool') },
        ...{ after: ['cook-filling'], check: 'cold', measure: 'filling-c', planned: filling.foldC },
      },
    );
  }
  const { family, pourableKg } = dough.figures;
  steps.push(
    {
      ...{ id: 'mix-dough', kind: 'hands', startMs: at('dough'), durationS: lengthS('dough'), after: [] },
      ...{
        check: doughCheck(family),
        ...(pourableKg > 0 ? { measure: 'poured-kg', planned: pourableKg } : { measure: null, planned: null }),
      },
    },
    {
      ...{ id: 'rest', kind: 'passive', startMs: at('rest'), durationS: lengthS('rest'), after: ['mix-dough'] },
      ...{ check: 'slack', measure: null, planned: null },
    },
    {
      ...{ id: 'roll', kind: 'hands', startMs: at('fold'), durationS: ROLL_SHARE * foldS, after: ['rest'] },
      ...{ check: null, measure: 'rolled-m', planned: draft.fold.thicknessM },
    },
    {
      ...{ id: 'fold', kind: 'hands', startMs: at('fold', ROLL_SHARE * foldS), durationS: (1 - ROLL_SHARE) * foldS },
      ...{ after: cooked ? ['roll', 'cool'] : ['roll'], check: 'seam', measure: 'pieces', planned: draft.pieces },
    },
  );
  const held = found('hold');
  if (held) {
    steps.push({
      ...nothing,
      id: 'hold',
      kind: 'passive',
      startMs: held.startMs,
      durationS: lengthS('hold'),
      after: ['fold'],
    });
  }
  steps.push(
    {
      ...{ id: 'heat', kind: 'fire', startMs: at('heat'), durationS: lengthS('heat'), after: [held ? 'hold' : 'fold'] },
      ...{ check: 'crumb', measure: null, planned: null },
    },
    { ...nothing, id: 'fry', kind: 'fire', startMs: at('fry'), durationS: lengthS('fry'), after: ['heat'] },
    { ...nothing, id: 'serve', kind: 'hands', startMs: at('serve'), durationS: kitchen.hands.serveS, after: ['fry'] },
  );
  return steps.sort((a, b) => a.startMs - b.startMs);
}

/** A step that goes on by itself. */
interface Background {
  readonly step: RunStep;
  /** When its time is over, ms. */
  readonly readyMs: number;
}

/** What the cook sees now. */
export interface StepsNow {
  /** The one large step; `null` when all is done. */
  readonly current: RunStep | null;
  /** Nothing for the hands: the current step only waits. */
  readonly waits: boolean;
  readonly background: readonly Background[];
  readonly next: readonly RunStep[];
  /** Steps that another cook has taken. */
  readonly taken: readonly RunStep[];
  /** When it would be on the table if all goes on from now as planned, ms. */
  readonly tableMs: number;
}

const isOver = (state: CookState, id: RunStepId): boolean => stepState(state, id).state !== 'open';

/** When a step that has begun by itself is over, ms; `null`: it has not begun. */
function readyMs(step: RunStep, steps: readonly RunStep[], state: CookState): number | null {
  let from = -Infinity;
  for (const id of step.after) {
    if (!steps.some((one) => one.id === id)) continue;
    const { atMs } = stepState(state, id);
    if (atMs === null) return null;
    from = Math.max(from, atMs);
  }
  return Number.isFinite(from) ? from + 1000 * step.durationS : null;
}

/** Not before: the step's own wait for what goes before it. */
function isReady(step: RunStep, steps: readonly RunStep[], state: CookState, nowMs: number): boolean {
  return step.after.every((id) => {
    const before = steps.find((one) => one.id === id);
    if (!before || isOver(state, id)) return true;
    if (before.kind !== 'passive') return false;
    const ready = readyMs(before, steps, state);
    return ready !== null && ready <= nowMs;
  });
}

/**
 * What is done now, what goes on by itself, what comes next, and when it will be on the table.
 * @param me of several cooks; steps another took are not this one's
 */
export function stepsNow(steps: readonly RunStep[], state: CookState, nowMs: number, me = ''): StepsNow {
  const open = steps.filter((step) => !isOver(state, step.id));
  const isMine = (step: RunStep) => {
    const { who } = stepState(state, step.id);
    return who === '' || who === me;
  };
  const background = open.flatMap((step): Background[] => {
    const ready = step.kind === 'passive' ? readyMs(step, steps, state) : null;
    return ready === null ? [] : [{ step, readyMs: ready }];
  });
  const hands = open.filter((step) => step.kind !== 'passive' && isMine(step));
  const ready = hands.find((step) => isReady(step, steps, state, nowMs));
  // With nothing to do, the wait that ends first is what is looked at.
  const wait = [...background].sort((a, b) => a.readyMs - b.readyMs)[0]?.step ?? null;
  const current = ready ?? wait;
  return {
    current,
    waits: ready === undefined && current !== null,
    background: background.filter((one) => one.step.id !== current?.id),
    next: open.filter((step) => step.id !== current?.id && !background.some((one) => one.step.id === step.id)),
    taken: open.filter((step) => !isMine(step)),
    tableMs: tableAt(steps, state, nowMs),
  };
}

/** From now on: one pair of hands goes through what is open, each step after what it waits for. */
function tableAt(steps: readonly RunStep[], state: CookState, nowMs: number): number {
  const endMs = new Map<RunStepId, number>();
  let handsMs = nowMs;
  let last = nowMs;
  for (const step of steps) {
    const { state: is, atMs } = stepState(state, step.id);
    if (is !== 'open') {
      endMs.set(step.id, atMs ?? nowMs);
      continue;
    }
    const from = step.after.reduce((most, id) => Math.max(most, endMs.get(id) ?? -Infinity), -Infinity);
    if (step.kind === 'passive') {
      endMs.set(step.id, (Number.isFinite(from) ? from : nowMs) + 1000 * step.durationS);
    } else {
      handsMs = Math.max(handsMs, Number.isFinite(from) ? from : handsMs) + 1000 * step.durationS;
      endMs.set(step.id, handsMs);
    }
    last = Math.max(last, endMs.get(step.id)!);
  }
  return last;
}
