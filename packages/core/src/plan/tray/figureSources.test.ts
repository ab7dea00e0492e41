import { cookState } from '../../cook/cookAct.js';
import { DEFAULT_KITCHEN, type Kitchen } from '../../draft/kitchen.js';
import { figureSources, type SourcedId } from './figureSources.js';
import { planBatch } from '../batch/planBatch.js';
import { newTray } from '../edit/starters.js';

const DRAFT = newTray('Half-moons', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const of = (id: SourcedId, kitchen: Kitchen, acts: Parameters<typeof cookState>[0] = []) =>
  figureSources(DRAFT, planBatch(DRAFT, kitchen, null), kitchen, cookState(acts)).find((one) => one.id === id)!;

test('every figure says where it comes from: planned, weighed, learnt or usual; and what is learnt moves the plan', () => {
  const plain = planBatch(DRAFT, DEFAULT_KITCHEN, null);
  expect(of('oil-c', DEFAULT_KITCHEN)).toEqual({ id: 'oil-c', value: DRAFT.fry.oilC, source: { kind: 'planned' } });
  expect(of('browning', DEFAULT_KITCHEN).source.kind).toBe('usual');
  const belief = (value: number, usual: number) => ({ value, low: 0.8 * value, high: 1.2 * value, usual, count: 4 });
  const kitchen: Kitchen = {
    ...DEFAULT_KITCHEN,
    learnt: {
      browning: { shortcrust: belief(1.4, 1) },
      golden: belief(1.1, 0.85),
      portions: belief(0.09, 0.04),
      bursts: { 'half-moon': belief(3, 1) },
      hands: { mixS: belief(1.5, 1) },
    },
  };
  expect(of('browning', kitchen).source).toMatchObject({ kind: 'learnt', belief: { value: 1.4, count: 4 } });
  expect(of('mix-s', kitchen).value).toBeCloseTo(1.5 * DEFAULT_KITCHEN.hands.mixS, 6);
  const plan = planBatch(DRAFT, kitchen, null);
  expect(plan.fry!.solution.goldenS!).toBeLessThan(plain.fry!.solution.goldenS!);
  expect(plan.fold.burst!.share).toBeGreaterThan(plain.fold.burst!.share);
  const { source, value } = of('bursts', kitchen);
  if (source.kind !== 'learnt') throw new Error('How often pieces burst is learnt.');
  expect(value).toBe(plan.fold.burst!.share);
  expect(source.belief.usual).toBeCloseTo(plain.fold.burst!.share, 9);
  expect(source.belief.low < value && value < source.belief.high).toBe(true);
  expect(plan.serve!.startMs).toBeLessThan(plain.serve!.startMs);
  const rolled = { id: 'x', atMs: 1, step: 'roll', kind: 'measure', value: 0.004, measure: 'rolled-m' } as const;
  expect(of('rolled-m', kitchen, [rolled])).toEqual({
    id: 'rolled-m',
    value: 0.004,
    source: { kind: 'weighed', planned: DRAFT.fold.thicknessM },
  });
});
