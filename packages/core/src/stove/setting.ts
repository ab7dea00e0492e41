import type { Pot } from '../draft/kitchen.js';
import { settingFor, potHeatCapacity, type PotState, burnerLagS, stepPot } from '../oil/pot.js';
import { oilWanted } from '../oil/ramp.js';
import type { StovePlan } from './doNext.js';
import type { StoveState } from './stoveAct.js';
import type { PiecePrediction } from './predictPiece.js';

/** What of the plan the burner setting is judged by. */
type SettingPlan = Pick<StovePlan, 'pot' | 'roomC' | 'drawW' | 'oilC' | 'ramp' | 'holdSetting' | 'settings'>;

export interface SettingAdvice {
  readonly setting: number;
  readonly reason: 'oil-over' | 'warm-up' | 'load-needs' | 'oil-waits';
}

/** `drawW` of a plan has an entry for each span of this length from the drop, s. */
export const DRAW_EACH_S = 10;
/** A setting is judged as if it were kept for so long, and the oil then held exactly, s. */
const KEEP_S = 75;
/** And watched for so long after that, besides what the burner takes to follow, s. */
const WATCH_S = 60;
const STEP_S = 5;
/** Oil that stays so near its target needs no hand on the setting, K. */
export const NEAR_C = { under: 5, over: 2.5 } as const;
/** A kelvin over the target counts as much as so many under it: squared, as the cautions want it. */
const OVER_WEIGHT = 6;

/** Less than this is gained by nobody: three kelvins over two minutes, K²s. */
const SEEN_GAIN = 1200;

const watchS = (pot: Pot): number => KEEP_S + WATCH_S + 3 * burnerLagS(pot);

/** Heat the pieces draw over the next minutes, W, one entry a step: by how long they are in, and none once they are due out. */
function drawAhead(
  plan: SettingPlan,
  state: StoveState,
  predictions: readonly PiecePrediction[],
  nowS: number,
): number[] {
  const outS = new Map(predictions.map(({ number, takeOutAtS }) => [number, takeOutAtS]));
  const last = plan.drawW.length - 1;
  return Array.from({ length: Math.ceil(watchS(plan.pot) / STEP_S) }, (_, i) =>
    state.inPot.reduce((sum, { number, droppedS }) => {
      const atS = nowS + i * STEP_S;
      if ((outS.get(number) ?? Infinity) <= atS) return sum;
      const age = Math.max(0, Math.floor((atS - droppedS) / DRAW_EACH_S));
      return sum + (plan.drawW[Math.min(last, age)] ?? 0);
    }, 0),
  );
}

/** Setting, fractions allowed, at which oil follows its target: held, or rising by so much a second. */
function exactSetting(pot: Pot, oilC: number, roomC: number, drawW: number, risePerS: number): number {
  const wantedW = pot.lossWPerK * (oilC - roomC) + drawW + potHeatCapacity(pot, oilC) * risePerS;
  return settingFor(pot, wantedW);
}

/**
 * Oil wanted now, °C: what pieces go into, or so far along its rise as the last drop is old.
 */
export function targetNow(
  { oilC, ramp }: Pick<StovePlan, 'oilC' | 'ramp'>,
  { inPot }: Pick<StoveState, 'inPot'>,
  nowS: number,
): number {
  if (!ramp || inPot.length === 0) return oilC;
  const droppedS = inPot.reduce((last, piece) => Math.max(last, piece.droppedS), -Infinity);
  return oilWanted(oilC, ramp, nowS - droppedS);
}

/** How a setting would go: the worst misses, K, and their cost, K²s. */
interface Outlook {
  readonly overC: number;
  readonly underC: number;
  readonly cost: number;
}

function outlook(
  { pot, roomC }: SettingPlan,
  from: PotState,
  setting: number,
  drawW: readonly number[],
  targetsC: readonly number[],
): Outlook {
  let state = from;
  const seen = { overC: -Infinity, underC: -Infinity, cost: 0 };
  drawW.forEach((loadW, i) => {
    const targetC = targetsC[i]!;
    const risePerS = ((targetsC[i + 1] ?? targetC) - targetC) / STEP_S;
    const applied = i * STEP_S < KEEP_S ? setting : exactSetting(pot, targetC, roomC, loadW, risePerS);
    state = stepPot(pot, state, applied, roomC, loadW, STEP_S);
    const offC = state.oilC - targetC;
    seen.overC = Math.max(seen.overC, offC);
    seen.underC = Math.max(seen.underC, -offC);
    seen.cost += STEP_S * offC * offC * (offC > 0 ? OVER_WEIGHT : 1);
  });
  return seen;
}

/**
 * Where the burner setting belongs: of all its settings the one with which the oil comes nearest to its
 * mark over the next minutes, counting what the pieces draw, when they come out, and what the
 * burner goes on giving; over the target counts more than under it. Where it is now is kept as long
 * as the oil stays near: a noisy probe must not make it flutter. Source: docs/models/frying.md.
 */
export function settingAdvice(
  plan: SettingPlan,
  state: StoveState,
  oil: PotState,
  predictions: readonly PiecePrediction[],
  nowS: number,
): SettingAdvice {
  const { settings, holdSetting } = plan;
  const drawW = drawAhead(plan, state, predictions, nowS);
  const targetsC = drawW.map((_, i) => targetNow(plan, state, nowS + i * STEP_S));
  const oilC = targetsC[0]!;
  const isEmpty = state.inPot.length === 0;
  const told = (setting: number): SettingAdvice => {
    if (oil.oilC > oilC + NEAR_C.over && setting <= holdSetting) return { setting, reason: 'oil-over' };
    if (!isEmpty) return { setting, reason: 'load-needs' };
    return { setting, reason: oil.oilC < oilC - NEAR_C.under && setting > holdSetting ? 'warm-up' : 'oil-waits' };
  };
  const now = outlook(plan, oil, state.burner, drawW, targetsC);
  // Near is not enough for the next load: oil that never gets ready at this setting must be helped.
  const isStuck = isEmpty && state.toFry > 0 && readyInS(plan, oil, state.burner) === null;
  if (!isStuck && now.overC <= NEAR_C.over && now.underC <= NEAR_C.under) return told(state.burner);
  let best = { setting: state.burner, cost: isStuck ? Infinity : now.cost };
  for (let setting = 0; setting <= settings; setting++) {
    if (isStuck && (setting <= state.burner || readyInS(plan, oil, setting) === null)) continue;
    const { cost } = outlook(plan, oil, setting, drawW, targetsC);
    // No hand moves for a gain that nobody sees.
    const gain = best.setting === state.burner ? SEEN_GAIN : 0;
    if (cost < best.cost - gain) best = { setting, cost };
  }
  return told(best.setting);
}

/** How far ahead the oil's readiness is predicted, s; rounded to ten seconds. */
const LOOK_S = 3600;
const TELL_S = 10;

/** s until oil without pieces is hot enough for them at a setting; `null`: not within an hour. */
export function readyInS({ pot, roomC, oilC }: SettingPlan, from: PotState, setting: number): number | null {
  let state = from;
  for (let s = 0; s <= LOOK_S; s += STEP_S) {
    if (state.oilC >= oilC - 2) return Math.ceil(s / TELL_S) * TELL_S;
    state = stepPot(pot, state, setting, roomC, 0, STEP_S);
  }
  return null;
}
