import type { TrayDraft } from '../draft/draft.js';
import type { Finding } from '../draft/finding.js';
import { FRY_HORIZON_S } from '../draft/ranges.js';
import { coreMustBeSafe } from '../filling/fillingSafety.js';
import { CRUST_LIMITS } from '../heat/colour.js';
import type { Rest } from '../heat/restInAir.js';
import { darkerFace, doughSetC, type FrySample, palerFace } from '../heat/solveFry.js';
import { LIMITS } from '../limits/limits.js';
import { failingOf } from './failing.js';
import type { FryPlan } from './fryPlan.js';
import { ovenFindings } from './ovenFindings.js';

/** Why there is no moment to take it out. */
function noMoment({ solution }: Omit<FryPlan, 'findings'>, oilC: number): Finding {
  const { doneS, darkS } = solution;
  return darkS === null
    ? { code: 'fry.never-done', tone: 'stop', values: { oilC, horizonS: FRY_HORIZON_S } }
    : { code: 'fry.no-moment', tone: 'stop', values: { oilC, darkS, doneS } };
}

/** Whether the filling is safe and hot, and the dough set: when it is taken out, or by what resting adds. */
function insideFindings(
  plan: Omit<FryPlan, 'findings'>,
  draft: TrayDraft,
  takeOutS: number,
  atTakeOut: FrySample,
  rest: Rest,
): Finding[] {
  const { solution, body, needsRest, chances } = plan;
  const found: Finding[] = [];
  const setC = doughSetC(body);
  const targetC = Math.min(draft.filling.coreTargetC, body.boilingC - 4);
  const isLine = coreMustBeSafe(draft);
  const { doneS, doughSetS, coreS } = solution;
  const rawRing = !needsRest && atTakeOut.interfacePeakC < setC - 0.01 && (doughSetS ?? Infinity) > takeOutS;
  const coreCold = !needsRest && isLine && atTakeOut.coreC < targetC - 0.01 && (coreS ?? Infinity) > takeOutS;
  if (coreCold) {
    // An undercooked core is never a matter of taste.
    found.push({ code: 'fry.core-cold', tone: 'stop', values: { coreC: atTakeOut.coreC, targetC, coreS } });
  }
  if (rawRing) {
    const values = { interfaceC: rest.wallC, setS: doughSetS };
    found.push({ code: 'fry.raw-ring', tone: 'look-out', values });
  }
  const failing = chances && failingOf(chances);
  if (!coreCold && failing === 'unsafe') {
    found.push({ code: 'fry.some-unsafe', tone: 'stop', values: { share: chances!.unsafe, targetC } });
  } else if (!coreCold && !rawRing && failing === 'raw') {
    found.push({ code: 'fry.some-raw', tone: 'look-out', values: { share: chances!.raw, right: chances!.right } });
  } else if (!coreCold && !rawRing) {
    const values = {
      doneS: doneS ?? takeOutS,
      spareS: takeOutS - (doneS ?? takeOutS),
      coreC: atTakeOut.coreC,
      biteC: rest.biteC,
    };
    found.push({ code: 'fry.cooked', tone: 'good', values });
  }
  if (needsRest) {
    const values = { fromC: atTakeOut.coreC, toC: rest.coreC, restS: Math.max(60, rest.coreAfterS) };
    found.push({ code: 'fry.rests', tone: 'know', values });
  }
  if (!isLine && draft.fold.fillingEachKg > 0 && rest.biteC < LIMITS.bite.hotC) {
    const tone = rest.biteC < LIMITS.bite.coldC ? 'look-out' : 'know';
    found.push({ code: 'fry.warm', tone, values: { coreC: rest.biteC, hotC: LIMITS.bite.hotC } });
  }
  return found;
}

/** When a piece that comes out too brown is done and golden already, s; `null`: not much sooner. */
function soonerS({ solution: { doneS, goldenS } }: Omit<FryPlan, 'findings'>, takeOutS: number): number | null {
  if (doneS === null || goldenS === null) return null;
  const readyS = Math.max(doneS, goldenS);
  return readyS < takeOutS - 15 ? readyS : null;
}

/** What comes out: inside, its colour, and how wide its window is. */
export function pieceFindings(plan: Omit<FryPlan, 'findings'>, draft: TrayDraft): Finding[] {
  const { solution, takeOutS, atTakeOut, rest, thenOven } = plan;
  if (takeOutS === null || !atTakeOut || !rest) return [noMoment(plan, draft.fry.oilC)];
  if (thenOven) return ovenFindings(plan, thenOven, draft, rest);
  const found = insideFindings(plan, draft, takeOutS, atTakeOut, rest);
  found.push(colourFinding(plan, takeOutS, atTakeOut));
  const fromS = Math.max(solution.doneS ?? -1, solution.goldenS ?? Infinity);
  if (!plan.needsRest && solution.doneS !== null && solution.darkS !== null && Number.isFinite(fromS)) {
    const values = { fromS, toS: solution.darkS };
    const isGood = plan.chances !== null && failingOf(plan.chances) === null;
    if (solution.darkS <= fromS) found.push({ code: 'fry.no-window', tone: 'look-out', values });
    // The window of the planned piece alone would speak against what is said of too many others.
    else if (isGood) found.push({ code: 'fry.window', tone: 'know', values });
  }
  return found;
}

/** The colour they come out in. */
function colourFinding(plan: Omit<FryPlan, 'findings'>, takeOutS: number, atTakeOut: FrySample): Finding {
  const { solution, chances } = plan;
  const [paler, darker] = [palerFace(atTakeOut), darkerFace(atTakeOut)];
  if (darker > CRUST_LIMITS.brown) {
    const values = { colour: darker, darkS: solution.darkS, soonerS: soonerS(plan, takeOutS) };
    return { code: 'fry.dark', tone: 'look-out', values };
  }
  if (paler < CRUST_LIMITS.pale) {
    return { code: 'fry.pale', tone: 'look-out', values: { colour: paler, goldenS: solution.goldenS } };
  }
  const failing = chances && failingOf(chances);
  if (failing === 'dark') {
    return { code: 'fry.some-dark', tone: 'look-out', values: { share: chances!.dark, right: chances!.right } };
  }
  if (failing === 'pale') {
    return { code: 'fry.some-pale', tone: 'look-out', values: { share: chances!.pale, right: chances!.right } };
  }
  return darker > CRUST_LIMITS.golden
    ? { code: 'fry.brown', tone: 'good', values: { colour: darker, darkS: solution.darkS } }
    : { code: 'fry.golden', tone: 'good', values: { goldenS: solution.goldenS } };
}
