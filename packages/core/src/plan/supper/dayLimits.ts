import { type CookState, stepState } from '../../cook/cookAct.js';
import { COST, type DayLag } from '../../schedule/dayTask.js';
import type { DayPart } from './dayPart.js';
import type { DayStep, DayWork } from './dayTasks.js';
import type { RunStep } from '../batch/runSteps.js';
import { LIMITS } from '../../limits/limits.js';

/** What was crisped in the oven is on the table within this, s. Our own. */
const HOT_S = 1800;
/** Risen pieces may wait for this share of their proof more. Our own. */
const OVER_PROOF = 0.25;

/** Where the steps of a batch are. */
export interface Reach {
  readonly at: ReadonlyMap<string, { readonly work: DayWork; readonly one: DayStep }>;
  readonly state: CookState;
  readonly s: (ms: number) => number;
}

/** What of a batch must not wait longer than it keeps. It is long because it is a list of limits. */
export function mostOf(part: DayPart, reach: Reach): DayLag[] {
  const { batchId, sheet, eatMs } = part;
  const found: DayLag[] = [];
  const workOf = (step: RunStep | undefined) => (step ? reach.at.get(`${batchId} ${step.id}`) : undefined);
  const fold = (mark: RunStep['mark']) =>
    sheet.filter((step) => step.what === 'fold' && (step.mark === undefined || step.mark === mark));
  /** From a moment of one task to a moment of another: no longer than this. */
  const within = (
    from: { work: DayWork; atS: number } | { atMs: number },
    to: { work: DayWork; atS: number },
    mostS: number,
    weight: number,
  ) => {
    if ('atMs' in from)
      found.push({ from: to.work.id, to: null, leastS: to.atS - reach.s(from.atMs) - Math.round(mostS), weight });
    else if (from.work !== to.work)
      found.push({ from: to.work.id, to: from.work.id, leastS: to.atS - from.atS - Math.round(mostS), weight });
  };
  const endOf = (step: RunStep): { work: DayWork; atS: number } | { atMs: number } | null => {
    const { state, atMs } = stepState(reach.state, step.id);
    if (state !== 'open') return { atMs: atMs! };
    const there = workOf(step);
    return there ? { work: there.work, atS: there.one.fromS + there.one.lengthS } : null;
  };
  // A portion of dough that is ready waits for its last piece.
  for (const mix of sheet.filter(({ what }) => what === 'mix-dough')) {
    const rest = sheet.find((step) => step.what === 'rest' && (step.portion ?? 1) === (mix.portion ?? 1));
    const from = endOf(mix);
    if (part.doughWaitS === null || from === null) continue;
    for (const step of sheet.filter((one) => one.what === 'fold' && (one.portion ?? 1) === (mix.portion ?? 1))) {
      const there = workOf(step);
      if (!there) continue;
      const to = { work: there.work, atS: there.one.fromS + there.one.lengthS };
      const restS = rest?.durationS ?? 0;
      within(from, to, restS + part.doughWaitS, COST.stale);
      within(from, to, restS + 2 * part.doughWaitS, COST.late);
    }
  }
  const fry = workOf(sheet.find(({ what }) => what === 'fry'));
  const bake = workOf(sheet.find(({ what }) => what === 'bake'));
  for (const { mark, lastDropS, fridgeKeepS, isWarm } of part.fried) {
    if (!fry) break;
    const to = { work: fry.work, atS: Math.round(fry.one.fromS + lastDropS) };
    for (const step of fold(mark)) {
      const end = endOf(step);
      if (!end) continue;
      // Warm from the first piece folded until the last goes in; over that they go into the fridge.
      const from =
        'atMs' in end
          ? { atMs: end.atMs - 1000 * step.durationS }
          : { work: end.work, atS: end.atS - Math.round(step.durationS) };
      if (isWarm) within(from, to, part.roomLimitS, COST.stale);
      within(from, to, fridgeKeepS, COST.unsafe);
    }
  }
  const proof = sheet.find(({ what }) => what === 'proof');
  if (proof)
    for (const step of sheet.filter(({ what }) => what === 'fold')) {
      const end = endOf(step);
      const next = fry ?? bake;
      if (end && next)
        within(end, { work: next.work, atS: next.one.fromS }, proof.durationS * (1 + OVER_PROOF), COST.late);
    }
  // What the oven finishes goes into it as it comes out of the oil.
  const oven = workOf(sheet.find(({ what }) => what === 'oven'));
  const outOfOil = oven ? endOf(sheet.find(({ what }) => what === 'fry')!) : null;
  if (oven && outOfOil) within(outOfOil, { work: oven.work, atS: oven.one.fromS }, 60, COST.unsafe);
  // What is crisped again keeps in the fridge after the oil as other leftovers do.
  const crisp = workOf(sheet.find(({ what }) => what === 'crisp'));
  const frying = sheet.find(({ what }) => what === 'fry');
  const fried = crisp && frying ? endOf(frying) : null;
  if (crisp && fried) within(fried, { work: crisp.work, atS: crisp.one.fromS }, LIMITS.keep.friedS, COST.unsafe);
  // What was reheated is eaten then: no place in a fridge is worth having it wait, and two hours out are not safe.
  if (crisp) {
    const out = (mostS: number, weight: number): DayLag => {
      const { fromS, lengthS } = crisp.one;
      return { from: null, to: crisp.work.id, leastS: reach.s(eatMs) - mostS - fromS - lengthS, weight };
    };
    found.push(out(HOT_S, 2 * COST.late), out(LIMITS.fried.bestS, COST.unsafe));
  }
  // Fried and baked pieces to the table while they are at their best.
  for (const there of [crisp ? undefined : fry, bake]) {
    if (!there) continue;
    const { fromS, lengthS } = there.one;
    // The first portion waits longest.
    const upS = Math.round(fromS + (there === fry ? Math.min(lengthS, part.firstUpS ?? lengthS) : lengthS));
    found.push({
      from: null,
      to: there.work.id,
      leastS: reach.s(eatMs) - LIMITS.fried.bestS - upS,
      weight: COST.stale,
    });
  }
  return found;
}
