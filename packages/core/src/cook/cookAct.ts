import { TRAY_MARKS, type TrayMark } from '../draft/draft.js';

/** What steps of the run-sheet are about, in the order in which they usually come. */
export const RUN_STEPS = [
  ...(['weigh-filling', 'cook-filling', 'cool', 'mix-dough', 'rest', 'shape', 'firm', 'warm'] as const),
  ...(['dry', 'roll', 'fold', 'stored'] as const),
  ...(['proof', 'hold', 'bake', 'heat', 'fry', 'oven', 'crisp', 'serve', 'own'] as const),
] as const;
export type RunStepId = (typeof RUN_STEPS)[number];

/** One step of a sheet: what it is about, of which tray where that is not the first, and of which portion of dough; or a step of one's own. */
export type StepKey = RunStepId | `${RunStepId}:${string}`;

/** What a key looks like: `fold`, `fold:B`, `fold:A2` for the second portion, `own:dry-egg`. */
export const STEP_KEY = new RegExp(
  `^(?:(?:${RUN_STEPS.filter((what) => what !== 'own').join('|')})(?::[${TRAY_MARKS[0]}-${TRAY_MARKS[TRAY_MARKS.length - 1]!}][2-6]?)?|own:[a-z0-9]{2,12})$`,
);

/**
 * The key of a step; those of the first tray and portion, and of the batch as a whole, stand bare.
 * @example stepKey('fold', 'A') // 'fold'
 */
export function stepKey(what: RunStepId, mark: TrayMark = TRAY_MARKS[0], portion = 1): StepKey {
  const of = `${portion > 1 || mark !== TRAY_MARKS[0] ? mark : ''}${portion > 1 ? portion : ''}`;
  return of === '' ? what : `${what}:${of}`;
}

/**
 * What a step is about, by its key.
 * @example stepWhat('fold:B') // 'fold'
 */
export function stepWhat(key: StepKey): RunStepId {
  return key.split(':')[0] as RunStepId;
}

export type CheckAnswer = 'yes' | 'not-yet' | 'no';

/**
 * What is measured, by step: pan and filling, middle of the filling, liquid poured and how warm,
 * the dough's own warmth and weight when made, wall as rolled, pieces folded, how the portions of a
 * run differ (standard deviation over mean) and how many were weighed, when a bake was
 * golden. SI; °C.
 */
export const STEP_MEASURES = {
  'cook-filling': ['pan-kg'],
  cool: ['filling-c'],
  'mix-dough': ['poured-kg', 'liquid-c', 'dough-c', 'dough-kg'],
  roll: ['rolled-m'],
  fold: ['pieces', 'portion-spread', 'portions'],
  bake: ['golden-s'],
} as const satisfies Partial<Record<RunStepId, readonly string[]>>;
export type MeasureId = (typeof STEP_MEASURES)[keyof typeof STEP_MEASURES][number];

/** Which figure a recorded value is: one without a name is the first its step measures. */
function measureOf({ step, measure }: { readonly step: StepKey; readonly measure?: MeasureId }): MeasureId | null {
  if (measure !== undefined) return measure;
  const what = stepWhat(step);
  return what in STEP_MEASURES ? STEP_MEASURES[what as keyof typeof STEP_MEASURES][0] : null;
}

/**
 * The tray a step is of, by its key; `null`: the first, or all of them.
 * @example stepMark('fold') // null
 */
export function stepMark(key: StepKey): TrayMark | null {
  return TRAY_MARKS.find((mark) => mark === key.split(':')[1]?.charAt(0)) ?? null;
}

/** What the cook tells of a step. `id` is made where it happens and makes it count once; `atMs` by the server's clock. */
export type CookAct = { readonly id: string; readonly atMs: number; readonly step: StepKey } & (
  | { readonly kind: 'done' | 'skip' | 'back' }
  | { readonly kind: 'check'; readonly answer: CheckAnswer }
  /** SI: kg, °C, m, s or a count; `measure` absent: what the step measures first. */
  | { readonly kind: 'measure'; readonly value: number; readonly measure?: MeasureId }
  /** Something the step takes is set out, or is not after all; `line` is its key in the list of amounts. */
  | { readonly kind: 'tick'; readonly line: string; readonly on: boolean }
  /** Taken by one of several cooks; an empty name lays it back. */
  | { readonly kind: 'take'; readonly who: string }
);

/** One step as the acts so far leave it. */
export interface StepState {
  readonly state: 'open' | 'done' | 'skipped';
  /** When it was done or skipped, ms; `null` while open. */
  readonly atMs: number | null;
  readonly answer: CheckAnswer | null;
  /** What was measured, by its name; the last recorded counts. */
  readonly measured: Readonly<Partial<Record<MeasureId, number>>>;
  readonly who: string;
  /** Keys of amounts that are set out. */
  readonly ticked: readonly string[];
}

const OPEN: StepState = { state: 'open', atMs: null, answer: null, measured: {}, who: '', ticked: [] };

/** The whole sheet as the acts leave it. */
export type CookState = ReadonlyMap<StepKey, StepState>;

/**
 * What was measured of a step; `null`: nothing yet.
 * @example measuredOf(cookState(cookActs), 'fold', 'pieces') // null
 */
export function measuredOf(state: CookState, step: StepKey, measure: MeasureId): number | null {
  return stepState(state, step).measured[measure] ?? null;
}

/** @example stepState(cookState(cookActs), 'weigh-filling').state // 'done' */
export function stepState(state: CookState, step: StepKey): StepState {
  return state.get(step) ?? OPEN;
}

/**
 * Adds the acts up. Two devices tell the same step done: the first counts, for that is when it was.
 * @param acts in any order; those of one moment in the order they came
 * @example stepState(cookState(cookActs), 'fold').state // 'open'
 */
export function cookState(acts: readonly CookAct[]): CookState {
  const once = new Map(acts.map((act) => [act.id, act]));
  const steps = new Map<StepKey, StepState>();
  for (const act of [...once.values()].sort((a, b) => a.atMs - b.atMs)) {
    steps.set(act.step, withAct(steps.get(act.step) ?? OPEN, act));
  }
  return steps;
}

function withAct(now: StepState, act: CookAct): StepState {
  switch (act.kind) {
    case 'done':
    case 'skip': {
      const state = act.kind === 'done' ? ('done' as const) : ('skipped' as const);
      return now.state === state ? now : { ...now, state, atMs: act.atMs };
    }
    case 'back':
      return { ...now, state: 'open', atMs: null, answer: null };
    case 'check':
      return { ...now, answer: act.answer };
    case 'measure': {
      const measure = measureOf(act);
      return measure === null ? now : { ...now, measured: { ...now.measured, [measure]: act.value } };
    }
    case 'tick': {
      const others = now.ticked.filter((line) => line !== act.line);
      return { ...now, ticked: act.on ? [...others, act.line] : others };
    }
    case 'take':
      return { ...now, who: act.who };
    default: {
      const never: never = act;
      return never;
    }
  }
}
