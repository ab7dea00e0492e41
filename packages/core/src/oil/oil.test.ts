import fc from 'fast-check';
import { newTray } from '../plan/edit/starters.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { evenLoad, loadSizeFor, type LoadSpec, oilRange, potRoom, runLoads } from './fryLoads.js';
import { pieceHeatCurve, pieceHeatJ } from '../heat/pieceHeat.js';
import {
  potAtRest,
  burnerW,
  oilCautions,
  oilDensity,
  potHeatCapacity,
  potHeatJ,
  burnerHeatJ,
  potLevels,
  settingToHold,
  stepPot,
  warmUpS,
} from './pot.js';
import { createStove, dropIntoStove, takeOutFromStove, readProbe, stepStove } from '../simulated/simulatedStove.js';
import { type Pot, DEFAULT_KITCHEN } from '../draft/kitchen.js';

const POT: Pot = DEFAULT_KITCHEN.pot;
const plan = planBatch(newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z'), DEFAULT_KITCHEN, null);
const fry = plan.fry!;

const spec = (pot: Pot = POT): LoadSpec => ({
  pot,
  roomC: 21,
  oilC: 158,
  pieceW: pieceHeatCurve(fry.bulk, fry.solution.samples, fry.takeOutS!, 1),
  takeOutS: fry.takeOutS!,
  pieces: 24,
  betweenS: 45,
  spacingS: 5,
});

test('oil grows by about 12 % on its way to 170 °C', () => {
  expect(oilDensity(20) / oilDensity(170)).toBeCloseTo(1.12, 2);
});

test('levels count the heat and what the pieces push aside', () => {
  const cold = potLevels(POT, 20, 0);
  const hot = potLevels(POT, 170, 0);
  const full = potLevels(POT, 170, 6 * 70e-6);
  expect(hot.oilAlone / cold.oilAlone).toBeCloseTo(1.12, 2);
  expect((full.withLoad - hot.oilAlone) * POT.heightM).toBeCloseTo((6 * 70e-6) / (Math.PI * 0.12 ** 2), 9);
  expect(full.freeM).toBeCloseTo(POT.heightM * (1 - full.withLoad), 9);
});

test('the pot keeps its energy: burner less losses less pieces is what the oil and pot gain', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 9, noNaN: true }),
      fc.double({ min: 0, max: 2500, noNaN: true }),
      fc.double({ min: 60, max: 190, noNaN: true }),
      (setting, loadW, fromC) => {
        const dtS = 0.5;
        const steady = potAtRest(fromC, burnerW(POT, setting));
        const after = stepPot(POT, steady, setting, 21, loadW, dtS);
        const gained = potHeatCapacity(POT, fromC) * (after.oilC - fromC);
        const given = (burnerW(POT, setting) - loadW - POT.lossWPerK * ((fromC + after.oilC) / 2 - 21)) * dtS;
        expect(Math.abs(gained - given)).toBeLessThan(0.5);
        const halves = stepPot(POT, stepPot(POT, steady, setting, 21, loadW, 30), setting, 21, loadW, 30);
        expect(halves.oilC).toBeCloseTo(stepPot(POT, steady, setting, 21, loadW, 60).oilC, 0);
        // Whatever the burner holds is given on: no heat is made or lost on its way.
        const plate: Pot = { ...POT, burner: 'plate', lossWPerK: 1e-6 };
        let state = potAtRest(fromC, 900);
        for (let s = 0; s < 100; s++) state = stepPot(plate, state, setting, 21, 0, 0.5);
        const intoJ = burnerW(plate, setting) * 50 + burnerHeatJ(plate, 900) - burnerHeatJ(plate, state.burnerFlowW);
        expect(Math.abs(potHeatJ(plate, state.oilC) - potHeatJ(plate, fromC) - intoJ)).toBeLessThan(0.01 * intoJ + 10);
      },
    ),
  );
});

test('the probe lags behind rising oil by rise times lag, in steps of any length', () => {
  for (const dtS of [0.25, 1, 5]) {
    let state = potAtRest(100);
    for (let s = 0; s < 120; s += dtS) state = stepPot({ ...POT, lossWPerK: 1e-6 }, state, 9, 21, 0, dtS);
    const risePerS = burnerW(POT, 9) / potHeatCapacity(POT, state.oilC);
    expect(state.oilC - state.probeC).toBeCloseTo(risePerS * POT.probeLagS, 1);
  }
});

test('the setting that holds does hold, and one less does not', () => {
  const setting = settingToHold(POT, 158, 21, 0);
  const rest = (s: number) => 21 + burnerW(POT, s) / POT.lossWPerK;
  expect(rest(setting)).toBeGreaterThanOrEqual(158);
  expect(rest(setting - 1)).toBeLessThan(158);
});

test('warm-up takes longer for more oil and never ends on a burner that is too weak', () => {
  expect(warmUpS(POT, 21, 158, 21)!).toBeLessThan(warmUpS({ ...POT, oilM3: 0.003 }, 21, 158, 21)!);
  expect(warmUpS({ ...POT, burnerW: 300 }, 21, 158, 21)).toBeNull();
});

test('six 68 g pieces in 2 l on half a 2 kW burner pull 158 °C into 150–154 within two minutes', () => {
  const pot: Pot = { ...POT, oilM3: 0.002 };
  const run = (setting: number) => {
    const stove = createStove(pot, 21, () => ({ body: { ...fry.body, faces: 'one' }, bulk: fry.bulk }), 7);
    stove.state = potAtRest(158);
    stove.setting = setting;
    for (let n = 1; n <= 6; n++) dropIntoStove(stove, n);
    const seen: number[] = [];
    for (let s = 0; s < 480; s++) {
      stepStove(stove, 1);
      seen.push(stove.state.oilC);
    }
    return seen;
  };
  const half = run(4.5);
  const dip = Math.min(...half.slice(0, 120));
  expect(dip).toBeGreaterThan(150);
  expect(dip).toBeLessThan(154.5);
  const justHolds = run(settingToHold(pot, 158, 21, 0));
  expect(Math.max(...justHolds.slice(200))).toBeLessThan(156);
});

describe('loads', () => {
  test('the chosen load keeps the range or recovers before the first turn; one more would not, or does not lie flat', () => {
    const weak: Pot = { ...POT, burnerW: 1000, oilM3: 0.0016 };
    for (const pot of [POT, weak]) {
      const room = potRoom(pot, 0.006);
      const best = loadSizeFor(spec(pot), room, 60);
      const dip = (size: number) => runLoads({ ...spec(pot), pieces: size }, size);
      const holds = (size: number) => {
        const run = dip(size);
        return run.lowestC >= oilRange(158).least || run.underRangeS <= 30;
      };
      expect(best.loadSize === 1 || holds(best.loadSize)).toBe(true);
      // A larger one would make fewer loads.
      const larger = Array.from({ length: room }, (_, i) => i + 1).filter(
        (size) => size > best.loadSize && holds(size),
      );
      for (const size of larger) expect(Math.ceil(spec(pot).pieces / size)).toBe(best.loads);
    }
    expect(loadSizeFor(spec(weak), 20, 60).loadSize).toBeLessThan(loadSizeFor(spec(), 20, 60).loadSize + 1);
  });
  test('loads are even: never a last one of a piece or two where all could be alike', () => {
    expect(evenLoad(16, 5)).toBe(4);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 1, max: 30 }), (pieces, most) => {
        const size = evenLoad(pieces, most);
        const loads = Math.ceil(pieces / size);
        expect(size).toBeLessThanOrEqual(most);
        expect(loads).toBe(Math.ceil(pieces / most));
        // One fewer in each would not do.
        expect((size - 1) * loads).toBeLessThan(pieces);
      }),
    );
  });
  test('loads cover the pieces, follow one another and take longer when smaller', () => {
    for (const size of [2, 4, 7]) {
      const run = runLoads(spec(), size);
      expect(run.loads).toBe(Math.ceil(24 / size));
      expect(run.loadStartsS).toHaveLength(run.loads);
      for (let i = 1; i < run.loads; i++) {
        expect(run.loadStartsS[i]! - run.loadStartsS[i - 1]!).toBeGreaterThan(fry.takeOutS! + 40);
      }
      expect(run.trace.every((p) => p.oilC > 100 && p.oilC < 175)).toBe(true);
    }
    expect(runLoads(spec(), 2).totalS).toBeGreaterThan(runLoads(spec(), 4).totalS);
    expect(runLoads(spec(), 7).lowestC).toBeLessThan(runLoads(spec(), 2).lowestC);
  });
  test.each([
    ['fry.loadSize', 0, spec()],
    ['pieces', 4, { ...spec(), pieces: 0 }],
    ['takeOutS', 4, { ...spec(), takeOutS: Number.NaN }],
  ])('a bad %s is refused by that name', (path, size, bad) => {
    expect(() => runLoads(bad, size)).toThrow(expect.objectContaining({ path }));
  });
});

test('steam scales with the real skin, warming with the real volume', () => {
  const bulk = { surfaceM2: 0.02, volumeM3: 6e-5, heatRadiusM: 0.0135, shapeExponent: 1.45 };
  const steam = pieceHeatJ(bulk, 1000, 1000);
  const warm = pieceHeatJ(bulk, 1000, 0);
  expect(steam).toBeCloseTo(20, 9);
  expect(warm).toBeCloseTo((1000 * 6e-5) / (0.0135 / 1.45), 9);
});

test('cautions never pass 190 and 200, nor the smoke point less its margin', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 160, max: 280, noNaN: true }),
      fc.double({ min: 120, max: 200, noNaN: true }),
      (smokeC, top) => {
        const { warnC, cutC } = oilCautions(smokeC, top);
        expect(warnC).toBeLessThanOrEqual(Math.min(190, smokeC - 15, top + 15));
        expect(cutC).toBeLessThanOrEqual(Math.min(200, smokeC - 5));
      },
    ),
  );
});

test('the simulated stove: the same seed tells the same story, another seed another; taken out pieces stop drawing', () => {
  const story = (seed: number) => {
    const stove = createStove(POT, 21, () => fry, seed);
    stove.setting = 9;
    const seen: number[] = [];
    for (let s = 0; s < 240; s++) {
      if (s === 100) dropIntoStove(stove, 1);
      if (s === 200) expect(takeOutFromStove(stove, 1)).not.toBeNull();
      stepStove(stove, 1);
      seen.push(readProbe(stove));
    }
    expect(takeOutFromStove(stove, 1)).toBeNull();
    return seen;
  };
  expect(story(3)).toEqual(story(3));
  expect(story(3)).not.toEqual(story(4));
});
