import type { OilRamp } from '../draft/choices.js';
import type { Pot } from '../draft/kitchen.js';
import { oilRange } from '../oil/fryLoads.js';
import { settingAdvice, NEAR_C, readyInS } from './setting.js';
import { toJudge, tried } from './trial.js';
import { unplannedOf, type UnplannedMoment } from './unplanned.js';
import type { OvenOrder, StoveState } from './stoveAct.js';
import type { Danger } from './danger.js';
import type { OilNow } from './oilNow.js';
import { ovenSteps } from './ovenSteps.js';
import { pastSteps, stateOf } from './pastTime.js';
import type { PiecePrediction } from './predictPiece.js';

/** What the stove needs of the plan; kept with the session so that later edits do not move it. */
export interface StovePlan {
  /** Pieces not yet in the oil that are treated like these; others follow when the pot is empty. */
  readonly left: number;
  readonly loadSize: number;
  /** Of a pipeline: s from one piece going in to the next; absent: they go in as loads. */
  readonly everyS?: number;
  readonly oilC: number;
  /** The time in the oil that was planned, s. */
  readonly takeOutS: number;
  /** How the oil is let rise from there while pieces are in it; absent: it is held. */
  readonly ramp?: OilRamp;
  readonly holdSetting: number;
  readonly loadSetting: number;
  readonly settings: number;
  /** The pot as it has shown itself, its room, and the heat that one piece draws from its drop on, W each 10 s. */
  readonly pot: Pot;
  readonly roomC: number;
  readonly drawW: readonly number[];
  /** What a core must reach, °C. */
  /** The core that is safe, °C; −∞: a cooked filling asks for none. */
  readonly coreTargetC: number;
  /** The first load is one piece, to be cut and judged. */
  readonly trial?: boolean;
  /** Oven that finishes the pieces after frying; absent: they are done when they leave the oil. */
  readonly thenOven?: OvenOrder;
  /** Pieces on the rack that were not done inside when they were taken out, as the model reads it. */
  readonly early?: readonly number[];
}

type NextReason =
  | 'cut-heat'
  | 'oil-over'
  | 'warm-up'
  | 'load-needs'
  | 'oil-waits'
  | 'method'
  | 'cooked-golden'
  | 'by-colour'
  | 'too-dark'
  | 'dark-raw'
  | 'burnt'
  | 'taken-early'
  | 'oil-ready'
  | 'room'
  | 'pipeline'
  | 'raw-inside'
  | 'oven-done'
  | 'crumbs'
  | 'wait-oil'
  | 'judge-oil'
  | 'trial'
  | 'all-out';

/** One thing to do. `inS` 0 or less: now; `null`: when the oil is ready, no time known. */
export interface NextStep {
  readonly act:
    | 'burner'
    | 'turn'
    | 'take-out'
    | 'to-oven'
    | 'drop'
    | 'skim'
    | 'aside'
    | 'oven-out'
    | 'judge'
    | 'finish';
  readonly inS: number | null;
  readonly pieces: readonly number[];
  readonly reason: NextReason;
  /** Burner setting to go to, oil °C to wait for, or the oven's °C. */
  readonly value: number;
  /** A taking out at another moment than planned; absent: it is as planned. */
  readonly unplanned?: UnplannedMoment;
}

/** A step due within this time is shown as "now", s. */
const NOW_S = 10;

/**
 * Whether a step is to be done now. A step that waits for the oil is never due, however soon: "now" and
 * "wait" must not stand together.
 * @example isDueNow({ act: 'skim', inS: 0, pieces: [], reason: 'crumbs', value: 0 }) // true
 */
export const isDueNow = ({ inS, reason }: Pick<NextStep, 'inS' | 'reason'>): boolean =>
  inS !== null && inS <= NOW_S && reason !== 'wait-oil';

/** Pieces whose moments lie this close are done in one go, s. */
const TOGETHER_S = 25;

/** A piece that is out so soon after its last turn is turned when it is due and not before: its other face has no time to spare, s. */
const LAST_TURN_S = 90;
const isLastTurn = ({ turnAtS, takeOutAtS }: PiecePrediction): boolean =>
  turnAtS !== null && takeOutAtS !== null && takeOutAtS - turnAtS < LAST_TURN_S;

/** Groups pieces by a moment; null moments are left out. */
function together(
  predictions: readonly PiecePrediction[],
  moment: (p: PiecePrediction) => number | null,
  alone: (p: PiecePrediction) => boolean = () => false,
): { atS: number; pieces: number[] }[] {
  const dated = predictions
    .flatMap((p) => {
      const atS = moment(p);
      return atS === null ? [] : [{ atS, number: p.number, alone: alone(p) }];
    })
    .sort((a, b) => a.atS - b.atS);
  const groups: { atS: number; pieces: number[] }[] = [];
  for (const { atS, number, alone: isAlone } of dated) {
    const last = groups[groups.length - 1];
    if (last && atS - last.atS <= (isAlone ? 0 : TOGETHER_S)) last.pieces.push(number);
    else groups.push({ atS, pieces: [number] });
  }
  return groups;
}

/**
 * The do-next list, most urgent first: danger, then what the pieces need, the burner, the next
 * drop. Our own rules; each step carries its reason. While something is dangerous nothing is
 * advised that contradicts it: no more heat, no more pieces, no skimming. Long for the order of
 * the rules is what counts, and is read here from top to bottom.
 *
 * @param danger what is dangerous now, from `dangerOf`
 * @example doNext(stoveState([], 24), { ...session.trays[0].fry, left: 24, loadSize: 6, oilC: 158, holdSetting: 3, loadSetting: 5, settings: 9, pot, roomC: 21, coreTargetC: 74 }, stoveNow(session, [], readings, nothing, 900).oil, [], 900).at(-1).act // 'drop'
 */
export function doNext(
  state: StoveState,
  plan: StovePlan,
  oil: OilNow,
  predictions: readonly PiecePrediction[],
  nowS: number,
  danger: Danger | null = null,
): NextStep[] {
  const steps: NextStep[] = [];
  const tooHot = oil.verdict === 'cut-heat' || oil.verdict === 'warn';
  const isDanger = danger !== null || tooHot;
  // Off already, as far as is known, and falling: nothing more to turn.
  if (danger?.act === 'burner-off' || (tooHot && (state.burner > 0 || oil.ratePerMin > -0.5))) {
    steps.push({ act: 'burner', inS: 0, pieces: [], reason: 'cut-heat', value: 0 });
  }
  const past = new Map(predictions.map((one) => [one.number, stateOf(one, plan)]));
  steps.push(...pastSteps(past, plan));
  const frying = predictions.filter(({ number }) => past.get(number) === 'frying');
  for (const group of together(frying, (p) => p.turnAtS, isLastTurn)) {
    steps.push({ act: 'turn', inS: group.atS - nowS, pieces: group.pieces, reason: 'method', value: 0 });
  }
  for (const group of together(frying, (p) => p.takeOutAtS)) {
    const unplanned = unplannedOf(
      plan,
      state,
      frying.filter(({ number }) => group.pieces.includes(number)),
    );
    const out = { inS: group.atS - nowS, pieces: group.pieces, ...(unplanned && { unplanned }) };
    steps.push(
      plan.thenOven
        ? { ...out, act: 'to-oven', reason: 'by-colour', value: plan.thenOven.ovenC }
        : { ...out, act: 'take-out', reason: 'cooked-golden', value: 0 },
    );
  }
  const burner = burnerStep(state, plan, oil, predictions, nowS);
  if (burner && (!isDanger || burner.value < state.burner) && !steps.some(({ act }) => act === 'burner')) {
    steps.push(burner);
  }
  steps.push(...ovenSteps(state, plan, nowS));
  // Over hot oil, or oil that nobody sees, hands do nothing but take heat away and pieces out.
  if (isDanger) return inOrder(steps);
  const ready = oil.probeC !== null && oil.probeC >= plan.oilC - 2 && oil.probeC <= oilRange(plan.oilC).most;
  const dropOf = (size: number) => {
    const first = state.pieces.reduce((most, piece) => Math.max(most, piece.number), 0) + 1;
    return Array.from({ length: size }, (_, i) => first + i);
  };
  if (state.inPot.length > 0) {
    const room = roomInPot(state, plan.loadSize, plan.left);
    const busy = steps.some(
      ({ act, inS }) =>
        inS !== null &&
        (((act === 'take-out' || act === 'to-oven') && inS < SOON_OUT_S) || (act === 'turn' && inS < HANDS_S)),
    );
    const isTrying = plan.trial === true && tried(state).length <= 1;
    if (plan.everyS !== undefined) {
      const lastS = state.pieces.reduce((last, piece) => Math.max(last, piece.droppedS), -Infinity);
      const dueS = lastS + plan.everyS - nowS;
      // The next goes under one that has risen: not before, and not into oil that the burner setting is not content with.
      const isNear =
        oil.probeC !== null && oil.probeC >= plan.oilC - NEAR_C.under && oil.probeC <= oilRange(plan.oilC).most;
      if (state.toFry > 0 && !isTrying && room >= 1 && (dueS > 0 || isNear))
        steps.push({ act: 'drop', inS: Math.max(0, dueS), pieces: dropOf(1), reason: 'pipeline', value: plan.oilC });
    } else if (room >= Math.max(1, plan.loadSize / 3) && ready && !busy && !isTrying)
      steps.push({ act: 'drop', inS: 0, pieces: dropOf(room), reason: 'room', value: plan.oilC });
  } else {
    const trial = toJudge(state, plan);
    if (trial !== null) {
      // A trial is a stop: what it shows decides how the others are fried. One that is raw shows nothing: it goes into
      // the oven, and another is tried.
      const isRaw = plan.early?.includes(trial) === true;
      if (!isRaw) steps.push({ act: 'judge', inS: 0, pieces: [trial], reason: 'trial', value: 0 });
    } else if (state.toFry === 0) {
      if (!state.inOven.some(({ oven }) => oven!.why === 'plan'))
        steps.push({ act: 'finish', inS: 0, pieces: [], reason: 'all-out', value: 0 });
    } else {
      const isTrial = plan.trial === true && tried(state).length === 0;
      const size = isTrial || plan.everyS !== undefined ? 1 : Math.min(plan.loadSize, state.toFry, plan.left);
      const setting = steps.find(({ act }) => act === 'burner')?.value ?? state.burner;
      const waitS = oil.state && setting > 0 ? readyInS(plan, oil.state, setting) : null;
      if (!ready && crumbsIn(state)) steps.push({ act: 'skim', inS: 0, pieces: [], reason: 'crumbs', value: 0 });
      steps.push({
        act: 'drop',
        inS: ready ? 0 : waitS,
        pieces: dropOf(size),
        reason: ready ? 'oil-ready' : oil.probeC === null ? 'judge-oil' : 'wait-oil',
        value: plan.oilC,
      });
    }
  }
  return inOrder(steps);
}

/** Danger before anything overdue; then by the moment, what a piece needs before the rest. */
function inOrder(steps: NextStep[]): NextStep[] {
  const when = (step: NextStep) => (step.reason === 'cut-heat' ? -Infinity : (step.inS ?? 1e9));
  return steps.sort((a, b) => (when(a) < when(b) ? -1 : when(a) > when(b) ? 1 : urgency(a) - urgency(b)));
}

/** More pieces go in beside others only when none of those comes out sooner than this, and no hand is wanted, s. */
const SOON_OUT_S = 90;
const HANDS_S = 20;

/** How many more the pot takes beside what is in it, no more than are left that are treated alike. */
export function roomInPot(
  { inPot, toFry }: Pick<StoveState, 'inPot' | 'toFry'>,
  loadSize: number,
  left: number,
): number {
  return Math.max(0, Math.min(toFry, left, loadSize - inPot.length));
}

/** Pieces have come out since crumbs were last taken off. */
function crumbsIn({ pieces, skimmedS }: StoveState): boolean {
  return pieces.some((piece) => piece.outS !== null && piece.outS > (skimmedS ?? -1));
}

function urgency(step: NextStep): number {
  return step.reason === 'cut-heat'
    ? 0
    : step.act === 'take-out' || step.act === 'to-oven'
      ? 1
      : step.act === 'turn'
        ? 2
        : step.act === 'aside'
          ? 3
          : 4;
}

/** The setting is asked for once, and left alone for so long unless pieces have gone in or come out, s. */
const LEAVE_S = 60;

/** What the burner setting should be at, and why; `null`: it is well, or was touched a moment ago. */
function burnerStep(
  state: StoveState,
  plan: StovePlan,
  oil: OilNow,
  predictions: readonly PiecePrediction[],
  nowS: number,
): NextStep | null {
  if (oil.state === null) return null;
  const { setting, reason } =
    state.inPot.length === 0 && state.toFry === 0
      ? { setting: 0, reason: 'all-out' as const }
      : settingAdvice(plan, state, oil.state, predictions, nowS);
  if (setting === state.burner) return null;
  const movedS = state.pieces.reduce((last, piece) => Math.max(last, piece.droppedS, piece.outS ?? 0), -1);
  const touchedS = state.burnerS ?? -Infinity;
  if (nowS - touchedS < LEAVE_S && movedS <= touchedS) return null;
  return { act: 'burner', inS: 0, pieces: [], reason, value: setting };
}
