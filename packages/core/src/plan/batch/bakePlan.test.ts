import fc from 'fast-check';
import { ovenBelief } from '../../heat/ovenHeat.js';
import { bakePlan, ovenFactorSeen, splitPlan } from './bakePlan.js';
import { withFamily, withFold, withShape } from '../edit/editDraft.js';
import { planBatch } from './planBatch.js';
import { newTray, STARTERS } from '../edit/starters.js';
import type { TrayDraft } from '../../draft/draft.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';

const DRAFT = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const baked = (ovenC: number, draft = DRAFT) => bakePlan(draft, DEFAULT_KITCHEN, ovenC)!;

test('every filling of the supper bakes in the quarter to three quarters of an hour that cooks know, longer than it fries', () => {
  for (const { id } of STARTERS) {
    const draft = newTray('Test', id, 24, '2030-01-05T18:30:00Z');
    const plan = baked(190, { ...draft, coating: { wet: 'egg', dry: 'none', double: false } });
    expect(plan.outS! / 60).toBeGreaterThan(15);
    expect(plan.outS! / 60).toBeLessThan(45);
    expect(plan.outS!).toBeGreaterThan(planBatch(draft, DEFAULT_KITCHEN, null).fry!.solution.doneS!);
    expect(plan.darkS!).toBeGreaterThan(plan.outS!);
  }
});

test('a hotter oven and a wash colour sooner; a colder start takes longer', () => {
  const now = baked(180);
  expect(baked(195).goldenS!).toBeLessThan(now.goldenS!);
  expect(baked(180, { ...DRAFT, coating: { wet: 'egg', dry: 'none', double: false } }).goldenS!).toBeLessThan(
    now.goldenS!,
  );
  expect(baked(180, { ...DRAFT, fry: { ...DRAFT.fry, start: 'frozen' } }).doneS!).toBeGreaterThan(now.doneS!);
});

test('a piece that opened half way is finished sooner than one that is baked from the start', () => {
  const { rescueS, doneS } = baked(175);
  expect(rescueS!).toBeGreaterThan(60);
  expect(rescueS!).toBeLessThan(doneS!);
});

test('an oven that differs: a bake tells it, one moves what is believed and does not decide, more narrow the range', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.6, max: 1.6, noNaN: true }), fc.integer({ min: 160, max: 210 }), (factor, ovenC) => {
      // What the cook of such an oven would see.
      const theirs = { ...DEFAULT_KITCHEN, ovenSeen: Array.from({ length: 12 }, () => factor) };
      const { goldenS, oven } = bakePlan(DRAFT, theirs, ovenC)!;
      if (goldenS === null) return;
      expect(ovenFactorSeen(DRAFT, DEFAULT_KITCHEN, ovenC, goldenS)! / oven.factor).toBeCloseTo(1, 1);
      const one = ovenBelief([factor]);
      expect(Math.abs(Math.log(one.factor))).toBeLessThan(Math.abs(Math.log(factor)) + 1e-9);
      expect(Math.abs(Math.log(one.factor))).toBeGreaterThan(0.5 * Math.abs(Math.log(factor)));
      expect(ovenBelief([factor, factor]).high / ovenBelief([factor, factor]).low).toBeLessThan(one.high / one.low);
      expect(one.low).toBeLessThan(one.factor);
    }),
    { numRuns: 8 },
  );
  const hot = { ...DEFAULT_KITCHEN, ovenSeen: [1.4] };
  expect(bakePlan(DRAFT, hot, 180)!.outS!).toBeLessThan(baked(180).outS!);
  // Golden after two minutes is no oven's doing.
  expect(ovenFactorSeen(DRAFT, DEFAULT_KITCHEN, 160, 120)).toBeNull();
});

test('too dark before it is done is a warning', () => {
  const bun = withShape(withFamily(withFold(DRAFT, { fillingEachKg: 0.15 }), 'yeast'), 'ball');
  const washed: TrayDraft = {
    ...bun,
    coating: { wet: 'egg', dry: 'none', double: false },
    fry: { ...bun.fry, start: 'frozen' },
  };
  expect(baked(230, washed).darkFirst).toBe(true);
  // Small, and from the bench, it is not.
  expect(baked(175, { ...DRAFT, coating: washed.coating! }).darkFirst).toBe(false);
});

test('split between pot and oven: whole trays, all pieces, sooner than the pot alone, and no better split a tray either way', () => {
  const perTray = 12;
  const split = splitPlan({ ...DRAFT, pieces: 60 }, DEFAULT_KITCHEN, 190, perTray)!;
  expect(split.baked + split.fried).toBe(60);
  expect(split.baked).toBe(split.trays * perTray);
  expect(split.totalS).toBeLessThan(split.allFriedS);
  const bakedS = split.trays * baked(190).outS!;
  const pot = planBatch({ ...DRAFT, pieces: split.fried }, DEFAULT_KITCHEN, null).fry!.loads!.totalS;
  expect(split.totalS).toBeCloseTo(Math.max(bakedS, pot), 6);
  // Two pieces are fried before an oven is warm.
  expect(splitPlan({ ...DRAFT, pieces: 2 }, DEFAULT_KITCHEN, 190, 2)).toBeNull();
});

test('no piece has no baking; an oven that is none is refused', () => {
  expect(bakePlan({ ...DRAFT, fold: { ...DRAFT.fold, discM: 0.02 } }, DEFAULT_KITCHEN, 180)).toBeNull();
  expect(() => bakePlan(DRAFT, DEFAULT_KITCHEN, 20)).toThrow(expect.objectContaining({ path: 'ovenC' }));
  expect(() => splitPlan(DRAFT, DEFAULT_KITCHEN, 180, 0)).toThrow(expect.objectContaining({ path: 'perTray' }));
});

test('on a tray the face below browns first; in a tin both are alike', () => {
  const { colours, outS } = baked(185);
  expect(outS).not.toBeNull();
  expect(colours![0]).toBeGreaterThan(colours![1] * 1.05);
  expect(colours![0]).toBeLessThan(colours![1] * 3);
  const cup = baked(180, withShape(withFamily(DRAFT, 'egg-butter'), 'cup'));
  expect(cup.colours![0]).toBeCloseTo(cup.colours![1], 9);
});

test('fried early and crisped in the oven: hot through in minutes that cooks know, sooner than raw, sooner when hotter, and darker than from the oil', () => {
  const crisp = (crispC: number, kitchen = DEFAULT_KITCHEN, draft = DRAFT) =>
    planBatch({ ...draft, fry: { ...draft.fry, crispC } }, kitchen, null).fry!;
  expect(planBatch(DRAFT, DEFAULT_KITCHEN, null).fry!.crisp).toBeNull();
  for (const { id } of STARTERS) {
    const draft = newTray('Test', id, 24, '2030-01-05T18:30:00Z');
    const { crisp: found, atTakeOut } = crisp(190, DEFAULT_KITCHEN, draft);
    expect(found!.minutesS! / 60).toBeGreaterThan(5);
    expect(found!.minutesS! / 60).toBeLessThan(30);
    expect(found!.colour!).toBeGreaterThan(Math.max(...atTakeOut!.colours));
  }
  const [cool, hot, lukewarm] = [crisp(170), crisp(210), crisp(190, { ...DEFAULT_KITCHEN, reheatC: 70 })];
  expect(hot.crisp!.minutesS!).toBeLessThan(cool.crisp!.minutesS!);
  expect(lukewarm.crisp!.minutesS!).toBeLessThan(crisp(190).crisp!.minutesS!);
  expect(crisp(190).findings.map(({ code }) => code)).toContain('fry.crisp');
  expect(() => crisp(400)).toThrow(expect.objectContaining({ path: 'fry.crispC' }));
  // On the day it stands between the oil and the table, and its pieces have not waited since the oil.
  const { serve, fry } = planBatch({ ...DRAFT, fry: { ...DRAFT.fry, crispC: 190 } }, DEFAULT_KITCHEN, null);
  const [oven] = serve!.steps.filter(({ id }) => id === 'crisp');
  expect((oven!.endMs - oven!.startMs) / 1000).toBeCloseTo(fry!.crisp!.totalS, 0);
  expect(serve!.steps.find(({ id }) => id === 'fry')!.endMs).toBe(oven!.startMs);
  expect(serve!.findings.map(({ code }) => code)).not.toContain('serve.hold-long');
});
