import fc from 'fast-check';
import { anyDraft, anyKitchen } from '../../testing/anyWrites.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import type { TrayDraft } from '../draft/draft.js';
import { advanceFry } from './advanceFry.js';
import { CRUST_LIMITS } from './colour.js';
import { createFryBody } from './fryBody.js';
import { interfacePeakC } from './fryTemperatures.js';
import { coreOf } from './restInAir.js';
import { doughSetC } from './solveFry.js';
import { batchOf } from '../draft/batchDraft.js';
import { newTray } from '../plan/edit/starters.js';
import { planBatch, planTrays, stoveTrays } from '../plan/batch/planBatch.js';
import { runSheet } from '../plan/batch/runSheet.js';
import { NOTHING_KNOWN, stoveNow, type StoveSession } from '../plan/batch/stoveNow.js';
import { predictAsks } from '../plan/batch/predictAsks.js';
import { takeOutWays } from '../plan/batch/takeOutWays.js';
import { predictPot } from '../stove/predictPiece.js';
import { ledgerFigures } from '../stove/ledgerFigures.js';
import { type StoveAct, stoveState } from '../stove/stoveAct.js';
import { withFold, withShape } from '../plan/edit/editDraft.js';
import { simulateRun } from '../simulated/simulateRun.js';
import { programmeOf } from './programme.js';
import { runPhase } from './runPhase.js';

const KITCHEN = DEFAULT_KITCHEN;
const made = newTray('Oven', 'squash-sage', 24, '2030-01-05T18:30:00Z');
/** Thick walls, hot oil and raw egg: golden long before the middle is safe. */
const egg: TrayDraft = {
  ...withFold(made, { thicknessM: 0.005 }),
  filling: { ...made.filling, raw: 'egg', coreTargetC: 71 },
  fry: { ...made.fry, oilC: 185, minutesS: null },
};
const inOven = (draft: TrayDraft, minutesS: number | null = null, ovenC = 175): TrayDraft => ({
  ...draft,
  fry: { ...draft.fry, minutesS: null, thenOven: { ovenC, minutesS } },
});
const fryOf = (draft: TrayDraft) => planBatch(draft, KITCHEN, null).fry!;

test('every draft has a programme: its first heat, then what comes after, each with an end', () => {
  fc.assert(
    fc.property(anyDraft(), (draft) => {
      const phases = programmeOf(draft, 74);
      const way = draft.way ?? 'fry';
      expect(phases.length === 0).toBe(way === 'plain');
      if (way === 'fry') {
        const { thenOven, crispC } = draft.fry;
        const kinds = ['oil', ...(thenOven ? ['oven'] : []), ...(crispC === undefined ? [] : ['cold', 'oven'])];
        expect(phases.map(({ kind }) => kind)).toEqual(kinds);
        const ends = draft.fry.minutesS === null ? (thenOven ? 'colour' : 'right') : 'minutes';
        expect(phases[0]!.end.by).toBe(ends);
      } else if (phases[0]) expect(phases[0].kind).toBe(way === 'bake' ? 'oven' : 'cold');
    }),
  );
});

test('one body goes through all phases: heat is never lost, colour never fades, and cold things warm later', () => {
  const { body: spec } = fryOf(made);
  fc.assert(
    fc.property(
      fc.integer({ min: 60, max: 500 }),
      fc.integer({ min: 150, max: 230 }),
      fc.integer({ min: 60, max: 1200 }),
      (friedS, ovenC, minutesS) => {
        const fried = createFryBody(spec);
        advanceFry(fried, friedS, 165);
        const heat = fried.heat.slice();
        const around = { fridgeC: 4, freezerC: -18, ovenH: () => 22 };
        const oven = (by: number) =>
          runPhase(fried, { kind: 'oven', ovenC, lies: 'rack', end: { by: 'minutes', minutesS: by } }, around, 74);
        const { body, lengthS } = oven(minutesS);
        expect(lengthS).toBe(minutesS);
        // What was given is left as it was.
        expect(fried.heat).toEqual(heat);
        expect(coreOf(body)).toBeGreaterThanOrEqual(Math.min(coreOf(fried), 99) - 0.5);
        body.faces.forEach(({ colour }, i) => expect(colour).toBeGreaterThanOrEqual(fried.faces[i]!.colour));
        expect(interfacePeakC(body)).toBeGreaterThanOrEqual(interfacePeakC(fried) - 1e-9);
        const right = runPhase(fried, { kind: 'oven', ovenC, lies: 'rack', end: { by: 'right' } }, around, 74);
        if (right.lengthS === null) return;
        expect(interfacePeakC(right.body)).toBeGreaterThanOrEqual(doughSetC(spec));
        expect(coreOf(right.body)).toBeGreaterThanOrEqual(74);
        const cold = runPhase(fried, { kind: 'cold', place: 'fridge', end: { by: 'cold' } }, around, 74);
        expect(cold.lengthS).toBeGreaterThan(600);
        const toCore = { kind: 'oven', ovenC, lies: 'rack', end: { by: 'core', coreC: 74 } } as const;
        const again = runPhase(cold.body, toCore, around, -Infinity);
        const atOnce = runPhase(fried, toCore, around, -Infinity);
        expect(again.lengthS ?? Infinity).toBeGreaterThanOrEqual(atOnce.lengthS ?? Infinity);
      },
    ),
    { numRuns: 12 },
  );
});

test('the oven as a way out is a plan that every station has: fry, day, run-sheet, and nothing of it says raw', () => {
  expect(fryOf(egg).takeOutS).toBeNull();
  const way = takeOutWays(egg, KITCHEN, 0).find(({ id }) => id === 'oven')!;
  const { fry, serve } = planBatch(way.draft, KITCHEN, null);
  expect([fry!.takeOutS, fry!.thenOven!.minutesS, fry!.rest!.biteC]).toEqual([way.takeOutS, way.ovenS, way.biteC]);
  const said = fry!.findings.map(({ code }) => code);
  expect(said).toContain('fry.then-oven');
  expect(said.filter((code) => /core-cold|raw|no-moment|never/.test(code))).toEqual([]);
  expect(fry!.thenOven!.coreC).toBeGreaterThanOrEqual(71);
  const oven = serve!.steps.find(({ id }) => id === 'oven')!;
  const fried = serve!.steps.find(({ id }) => id === 'fry')!;
  expect(oven.startMs).toBe(fried.endMs);
  expect((oven.endMs - oven.startMs) / 1000).toBeGreaterThanOrEqual(Math.round(way.ovenS!) - 1);
  const sheet = runSheet(planTrays(batchOf(way.draft), KITCHEN, null));
  expect(sheet.find(({ what }) => what === 'oven')?.after).toEqual(['fry']);
  expect(sheet.find(({ what }) => what === 'serve')?.after).toContain('oven');
});

test('an oven that is too short, too cool or too hot is said, and never called right', () => {
  const ball = withShape(withFold(egg, { fillingEachKg: 0.06 }), 'ball');
  let [cold, right] = [0, 0];
  fc.assert(
    fc.property(
      fc.constantFrom(egg, ball, made),
      fc.integer({ min: 150, max: 230 }),
      fc.integer({ min: 60, max: 2400 }),
      (draft, ovenC, minutesS) => {
        const { fry } = planBatch(inOven(draft, minutesS, ovenC), KITCHEN, null);
        if (!fry?.thenOven) return;
        const codes = fry.findings.map(({ code }) => code);
        const isSafe = draft.filling.raw === undefined || fry.thenOven.coreC >= 71 - 1e-6;
        const isSet = fry.thenOven.wallC >= doughSetC(fry.body) - 0.01;
        // Good only when it is good for nearly all pieces made by hand.
        const isShort = codes.includes('fry.some-unsafe') || codes.includes('fry.some-raw');
        expect(codes.includes('fry.then-oven')).toBe(isSafe && isSet && !isShort);
        expect(isShort && (fry.chances!.unsafe > 0.01 || fry.chances!.right < 0.9)).toBe(isShort);
        expect(codes.includes('fry.then-oven-cold')).toBe(!isSafe);
        expect(codes.includes('fry.then-oven-dark')).toBe(fry.thenOven.isDark);
        const isBrown = !fry.thenOven.isDark && fry.thenOven.colours[1] > CRUST_LIMITS.golden;
        const isMixed = codes.includes('fry.some-dark') || codes.includes('fry.some-pale');
        if (fry.thenOven.colours[0] >= CRUST_LIMITS.pale) expect(codes.includes('fry.brown')).toBe(isBrown && !isMixed);
        if (isSafe && isSet) right += 1;
        else cold += 1;
        const longer = planBatch(inOven(draft, minutesS + 300, ovenC), KITCHEN, null).fry!.thenOven!;
        expect(longer.coreC).toBeGreaterThanOrEqual(fry.thenOven.coreC - 1e-6);
        expect(longer.colours[1]).toBeGreaterThanOrEqual(fry.thenOven.colours[1]);
      },
    ),
    { numRuns: 25 },
  );
  expect(Math.min(cold, right)).toBeGreaterThan(0);
});

test('at the stove: by colour out of the oil and into the oven, called when it is done there, and in the ledger as done', () => {
  const draft = inOven(egg);
  const trays = stoveTrays(batchOf(draft), KITCHEN)!;
  const { thenOven } = trays[0]!.fry;
  const session: StoveSession = { trays, kitchen: KITCHEN, speed: 1, hasProbe: true, trial: false };
  const run = simulateRun(trays, KITCHEN, 3, { bursts: [], takeOutLateS: 0 }, String)!;
  const first = run.acts.find((act): act is Extract<StoveAct, { kind: 'to-oven' }> => act.kind === 'to-oven')!;
  expect([first.ovenC, first.afterS]).toEqual([thenOven!.ovenC, thenOven!.minutesS]);
  const until = (atS: number) => {
    const acts = run.acts.filter((act) => act.atS <= atS);
    const readings = run.readings.filter((one) => one.atS <= atS);
    const predictions = predictPot(predictAsks(session, acts, readings, null, atS));
    return stoveNow(session, acts, readings, { ...NOTHING_KNOWN, predictions }, atS);
  };
  // Just before it is due, the order is by colour, and it is the plan's.
  const before = until(first.atS - 30).steps.find(({ act }) => act === 'to-oven')!;
  expect(Math.abs(before.inS! - 30)).toBeLessThan(45);
  expect([before.reason, before.value]).toEqual(['by-colour', thenOven!.ovenC]);
  // In the oven nothing is done yet, and it is called when its time is over.
  const baking = until(first.atS + 1);
  expect(baking.state.done).toBe(0);
  expect(baking.state.inOven.length).toBe(first.pieces.length);
  const call = baking.steps.find(({ act }) => act === 'oven-out')!;
  expect(Math.abs(call.inS! - (first.afterS - 1))).toBeLessThan(1);
  expect(call.pieces).toEqual(first.pieces);
  const end = stoveState(run.acts, 24);
  expect([end.done, end.inOven.length, end.aside]).toEqual([24, 0, 0]);
  const here: StoveAct = { id: 'here', atS: run.endS, kind: 'here' };
  const over = stoveNow(session, [...run.acts, here], run.readings, NOTHING_KNOWN, run.endS + 1);
  expect([over.danger, over.steps.map(({ act, reason }) => `${act} ${reason}`)]).toEqual([null, ['finish all-out']]);
  expect(baking.steps.some(({ act }) => act === 'finish')).toBe(false);
  const figures = ledgerFigures(run.acts, run.readings, 24, draft.fry.oilC);
  expect([figures.fried, figures.aside, figures.notFried]).toEqual([24, 0, 0]);
  expect(Math.abs(figures.meanInOilS! - trays[0]!.fry.takeOutS!)).toBeLessThan(30);
  // A raw middle that is probed afterwards still goes back in.
  const core: StoveAct = { id: 'c', atS: run.endS + 1, kind: 'core', piece: 24, tempC: 60, predictedC: null };
  const after = stoveNow(session, [...run.acts, core], run.readings, NOTHING_KNOWN, run.endS + 2);
  expect(after.steps[0]?.act).toBe('aside');
});

test('any kitchen plans any draft that the oven finishes, without throwing, and says how it comes out', () => {
  fc.assert(
    fc.property(anyDraft(), anyKitchen(), (any, kitchen) => {
      const { fry, serve } = planBatch({ ...any, way: 'fry' }, kitchen, null);
      if (!fry || !any.fry.thenOven || fry.takeOutS === null) return;
      expect(fry.thenOven).not.toBeNull();
      expect(fry.findings.some(({ code }) => code.startsWith('fry.then-oven'))).toBe(true);
      expect(serve!.steps.some(({ id }) => id === 'oven')).toBe(true);
    }),
    { numRuns: 40 },
  );
});
