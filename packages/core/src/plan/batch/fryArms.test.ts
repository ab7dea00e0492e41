import { CRUST_LIMITS } from '../../heat/colour.js';
import { crumbPlan, FRY_METHODS, fryArm, withFryMethod } from './fryArms.js';
import { planBatch } from './planBatch.js';
import { newTray, STARTERS } from '../edit/starters.js';
import { CRUMB_ANSWERS } from '../../oil/crumbTest.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';

const DRAFT = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const arm = (method: (typeof FRY_METHODS)[number]) => fryArm(withFryMethod(DRAFT, method), DEFAULT_KITCHEN)!;

test('every method is the plan of its own draft, minutes and load by the solver', () => {
  for (const method of FRY_METHODS) {
    const draft = withFryMethod({ ...DRAFT, fry: { ...DRAFT.fry, minutesS: 90, loadSize: 2 } }, method);
    const { fry } = planBatch(draft, DEFAULT_KITCHEN, null);
    expect(fryArm(draft, DEFAULT_KITCHEN)).toMatchObject({
      oilC: draft.fry.oilC,
      takeOutS: fry!.takeOutS,
      doneS: fry!.solution.doneS,
      loadSize: fry!.loads!.loadSize,
    });
    expect([draft.fry.minutesS, draft.fry.loadSize]).toEqual([null, null]);
  }
});

test('the methods differ as cooks say: hot is quicker and forgives less, once is slower inside, frozen is longest', () => {
  const [slow, hot] = [arm('slow'), arm('hot')];
  expect(hot.takeOutS!).toBeLessThan(slow.takeOutS!);
  expect(hot.darkS! - Math.max(hot.doneS!, hot.goldenS!)).toBeLessThan(
    slow.darkS! - Math.max(slow.doneS!, slow.goldenS!),
  );
  expect(arm('once').doneS!).toBeGreaterThan(arm('each-minute').doneS!);
  expect(arm('held-under').doneS!).toBeLessThan(arm('each-minute').doneS!);
  const starts = (['room', 'fridge', 'tempered', 'frozen'] as const).map((method) => arm(method).doneS!);
  expect(starts).toEqual([...starts].sort((a, b) => a - b));
});

test('a crumb is a range: taking out in its safe span is cooked and not dark at both ends; cold or wild oil fries nothing', () => {
  for (const { id } of STARTERS) {
    const draft = newTray('Test', id, 24, '2030-01-05T18:30:00Z');
    for (const answer of CRUMB_ANSWERS) {
      const plan = crumbPlan(draft, DEFAULT_KITCHEN, answer);
      if (answer === 'sits' || answer === 'jumps') {
        expect(plan).toBeNull();
        continue;
      }
      expect(plan!.cool.oilC).toBe(plan!.leastC);
      expect(plan!.hot.oilC).toBe(plan!.mostC);
      if (!plan!.safeS) continue;
      for (const oilC of [plan!.leastC, (plan!.leastC + plan!.mostC) / 2, plan!.mostC]) {
        const minutesS = (plan!.safeS.from + plan!.safeS.to) / 2;
        const made = planBatch({ ...draft, fry: { ...draft.fry, oilC, minutesS } }, DEFAULT_KITCHEN, null);
        const codes = made.fry!.findings.map((finding) => finding.code);
        expect(codes).toContain('fry.cooked');
        expect(Math.max(...made.fry!.atTakeOut!.colours)).toBeLessThanOrEqual(CRUST_LIMITS.brown + 1e-6);
      }
    }
  }
  expect(crumbPlan(DRAFT, DEFAULT_KITCHEN, 'lazy')!.cool.takeOutS).not.toBeNull();
});

test('without a pocket there is nothing to compare', () => {
  const none = { ...DRAFT, fold: { ...DRAFT.fold, discM: 0.02 } };
  expect(fryArm(none, DEFAULT_KITCHEN)).toBeNull();
  expect(crumbPlan(none, DEFAULT_KITCHEN, 'lazy')).toBeNull();
});
