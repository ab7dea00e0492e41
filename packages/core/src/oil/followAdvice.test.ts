import type { OilRamp } from '../draft/choices.js';
import { DEFAULT_KITCHEN, type Kitchen, BURNER_KINDS } from '../draft/kitchen.js';
import type { StoveAct, OilReading } from '../stove/stoveAct.js';
import type { TrayDraft } from '../draft/draft.js';
import { targetNow } from '../stove/setting.js';
import { stoveState } from '../stove/stoveAct.js';
import { ledgerFigures } from '../stove/ledgerFigures.js';
import { type Evidence, trayEvidence } from '../plan/lesson/trayEvidence.js';
import { predictPieces, takeOutOrder } from '../stove/predictPiece.js';
import { type StoveKnown, stoveNow, type StoveSession, NOTHING_KNOWN } from '../plan/batch/stoveNow.js';
import { predictAsks } from '../plan/batch/predictAsks.js';
import { takenOutAsks } from '../plan/batch/takenOutAsks.js';
import { CRUST_LIMITS } from '../heat/colour.js';
import type { FryBody } from '../heat/fryBody.js';
import { interfacePeakC } from '../heat/fryTemperatures.js';
import { restInAir } from '../heat/restInAir.js';
import { doughSetC } from '../heat/solveFry.js';
import { piecesEarly } from '../stove/takenEarly.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import {
  createStove,
  dropIntoStove,
  turnInStove,
  takeOutFromStove,
  readProbe,
  stepStove,
} from '../simulated/simulatedStove.js';
import { BURNER_LAG_S } from './pot.js';

interface DayPlan {
  /** Oil over its target at the most, K, and under its target when the next load went in. */
  readonly overC: number;
  readonly underC: number;
  readonly coldestDropC: number;
  /** Moments at which the burner setting was turned, and at which pieces went in or out, s. */
  readonly turnsS: readonly number[];
  readonly movesS: readonly number[];
  readonly dropsS: readonly number[];
  readonly most: number;
  readonly fried: number;
  readonly endS: number;
  /** How each piece really was when it came out, and those that the model takes for raw. */
  readonly outcomes: readonly PieceOutcome[];
  readonly early: readonly number[];
  /** What the ledger holds against the moments of the cook, and how many pieces had an order. */
  readonly blamed: readonly Evidence[];
  readonly ordered: number;
}

type PieceOutcome = 'right' | 'raw' | 'pale' | 'dark';

/** What the simulated piece is like, whatever the page believes. */
function outcomeOf(body: FryBody, roomC: number): PieceOutcome {
  const colours = body.faces.map(({ colour }) => colour);
  if (Math.max(interfacePeakC(body), restInAir(body, roomC).wallC) < doughSetC(body.spec)) return 'raw';
  if (Math.max(...colours) >= CRUST_LIMITS.brown) return 'dark';
  return Math.min(...colours) < CRUST_LIMITS.pale ? 'pale' : 'right';
}

/** A cook who does what the page says, each five seconds, and nothing else. */
function follow(
  kitchen: Kitchen,
  pieces: number,
  oilC: number,
  seed: number,
  ramp?: OilRamp,
  pipeline?: true,
): DayPlan {
  const base = newTray('Followed', 'squash-sage', pieces, '2030-01-05T18:30:00Z');
  const draft: TrayDraft = {
    ...base,
    fry: { ...base.fry, oilC, ...(ramp && { ramp }), ...(pipeline && { pipeline, turn: 'once' }) },
  };
  const { fry } = planBatch(draft, kitchen, null);
  if (!fry?.loads) throw new Error('This batch has no moment to lift.');
  const session: StoveSession = {
    kitchen,
    speed: 1,
    hasProbe: true,
    trial: false,
    trays: [{ draft, first: 1, fry: { ...fry, loads: fry.loads } }],
  };
  const stove = createStove(kitchen.pot, kitchen.roomC, () => fry, seed);
  const acts: StoveAct[] = [];
  const readings: OilReading[] = [];
  const seen = {
    overC: 0,
    underC: 0,
    coldestDropC: 0,
    turnsS: [] as number[],
    movesS: [] as number[],
    dropsS: [] as number[],
    most: 0,
  };
  let known: StoveKnown = NOTHING_KNOWN;
  const outcomes: PieceOutcome[] = [];
  while (stove.timeS < 3 * 3600) {
    stepStove(stove, 1);
    // While rising oil is let down for the next load it is over its target on purpose.
    if (!ramp || stove.inPot.size > 0) {
      const targetC = targetNow(draft.fry, stoveState(acts, pieces), stove.timeS);
      seen.overC = Math.max(seen.overC, stove.state.oilC - targetC);
      seen.underC = Math.max(seen.underC, stove.inPot.size > 0 ? targetC - stove.state.oilC : 0);
    }
    if (stove.timeS % 2 === 0) readings.push({ atS: stove.timeS, probeC: readProbe(stove) });
    if (stove.timeS % 5 !== 0) continue;
    if (stove.timeS % 20 === 0) {
      const ask = predictAsks(session, acts, readings, null, stove.timeS)[0] ?? null;
      known = { ...known, predictions: ask ? predictPieces(ask) : [] };
    }
    const now = stoveNow(session, acts, readings, known, stove.timeS);
    const step = now.steps[0];
    if (!step || step.inS === null || step.inS > 2) continue;
    if (step.act === 'finish') break;
    const act = { id: `a${acts.length}`, atS: stove.timeS };
    if (step.act === 'burner') {
      stove.setting = step.value;
      acts.push({ ...act, kind: 'burner', setting: step.value });
      seen.turnsS.push(stove.timeS);
    } else if (step.act === 'drop' || step.act === 'turn' || step.act === 'take-out') {
      const order = step.act === 'take-out' ? takeOutOrder(now.predictions, step.pieces) : {};
      acts.push({ ...act, kind: step.act, pieces: step.pieces, ...order });
      const doIt = { drop: dropIntoStove, turn: turnInStove, 'take-out': takeOutFromStove }[step.act];
      if (step.act === 'take-out')
        step.pieces.forEach((piece) => outcomes.push(outcomeOf(stove.inPot.get(piece)!.body, kitchen.roomC)));
      step.pieces.forEach((piece) => doIt(stove, piece));
      if (step.act !== 'turn') seen.movesS.push(stove.timeS);
      if (step.act === 'drop') seen.dropsS.push(stove.timeS);
      seen.most = Math.max(seen.most, stove.inPot.size);
      if (step.act === 'drop') seen.coldestDropC = Math.max(seen.coldestDropC, oilC - stove.state.oilC);
    } else acts.push({ ...act, kind: 'skim' });
  }
  const early = piecesEarly(takenOutAsks(session, acts, readings, null, new Set(), stove.timeS));
  const figures = ledgerFigures(acts, readings, pieces, oilC);
  const planned = { draft, plan: planBatch(draft, kitchen, null) };
  const blamed = trayEvidence(planned, figures, kitchen).filter(
    ({ cause, ratio }) => /^taken-out/.test(cause) && ratio > 1,
  );
  return {
    ...seen,
    blamed,
    ordered: figures.ordered?.pieces ?? 0,
    fried: stoveState(acts, pieces).done,
    endS: stove.timeS,
    outcomes,
    early,
  };
}

test.each(BURNER_KINDS.map((burner) => [burner, BURNER_LAG_S[burner]] as const))(
  'on a %s burner, which lags %i s, the oil of one who follows the advice never runs past its target',
  (burner) => {
    const kitchen = { ...DEFAULT_KITCHEN, pot: { ...DEFAULT_KITCHEN.pot, burner } };
    const dayPlan = follow(kitchen, 14, 158, 5);
    expect(dayPlan.fried).toBe(14);
    expect(dayPlan.overC).toBeLessThan(4);
    expect(dayPlan.coldestDropC).toBeLessThan(4);
    // Hands are wanted elsewhere: about one turn of the setting in two minutes, not more.
    expect(dayPlan.turnsS.length).toBeLessThan(dayPlan.endS / 110);
    // Asked for, then left alone: within a minute only when pieces have gone in or come out.
    dayPlan.turnsS.slice(1).forEach((atS, i) => {
      const beforeS = dayPlan.turnsS[i]!;
      const moved = dayPlan.movesS.some((s) => s >= beforeS && s <= atS);
      expect(atS - beforeS >= 60 || moved).toBe(true);
    });
  },
);

test('oil that is let rise is led up its ramp by the same advice, load after load, and lets down between them', () => {
  const dayPlan = follow(DEFAULT_KITCHEN, 8, 130, 9, { outC: 160, overS: 600 });
  expect(dayPlan.fried).toBe(8);
  // Hotter than it goes in by no more than its range, and along the ramp within a range's half.
  expect(dayPlan.overC).toBeLessThan(8);
  expect(dayPlan.underC).toBeLessThan(12);
  expect(dayPlan.coldestDropC).toBeLessThan(4);
});

test('a pipeline goes on one by one: never two at once, the oil in its range, no gap but for the oil', () => {
  const base = newTray('Followed', 'squash-sage', 12, '2030-01-05T18:30:00Z');
  const { loads } = planBatch(
    { ...base, fry: { ...base.fry, oilC: 158, pipeline: true, turn: 'once' } },
    DEFAULT_KITCHEN,
    null,
  ).fry!;
  const dayPlan = follow(DEFAULT_KITCHEN, 12, 158, 3, undefined, true);
  expect(dayPlan.fried).toBe(12);
  expect(dayPlan.dropsS.length).toBe(12);
  expect(dayPlan.most).toBeLessThanOrEqual(loads!.loadSize);
  expect(dayPlan.most).toBeGreaterThan(2);
  expect(dayPlan.overC).toBeLessThan(4);
  expect(dayPlan.underC).toBeLessThan(9);
  dayPlan.dropsS.slice(1).forEach((atS, i) => {
    expect(atS - dayPlan.dropsS[i]!).toBeGreaterThanOrEqual(loads!.everyS! - 2);
    // It waits for the first to come out, and pieces in oil a little cool take longer than planned.
    expect(atS - dayPlan.dropsS[i]!).toBeLessThan(2 * loads!.everyS!);
  });
  const meanS = (dayPlan.dropsS[11]! - dayPlan.dropsS[0]!) / 11;
  expect(meanS).toBeLessThan(1.3 * loads!.everyS!);
});

test('of the pastries of one who obeys every order, at least 95 in 100 come out right, and none is called raw, and the ledger blames no moment', () => {
  const outcomes: string[] = [];
  for (const [i, burner] of BURNER_KINDS.entries()) {
    const kitchen = { ...DEFAULT_KITCHEN, pot: { ...DEFAULT_KITCHEN.pot, burner } };
    const dayPlan = follow(kitchen, 10, 156 + 2 * i, 40 + i);
    expect(dayPlan.early).toEqual([]);
    expect(dayPlan.ordered).toBe(10);
    expect(dayPlan.blamed).toEqual([]);
    outcomes.push(...dayPlan.outcomes);
  }
  expect(outcomes.length).toBe(10 * BURNER_KINDS.length);
  expect(outcomes.filter((one) => one === 'right').length).toBeGreaterThanOrEqual(0.95 * outcomes.length);
});
