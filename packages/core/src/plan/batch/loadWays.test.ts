import { loadWays, type LoadWayId } from './loadWays.js';
import { planBatch } from './planBatch.js';
import { newTray } from '../edit/starters.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';

const DRAFT = newTray('Test', 'squash-sage', 48, '2030-01-05T18:30:00Z');
const WAYS = loadWays(DRAFT, DEFAULT_KITCHEN);
const of = (id: LoadWayId) => WAYS.find((way) => way.id === id)!.arm;

test('each way is the plan of what it changes; what is as now comes first', () => {
  expect(WAYS[0]!.id).toBe('now');
  for (const { fry, pot, arm } of WAYS) {
    const draft = { ...DRAFT, fry: { ...DRAFT.fry, ...fry } };
    const plan = planBatch(draft, { ...DEFAULT_KITCHEN, pot: { ...DEFAULT_KITCHEN.pot, ...pot } }, null);
    expect(arm.totalS).toBe(plan.fry!.loads!.totalS);
    expect(arm.lowestC).toBe(plan.fry!.loads!.lowestC);
  }
});

test('smaller loads take longer and dip less; larger ones the other way; a wider pot is quicker for it holds more', () => {
  expect(of('smaller').totalS!).toBeGreaterThan(of('now').totalS!);
  expect(of('smaller').lowestC!).toBeGreaterThanOrEqual(of('now').lowestC!);
  expect(of('larger').lowestC!).toBeLessThan(of('now').lowestC!);
  expect(of('wider-pot').loadSize!).toBeGreaterThan(of('now').loadSize!);
  expect(of('wider-pot').totalS!).toBeLessThan(of('now').totalS!);
  expect(of('hotter').oilC).toBe(DRAFT.fry.oilC + 4);
});

test('no load under one or over all of them; nothing to divide, no ways', () => {
  const one = loadWays({ ...DRAFT, pieces: 1, fry: { ...DRAFT.fry, loadSize: 1 } }, DEFAULT_KITCHEN);
  expect(one.map((way) => way.id)).not.toContain('smaller');
  expect(one.map((way) => way.id)).not.toContain('larger');
  expect(loadWays({ ...DRAFT, fold: { ...DRAFT.fold, discM: 0.02 } }, DEFAULT_KITCHEN)).toEqual([]);
});
