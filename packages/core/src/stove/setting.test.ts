import fc from 'fast-check';
import { DEFAULT_KITCHEN, BURNER_KINDS } from '../draft/kitchen.js';
import { burnerW, potAtRest, stepPot } from '../oil/pot.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import type { StovePlan } from './doNext.js';
import { type StoveAct, stoveState } from './stoveAct.js';
import { settingAdvice, targetNow, readyInS } from './setting.js';

const DRAFT = newTray('Setting', 'squash-sage', 12, '2030-01-05T18:30:00Z');
const FRY = planBatch(DRAFT, DEFAULT_KITCHEN, null).fry!;
const planOn = (burner: (typeof BURNER_KINDS)[number]): StovePlan => ({
  left: 12,
  loadSize: 6,
  oilC: 158,
  takeOutS: FRY.takeOutS!,
  holdSetting: FRY.loads!.holdSetting,
  loadSetting: FRY.loads!.loadSetting,
  settings: 9,
  coreTargetC: 74,
  roomC: 21,
  drawW: FRY.drawW,
  pot: { ...DEFAULT_KITCHEN.pot, burner },
});
const turnedTo = (setting: number): StoveAct => ({ id: 'b', atS: 0, kind: 'burner', setting });
const drop: StoveAct = { id: 'd', atS: 10, kind: 'drop', pieces: [1, 2, 3, 4, 5, 6] };
const anyBurner = fc.constantFrom(...BURNER_KINDS);
const double = (min: number, max: number) => fc.double({ min, max, noNaN: true });

test('hotter oil, or a burner that gives more, never asks for more heat', () => {
  fc.assert(
    fc.property(
      anyBurner,
      double(60, 185),
      double(0, 30),
      double(0, 1100),
      double(0, 400),
      fc.boolean(),
      (burner, oilC, hotterC, burnerFlowW, moreW, hasLoad) => {
        const plan = planOn(burner);
        // Nothing is told of the setting yet: what is there now is kept by nobody.
        const state = stoveState(hasLoad ? [turnedTo(0), drop] : [turnedTo(0)], 12);
        const at = (c: number, w: number) => settingAdvice(plan, state, potAtRest(c, w), [], 100).setting;
        const now = at(oilC, burnerFlowW);
        expect(now).toBeGreaterThanOrEqual(0);
        expect(now).toBeLessThanOrEqual(plan.settings);
        // The least gain that counts leaves a step between two readings of one question.
        expect(at(oilC + hotterC, burnerFlowW)).toBeLessThanOrEqual(now + (hotterC < 12 ? 1 : 0));
        expect(at(oilC, burnerFlowW + moreW)).toBeLessThanOrEqual(now + 1);
      },
    ),
    { numRuns: 60 },
  );
});

test('what is asked for never runs the oil over its target when nobody comes back for a minute', () => {
  fc.assert(
    fc.property(anyBurner, double(100, 157), double(0, 1100), (burner, oilC, burnerFlowW) => {
      const plan = planOn(burner);
      const { setting } = settingAdvice(plan, stoveState([turnedTo(9)], 12), potAtRest(oilC, burnerFlowW), [], 100);
      let state = potAtRest(oilC, burnerFlowW);
      // What the burner holds already may be too much by itself: then the least is asked for.
      let alone = state;
      let [peak, least] = [oilC, oilC];
      for (let s = 0; s < 900; s++) {
        state = stepPot(plan.pot, state, s < 60 ? setting : 0, 21, 0, 1);
        alone = stepPot(plan.pot, alone, 0, 21, 0, 1);
        peak = Math.max(peak, state.oilC);
        least = Math.max(least, alone.oilC);
      }
      expect(peak).toBeLessThan(Math.max(158 + 4, least + 1));
    }),
    { numRuns: 60 },
  );
});

test('oil near its target is left alone, whatever the burner setting is at that keeps it there', () => {
  const plan = planOn('gas');
  const holdW = plan.pot.lossWPerK * (158 - 21);
  const exact = (plan.settings * holdW) / burnerW(plan.pot, plan.settings);
  for (const setting of [Math.floor(exact), Math.ceil(exact)]) {
    const state = stoveState([turnedTo(setting)], 12);
    expect(settingAdvice(plan, state, potAtRest(158, burnerW(plan.pot, setting)), [], 100).setting).toBe(setting);
  }
  expect(settingAdvice(plan, stoveState([turnedTo(0)], 12), potAtRest(80), [], 100)).toEqual({
    setting: 9,
    reason: 'warm-up',
  });
  const hot = settingAdvice(plan, stoveState([turnedTo(5)], 12), potAtRest(168, burnerW(plan.pot, 5)), [], 100);
  expect(hot).toEqual({ setting: 0, reason: 'oil-over' });
});

test('pieces that are about to come out are not heated for', () => {
  const plan = planOn('plate');
  const state = stoveState([turnedTo(5), drop], 12);
  const at = (takeOutAtS: number) => {
    const predictions = state.inPot.map(({ number }) => ({
      number,
      colours: [0.5, 0.5] as const,
      coreC: 50,
      interfaceC: 80,
      isDone: true,
      orderedS: null,
      oilMeanC: 158,
      turnAtS: null,
      takeOutAtS,
    }));
    return settingAdvice(plan, state, potAtRest(157, burnerW(plan.pot, 5)), predictions, 300).setting;
  };
  expect(at(310)).toBeLessThan(at(1500));
});

test('rising oil is wanted by the age of the last drop; without pieces it is what they go into', () => {
  const plan = { oilC: 130, ramp: { outC: 160, overS: 600 } };
  expect(targetNow(plan, stoveState([], 12), 500)).toBe(130);
  expect(targetNow(plan, stoveState([drop], 12), 310)).toBe(145);
  expect(targetNow(plan, stoveState([drop], 12), 2000)).toBe(160);
  expect(targetNow({ oilC: 158 }, stoveState([drop], 12), 310)).toBe(158);
});

test('when the oil is ready is told once, in tens of seconds, and never for a burner too weak', () => {
  const plan = planOn('gas');
  fc.assert(
    fc.property(double(21, 150), fc.integer({ min: 6, max: 9 }), (oilC, setting) => {
      const inS = readyInS(plan, potAtRest(oilC, burnerW(plan.pot, setting)), setting)!;
      expect(inS % 10).toBe(0);
      let state = potAtRest(oilC, burnerW(plan.pot, setting));
      for (let s = 0; s < inS; s++) state = stepPot(plan.pot, state, setting, 21, 0, 1);
      expect(state.oilC).toBeGreaterThan(155.9);
    }),
    { numRuns: 40 },
  );
  expect(readyInS({ ...plan, pot: { ...plan.pot, burnerW: 300 } }, potAtRest(21), 9)).toBeNull();
});

test('oil that waits for the next load gets ready, from anywhere, for one who turns the setting as told each minute', () => {
  fc.assert(
    fc.property(
      anyBurner,
      double(100, 160),
      double(0, 900),
      fc.integer({ min: 0, max: 9 }),
      (burner, oilC, burnerFlowW, start) => {
        const plan = planOn(burner);
        let state = potAtRest(oilC, burnerFlowW);
        let setting = start;
        let readyAt: number | null = null;
        for (let s = 0; s < 1800 && readyAt === null; s++) {
          if (s % 60 === 0) setting = settingAdvice(plan, stoveState([turnedTo(setting)], 12), state, [], s).setting;
          state = stepPot(plan.pot, state, setting, 21, 0, 1);
          if (state.oilC >= 156) readyAt = s;
        }
        expect(readyAt).not.toBeNull();
      },
    ),
    { numRuns: 60 },
  );
});
