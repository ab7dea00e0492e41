import fc from 'fast-check';
import { partFreezeS } from './partFreeze.js';
import { advanceFry } from './advanceFry.js';
import { createFryBody, evenSurface, type FryBody, type FryBodySpec, OIL_SURFACE } from './fryBody.js';
import { startHeatOf } from './startHeat.js';
import { doughMaterial, fillingMaterial } from './fryMaterial.js';
import { afterBench, coolPieceS, holdTimes, PART_FROZEN, temperedC } from './holdPiece.js';
import { solveFry } from './solveFry.js';

const BODY: FryBodySpec = {
  radiusM: 0.0135,
  shapeExponent: 1.45,
  wallM: 0.0024,
  dough: doughMaterial(1175, 0.28),
  filling: fillingMaterial(1030, 0.68),
  startC: 21,
  faces: 'two',
  exposedShare: 0.35,
  upperDry: 1,
  setC: 85,
  boilingC: 100,
  wallCells: 16,
  fillingCells: 12,
  surface: OIL_SURFACE,
  browning: 0.9,
};

test('a ball of one material freezes in the time of Plank’s equation, from its freezing point', () => {
  // Frozen at −1.5 in air of −18: ρ·w·L / 16.5 K × (d/6h + d²/24k), k of ice; d the diameter.
  const filling = fillingMaterial(1000, 0.7);
  const ball = { ...BODY, shapeExponent: 3, radiusM: 0.02, wallM: 0.0005, dough: doughMaterial(1000, 0.7), filling };
  const k = 0.5 * 2.2;
  const plankS = ((700 * 3.34e5) / 16.5) * (0.04 / (6 * 15) + 0.04 ** 2 / (24 * k));
  const foundS = coolPieceS(ball, 'freezer', -1.4, -18, -1.6)!;
  // Plank leaves out what the ice itself gives up as it cools: a twentieth or so.
  expect(foundS / plankS).toBeGreaterThan(0.97);
  expect(foundS / plankS).toBeLessThan(1.15);
});

test('a usual half-moon is hard in two to three hours, in the fridge within two, and tempered is still ice inside', () => {
  const times = holdTimes(BODY, { roomC: 21, fridgeC: 4, freezerC: -18 });
  expect(times.toHardS! / 3600).toBeGreaterThan(1.8);
  expect(times.toHardS! / 3600).toBeLessThan(3.2);
  expect(times.toFridgeS! / 60).toBeGreaterThan(30);
  expect(times.toFridgeS! / 60).toBeLessThan(150);
  expect(times.temperedC).toBeLessThan(-1.4);
  expect(times.temperedC).toBeGreaterThan(-8);
});

test('thicker, warmer or in a milder freezer takes longer; more time on paper is never colder', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1.1, max: 1.8, noNaN: true }),
      fc.double({ min: 1, max: 8, noNaN: true }),
      (more, k) => {
        const usual = coolPieceS(BODY, 'freezer', 20, -20, -8)!;
        expect(coolPieceS({ ...BODY, radiusM: BODY.radiusM * more }, 'freezer', 20, -20, -8)!).toBeGreaterThan(usual);
        expect(coolPieceS(BODY, 'freezer', 20 + k, -20, -8)!).toBeGreaterThan(usual);
        expect(coolPieceS(BODY, 'freezer', 20, -20 + k, -8)!).toBeGreaterThan(usual);
        expect(temperedC(BODY, -18, 21, 600 + 60 * k)).toBeGreaterThanOrEqual(temperedC(BODY, -18, 21, 600) - 1e-9);
      },
    ),
    { numRuns: 12 },
  );
});

test('what is cold already takes no time; what the air never reaches, or not in twelve hours, has none', () => {
  expect(coolPieceS(BODY, 'fridge', 3, 4, 6)).toBe(0);
  expect(coolPieceS(BODY, 'fridge', 20, 4, 2)).toBeNull();
  expect(coolPieceS({ ...BODY, radiusM: 0.1 }, 'freezer', 20, -6, -5.9)).toBeNull();
  expect(() => coolPieceS(BODY, 'freezer', 20, Number.NaN, -8)).toThrow(expect.objectContaining({ path: 'airC' }));
  expect(() => temperedC(BODY, -18, 21, -1)).toThrow(expect.objectContaining({ path: 'forS' }));
});

describe('a filling that is colder than its dough', () => {
  const FROZEN_HALF = { ...BODY, fillingStart: PART_FROZEN };

  /** The same by the solver: until half of the water of a ball in the freezer is ice. */
  const solvedS = (m3: number, fromC: number, freezerC: number) => {
    const filling = fillingMaterial(1000, 0.7);
    const radiusM = Math.cbrt((3 * m3) / (4 * Math.PI));
    const body = createFryBody({
      ...BODY,
      radiusM,
      wallM: radiusM,
      shapeExponent: 3,
      dough: filling,
      filling,
      fillingCells: 0,
      startC: fromC,
      faces: 'one',
      surface: evenSurface(15),
    });
    let foundS = Infinity;
    const isFirm = (now: FryBody) => {
      let [ice, all] = [0, 0];
      for (const [i, volume] of now.volume.entries()) {
        const { tempC, iceShare } = startHeatOf(now, i);
        ice += volume * (tempC < -1.5 ? 1 : iceShare);
        all += volume;
      }
      if (ice < all / 2) return false;
      foundS = now.timeS;
      return true;
    };
    while (foundS === Infinity && body.timeS < 6 * 3600) advanceFry(body, 7200, freezerC, isFirm);
    return foundS;
  };

  test('a shaped portion is part-frozen when the solver says so, within a fifth; bigger, warmer, milder: later', () => {
    const each = (m3: number, fromC: number, freezerC: number) =>
      partFreezeS({ densityKgPerM3: 1000, waterShare: 0.7 }, m3, fromC, freezerC)!;
    const figure = { min: 0, max: 1, noNaN: true };
    fc.assert(
      fc.property(fc.double(figure), fc.double(figure), fc.double(figure), (size, warm, cold) => {
        const [m3, fromC, freezerC] = [(8 + 52 * size) * 1e-6, 4 + 18 * warm, -24 + 10 * cold];
        const said = each(m3, fromC, freezerC);
        expect(said / solvedS(m3, fromC, freezerC)).toBeGreaterThan(0.8);
        expect(said / solvedS(m3, fromC, freezerC)).toBeLessThan(1.2);
        expect(each(1.1 * m3, fromC, freezerC)).toBeGreaterThan(said);
        expect(each(m3, fromC + 1, freezerC)).toBeGreaterThan(said);
        expect(each(m3, fromC, freezerC + 1)).toBeGreaterThan(said);
      }),
      { numRuns: 20 },
    );
    expect(partFreezeS({ densityKgPerM3: 1000, waterShare: 0.7 }, 32e-6, 8, 4)).toBeNull();
  });

  test('on the bench it takes heat from its dough: never warmer than the room, never colder again, ice first', () => {
    const after = [0, 300, 900, 1800, 3600, 7200].map((s) => afterBench(FROZEN_HALF, 21, s));
    expect(after[0]).toEqual({ startC: 21, fillingStart: PART_FROZEN });
    // How warm it is with its ice: a degree of ice share counts as what melts it.
    const warmth = ({ fillingStart: { tempC, iceShare } }: (typeof after)[number]) => tempC - 100 * iceShare;
    for (const [i, one] of after.entries()) {
      expect(one.startC).toBeLessThanOrEqual(21 + 1e-6);
      if (i > 0) expect(warmth(one)).toBeGreaterThan(warmth(after[i - 1]!) - 1e-9);
    }
    expect(after[1]!.startC).toBeLessThan(20);
    expect(warmth(after.at(-1)!)).toBeGreaterThan(10);
  });

  test('the colder it goes in, the later its core: cool, fridge-cold, part-frozen; the heat balance closes', () => {
    const spec = { oilC: 160, turn: 'held-under', coreTargetC: 74, horizonS: 1800 } as const;
    const cold = { ...BODY, fillingStart: { tempC: 5, iceShare: 0 } };
    const solved = [BODY, cold, FROZEN_HALF].map((body) => solveFry({ body, ...spec }));
    const core = solved.map(({ coreS }) => coreS!);
    expect(core[1]).toBeGreaterThan(core[0]! + 5);
    expect(core[2]).toBeGreaterThan(core[1]! + 30);
    for (const { converged, energyResidual } of solved) {
      expect(converged).toBe(true);
      expect(Math.abs(energyResidual)).toBeLessThan(0.005);
    }
    expect(() => solveFry({ body: { ...BODY, fillingStart: { tempC: 0, iceShare: 2 } }, ...spec })).toThrow(
      expect.objectContaining({ path: 'fillingStart.iceShare' }),
    );
  });
});
