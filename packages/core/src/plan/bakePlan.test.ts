import { bakePlan, splitPlan } from './bakePlan.js';
import { planBatch } from './planBatch.js';
import { newBatch, STARTERS } from './starters.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const DRAFT = newBatch('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const baked = (ovenC: number, draft = DRAFT) => bakePlan(draft, DEFAULT_KITCHEN, ovenC)!;

test('every filling of the supper bakes in the quarter to three quarters of an hour that cooks know, longer than it fries', () => {
  for (const { id } of STARTERS) {
    const draft = newBatch('Test', id, 24, '2030-01-05T18:30:00Z');
    const plan = baked(190, { ...draft, coat: { wet: 'egg', dry: 'none', double: false } });
    expect(plan.outS! / 60).toBeGreaterThan(15);
    expect(plan.outS! / 60).toBeLessThan(45);
    expect(plan.outS!).toBeGreaterThan(planBatch(draft, DEFAULT_KITCHEN, null).fry!.solution.doneS!);
    expect(plan.darkS!).toBeGreaterThan(plan.outS!);
  }
});

test('a hotter oven and a wash colour sooner; a colder start takes longer', () => {
  const now = baked(180);
  expect(baked(195).goldenS!).toBeLessThan(now.goldenS!);
  expect(baked(180, { ...DRAFT, coat: { wet: 'egg', dry: 'none', double: false } }).goldenS!).toBeLessThan(
    now.goldenS!,
  );
  expect(baked(180, { ...DRAFT, fry: { ...DRAFT.fry, start: 'frozen' } }).doneS!).toBeGreaterThan(now.doneS!);
});

test('a piece that opened half way is finished sooner than one that is baked from the start', () => {
  const { rescueS, doneS } = baked(175);
  expect(rescueS!).toBeGreaterThan(60);
  expect(rescueS!).toBeLessThan(doneS!);
});

test('split between pot and oven: whole trays, all pieces, sooner than the pot alone, and no better split a tray either way', () => {
  const perTray = 12;
  const split = splitPlan({ ...DRAFT, pieces: 60 }, DEFAULT_KITCHEN, 190, perTray)!;
  expect(split.baked + split.fried).toBe(60);
  expect(split.baked).toBe(split.trays * perTray);
  expect(split.totalS).toBeLessThan(split.allFriedS);
  const bakedS = split.trays * baked(190).outS!;
  const pot = planBatch({ ...DRAFT, pieces: split.fried }, DEFAULT_KITCHEN, null).fry!.lots!.totalS;
  expect(split.totalS).toBeCloseTo(Math.max(bakedS, pot), 6);
  // Two pieces are fried before an oven is warm.
  expect(splitPlan({ ...DRAFT, pieces: 2 }, DEFAULT_KITCHEN, 190, 2)).toBeNull();
});

test('no piece has no baking; an oven that is none is refused', () => {
  expect(bakePlan({ ...DRAFT, fold: { ...DRAFT.fold, discM: 0.02 } }, DEFAULT_KITCHEN, 180)).toBeNull();
  expect(() => bakePlan(DRAFT, DEFAULT_KITCHEN, 20)).toThrow(expect.objectContaining({ path: 'ovenC' }));
  expect(() => splitPlan(DRAFT, DEFAULT_KITCHEN, 180, 0)).toThrow(expect.objectContaining({ path: 'perTray' }));
});
