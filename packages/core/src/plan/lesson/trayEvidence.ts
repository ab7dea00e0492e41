import { doughFamily } from '../../families/families.js';
import { USUAL_SEAL } from '../../draft/choices.js';
import type { Kitchen } from '../../draft/kitchen.js';
import { startTempC } from '../../draft/kitchen.js';
import type { LedgerFigures } from '../../stove/ledgerFigures.js';
import type { CauseId } from '../../learning/causes.js';
import { clamp } from '../../numeric/clamp.js';
import type { PlannedTray } from '../batch/planBatch.js';
import { plannedFigures } from '../tray/plannedFigures.js';

/** A number of this very batch that speaks for a cause, or against it. */
export interface Evidence {
  readonly cause: CauseId;
  /** How many times likelier it makes the cause; under 1: less likely. */
  readonly ratio: number;
  /** What was measured. SI; °C, s, m, shares. */
  readonly what:
    | 'oil-c'
    | 'in-oil-s'
    | 'ordered-s'
    | 'load-size'
    | 'wall-m'
    | 'fill-share'
    | 'free-share'
    | 'fold-c'
    | 'wait-s'
    | 'seal'
    | 'floured'
    | 'air'
    | 'turns'
    | 'start-c';
  readonly value: number;
  /** What it usually is, or was planned to be. */
  readonly usual: number;
}

/** No number by itself says more than this. */
const MOST_RATIO = 8;
/** So many °C off the plan make a cause e times likelier. Our own. */
const OIL_STEP_C = 4;
/** So much of the planned time off. Our own. */
const TIME_STEP = 0.12;
/** A filling over this when it is folded softens the dough and pushes, °C. */
const COOL_FILLING_C = 18;

const held = (ratio: number): number => clamp(ratio, 1 / MOST_RATIO, MOST_RATIO);

/**
 * What a tray's own numbers say of each cause: how many times likelier it is for them. Measured where
 * it was measured, else as planned. Our own; see docs/models/ledger.md.
 *
 * @param figures of the tray at the stove; `null`: it was not there
 * @example trayEvidence(trays[0], null, kitchen).length > 3 // true
 */
export function trayEvidence(
  { draft, plan }: PlannedTray,
  figures: LedgerFigures | null,
  kitchen: Kitchen,
): Evidence[] {
  const found: Evidence[] = [];
  const say = (cause: CauseId, what: Evidence['what'], value: number, usual: number, ratio: number) => {
    if (Number.isFinite(ratio) && Math.abs(Math.log(held(ratio))) > 0.1)
      found.push({ cause, what, value, usual, ratio: held(ratio) });
  };
  const planned = plannedFigures(plan, draft);
  const { oilC, start, loadSize } = draft.fry;
  const meanC = figures?.oilMeanC ?? null;
  if (meanC !== null) {
    say('oil-hot', 'oil-c', meanC, oilC, Math.exp((meanC - oilC) / OIL_STEP_C));
    say('oil-cool', 'oil-c', meanC, oilC, Math.exp((oilC - meanC) / OIL_STEP_C));
  }
  // The time in the oil is compared with what the stove told the cook, and with the plan only where it told nothing.
  const { ordered, meanInOilS = null } = figures ?? {};
  const inOilS = ordered?.inOilS ?? meanInOilS;
  const askedS = ordered?.orderedInOilS ?? planned.inOilS;
  if (inOilS !== null && askedS !== null) {
    const what = ordered ? 'ordered-s' : 'in-oil-s';
    const off = (inOilS - askedS) / askedS;
    say('taken-out-late', what, inOilS, askedS, Math.exp(off / TIME_STEP));
    say('taken-out-early', what, inOilS, askedS, Math.exp(-off / TIME_STEP));
  }
  const loads = figures && figures.loads > 0 ? (figures.fried + figures.burst) / figures.loads : null;
  const wanted = loadSize ?? planned.loadSize;
  if (loads !== null && wanted !== null) say('load-big', 'load-size', loads, wanted, (loads / wanted) ** 4);
  const turns = figures?.turnsPerPiece ?? null;
  if (turns !== null && planned.turns !== null && planned.turns > 0)
    say('turned-little', 'turns', turns, planned.turns, (planned.turns + 0.5) / (turns + 0.5));

  const { piece, burst } = plan.fold;
  const { rolledM } = doughFamily(draft.dough.family);
  const wallM = (rolledM.least + rolledM.most) / 2;
  const { thicknessM } = draft.fold;
  say('wall-thick', 'wall-m', thicknessM, wallM, (thicknessM / wallM) ** 3);
  say('wall-thin', 'wall-m', thicknessM, wallM, (wallM / thicknessM) ** 3);
  const factor = (id: string) => burst?.causes.find((cause) => cause.id === id)?.factor ?? 1;
  if (piece && burst) {
    say('overfull', 'fill-share', piece.fill, 0.75, factor('fill') ** 1.5);
    say('underfull', 'fill-share', piece.fill, 0.75, Math.exp(6 * (0.55 - piece.fill)));
    const { freeKg, targetKg } = plan.filling.figures;
    say('wet-filling', 'free-share', targetKg > 0 ? freeKg / targetKg : 0, 0, factor('wet') ** 2);
    const seal = draft.seal ?? USUAL_SEAL;
    say('rim-dry', 'wait-s', seal.waitS, USUAL_SEAL.waitS, factor('dried') ** 3);
    say('rim-floured', 'floured', seal.flouredRim ? 1 : 0, 0, seal.flouredRim ? 4 : 0.4);
    say('weak-seal', 'seal', 1 / factor('seal'), 1, factor('seal') ** 3);
    say('air-left', 'air', seal.airPressed ? 1 : 0, 1, seal.airPressed ? 0.3 : 1.6 * factor('air'));
  }
  say(
    'warm-filling',
    'fold-c',
    plan.filling.foldC,
    COOL_FILLING_C,
    Math.exp((plan.filling.foldC - COOL_FILLING_C) / 6),
  );
  const startC = startTempC(start, kitchen);
  say('cold-start', 'start-c', startC, kitchen.roomC, start === 'room' ? 0.3 : 4);
  return found;
}
