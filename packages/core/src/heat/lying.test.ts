import fc from 'fast-check';
import { planBatch } from '../plan/batch/planBatch.js';
import { type TrayDraft } from '../draft/draft.js';
import { newTray } from '../plan/edit/starters.js';
import { runLoads } from '../oil/fryLoads.js';
import { pieceHeatCurve } from './pieceHeat.js';
import { halfDepthOilM3, oilDensity } from '../oil/pot.js';
import { advanceFry } from './advanceFry.js';
import { coldestC } from './fryTemperatures.js';
import { burstOverTime } from './burstOverTime.js';
import { createFryBody, type FryBodySpec, OIL_SURFACE } from './fryBody.js';
import { coiledShell, doughMaterial, fillingMaterial, type FryMaterial, layeredShell } from './fryMaterial.js';
import { eachMinuteS, firstTurnFor, lyingOf } from './lying.js';
import { palerFace, sampleAt, solveFry } from './solveFry.js';
import { type TurnMethod } from '../draft/choices.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const DOUGH = doughMaterial(1175, 0.28);
const PIECE: FryBodySpec = {
  radiusM: 0.0135,
  shapeExponent: 1.35,
  wallM: 0.0026,
  dough: DOUGH,
  filling: fillingMaterial(1020, 0.7),
  startC: 20,
  faces: 'one',
  exposedShare: 0.35,
  upperDry: 1,
  setC: 85,
  boilingC: 100,
  wallCells: 24,
  fillingCells: 24,
  surface: OIL_SURFACE,
  browning: 1,
};
const solve = (change: Partial<FryBodySpec> = {}, turn: TurnMethod = 'held-under', oilC = 165) => {
  const body = { ...PIECE, ...change };
  const lying = lyingOf(turn, body.exposedShare);
  return solveFry({ body: { ...body, ...lying, ...change }, oilC, turn, coreTargetC: 74, horizonS: 3600 });
};
const draftOf = (fry: Partial<TrayDraft['fry']>, change: Partial<TrayDraft> = {}): TrayDraft => {
  const draft = newTray('Lying', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  return { ...draft, ...change, fry: { ...draft.fry, ...fry } };
};
const planned = (draft: TrayDraft) => planBatch(draft, DEFAULT_KITCHEN, null).fry!;

describe('how a piece lies', () => {
  test.each([1, 1.35, 2] as const)(
    'm %d: two faces that are both all in oil are the symmetric piece',
    (shapeExponent) => {
      const one = solve({ shapeExponent });
      const two = solve({ shapeExponent, exposedShare: 0, upperDry: 0 }, 'each-minute');
      // The middle of two faces is kept joined by a floor on its area: a slab has none, the others a little.
      const near = shapeExponent === 1 ? 0.004 : 0.02;
      for (const event of ['doughSetS', 'coreS', 'goldenS', 'darkS'] as const) {
        expect(Math.abs(two[event]! / one[event]! - 1)).toBeLessThan(near);
      }
    },
  );

  test('held under, basted, turned once, half-depth: the drier the upper face, the later it is cooked and coloured', () => {
    const order = (['held-under', 'basted', 'once', 'half-depth'] as const).map((turn) => solve({}, turn));
    // A floating upper face warms the core no more than one that lies dry; it browns, where it is washed.
    expect(order[3]!.coreS!).toBeGreaterThan(order[2]!.coreS! - 15);
    for (let i = 1; i < order.length; i++) {
      if (i < 3) expect(order[i]!.coreS!).toBeGreaterThan(order[i - 1]!.coreS! + 5);
      expect(order[i]!.goldenS!).toBeGreaterThan(order[i - 1]!.goldenS! + 5);
      expect(order[i]!.turnsS).toHaveLength(1);
    }
  });

  test('half-depth: the upper face keeps its raw colour until the turn, and in deep oil it does not', () => {
    const upper = (turn: TurnMethod) => {
      const solution = solve({}, turn);
      return sampleAt(solution.samples, solution.turnsS[0]! - 1).colours[1];
    };
    expect(upper('half-depth')).toBe(0);
    expect(upper('once')).toBeGreaterThan(0.005);
  });

  test('oil for half depth, hot and with the load in, stands to the middle of a piece', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.5, noNaN: true }),
        fc.double({ min: 0.01, max: 0.06, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (diameterM, thickM, share) => {
          const area = (Math.PI * diameterM ** 2) / 4;
          const loadM3 = share * area * thickM;
          const hot = (halfDepthOilM3({ diameterM }, 165, thickM, loadM3) * oilDensity(20)) / oilDensity(165);
          expect((hot + loadM3 / 2) / area).toBeCloseTo(thickM / 2, 9);
        },
      ),
    );
    const codes = (oilM3: number) => {
      const kitchen = { ...DEFAULT_KITCHEN, pot: { ...DEFAULT_KITCHEN.pot, oilM3 } };
      return planBatch(draftOf({ turn: 'half-depth' }), kitchen, null).fry!.findings.map((f) => f.code);
    };
    const need = planned(draftOf({ turn: 'half-depth' })).halfDepthM3!;
    expect(codes(need)).toContain('fry.half-depth');
    expect(codes(0.0021)).toContain('fry.half-too-deep');
    expect(codes(need / 2)).toContain('fry.half-too-shallow');
  });
});

/** A slab of dough layers with something between them, cell by cell, and the same smeared over the wall. */
function layersApart(layers: number, betweenM2KPerW: number): { apartC: number; smearedC: number } {
  const inert: FryMaterial = { ...DOUGH, waterKgPerM3: 0, ventableKgPerM3: 0, dryKgPerM3: 1000, dryCp: 3000 };
  const [wallM, radiusM, h, timeS] = [0.0048, 0.012, 400, 240];
  const per = 6;
  const cell = wallM / (layers * per);
  const inner = Math.round((radiusM - wallM) / cell);
  const k = Array.from({ length: inner + layers * per }, (_, i) => (i < inner ? 0.5 : 0.4));
  const size = k.map((_, i) => (i < inner ? (radiusM - wallM) / inner : cell));
  const between = (i: number) => (i > inner && (i - inner) % per === 0 ? betweenM2KPerW : 0);
  const tempC = k.map(() => 20);
  const dt = 0.005;
  for (let s = 0; s < timeS; s += dt) {
    const flux = k.map((_, i) =>
      i === 0 ? 0 : (tempC[i]! - tempC[i - 1]!) / (size[i]! / 2 / k[i]! + size[i - 1]! / 2 / k[i - 1]! + between(i)),
    );
    const last = k.length - 1;
    flux.push((165 - tempC[last]!) / (1 / h + size[last]! / 2 / k[last]!));
    for (let i = 0; i <= last; i++) tempC[i]! += ((flux[i + 1]! - flux[i]!) * dt) / (3e6 * size[i]!);
  }
  const smeared = createFryBody({
    ...PIECE,
    radiusM,
    wallM,
    shapeExponent: 1,
    dough: layeredShell({ ...inert, wetConductivity: 0.4, dryConductivity: 0.13 }, wallM, layers),
    filling: { ...inert, wetConductivity: 0.5 },
    surface: { stillH: h, bubblingH: h, fullFluxWPerM2: 1 },
  });
  advanceFry(smeared, timeS, 165);
  return { apartC: tempC[0]!, smearedC: coldestC(smeared, 0) };
}

describe('shells of several layers', () => {
  test.each([2, 4, 8])(
    '%i layers smeared over the wall warm the core as layers one by one do, within 1.5 °C',
    (layers) => {
      const { apartC, smearedC } = layersApart(layers, 1e-3);
      expect(Math.abs(smearedC - apartC)).toBeLessThan(1.5);
      // And it does matter: without what lies between, the core is warmer by far.
      expect(layersApart(layers, 0).apartC).toBeGreaterThan(apartC + (layers > 2 ? 3 : 1));
    },
  );

  test('one layer is the dough itself; more of them, and coils, set later; the skin is golden no later', () => {
    expect(layeredShell(DOUGH, 0.0026, 1)).toEqual(DOUGH);
    const plain = solve();
    let before = plain;
    for (const layers of [2, 4]) {
      const more = solve({ dough: layeredShell(DOUGH, PIECE.wallM, layers) });
      expect(more.doughSetS!).toBeGreaterThan(before.doughSetS! + 10);
      expect(more.goldenS!).toBeLessThan(before.goldenS! + 1);
      before = more;
    }
    expect(solve({ dough: coiledShell(DOUGH) }).doughSetS!).toBeGreaterThan(plain.doughSetS! + 10);
  });

  test('a strip folded over and over is fried as its layers, a coil too hot says that it stays shut', () => {
    const strip = (lengthM: number) => {
      const draft = draftOf({}, { shape: 'strip-triangle' });
      const fold = { ...draft.fold, discM: 0.07, lengthM, thicknessM: 0.0006, sealM: 0.004, fillingEachKg: 0.012 };
      return planned({ ...draft, fold });
    };
    expect(strip(0.42).body.dough.wetConductivity).toBeLessThan(strip(0.21).body.dough.wetConductivity);
    const coil = draftOf({ oilC: 178 });
    const codes = planned({ ...coil, dough: { ...coil.dough, family: 'coiled' } }).findings.map((f) => f.code);
    expect(codes).toContain('fry.coil-shut');
  });
});

describe('push on the seam', () => {
  const solution = solve({}, 'once');
  const over = (index: number) => burstOverTime(solution.samples, index, 20, 85);
  test('nothing at the drop, worst before the dough has set, past it once it has', () => {
    const { moments, worstS, holdsS } = over(1);
    expect(moments[0]!.index).toBeCloseTo(0, 6);
    expect(worstS).toBeLessThan(solution.doughSetS!);
    expect(worstS).toBeGreaterThan(solution.doughSetS! / 3);
    expect(holdsS!).toBeGreaterThan(worstS);
    expect(holdsS!).toBeLessThan(solution.doughSetS! + 30);
    expect(moments.every((one) => one.index >= 0 && Number.isFinite(one.index))).toBe(true);
  });
  test('a well-made piece of the demo kitchen is at about 1 at its worst; twice as bad a seam, twice the push', () => {
    const { seamPush } = planned(draftOf({}, { shape: 'half-moon' }));
    const worst = (push: typeof seamPush) => Math.max(...push!.moments.map((one) => one.index));
    expect(worst(seamPush)).toBeGreaterThan(0.4);
    expect(worst(seamPush)).toBeLessThan(1.5);
    expect(worst(over(2))).toBeCloseTo(2 * worst(over(1)), 9);
  });
});

test('over a whole batch, the burner pays for losses, pieces and what oil and pot gained, within 0.5 %', () => {
  const fry = planned(draftOf({}));
  const pieceW = pieceHeatCurve(fry.bulk, fry.solution.samples, fry.takeOutS!, 1);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 12, max: 80 }),
      fc.double({ min: 0.0008, max: 0.004, noNaN: true }),
      fc.double({ min: 140, max: 180, noNaN: true }),
      (size, pieces, oilM3, oilC) => {
        const pot = { ...DEFAULT_KITCHEN.pot, oilM3 };
        const loads = { pot, roomC: 21, oilC, pieceW, takeOutS: fry.takeOutS!, pieces, betweenS: 45, spacingS: 5 };
        expect(Math.abs(runLoads(loads, size).energyResidual)).toBeLessThan(0.005);
      },
    ),
    { numRuns: 40 },
  );
  expect(palerFace(fry.atTakeOut!)).toBeGreaterThan(0.7);
});

test('the first turn waits for the seam: sooner for a tight one, later for a weak one, then each minute', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 20, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
      (index, more) => {
        const first = firstTurnFor(index);
        expect(first).toBeGreaterThanOrEqual(30);
        expect(first).toBeLessThanOrEqual(90);
        expect(firstTurnFor(index + more)).toBeGreaterThanOrEqual(first);
        expect(eachMinuteS({ firstTurnS: first }, 2) - eachMinuteS({ firstTurnS: first }, 1)).toBeCloseTo(60, 9);
      },
    ),
  );
  expect([firstTurnFor(1), firstTurnFor(null), eachMinuteS({}, 0)]).toEqual([60, 30, 60]);
  // What the solver does is what was asked for.
  const turned = solveFry({
    body: { ...PIECE, faces: 'two', firstTurnS: 42 },
    oilC: 165,
    turn: 'each-minute',
    coreTargetC: 74,
    horizonS: 400,
  });
  expect(turned.turnsS[0]).toBeCloseTo(42, 3);
  expect(turned.turnsS[1]).toBeCloseTo(102, 3);
  // A leaky seam makes the plan wait.
  const draft = newTray('Seam', 'squash-sage', 12, '2030-01-05T18:30:00Z');
  const fry = { ...draft.fry, turn: 'each-minute' as const };
  const leaky: TrayDraft = {
    ...draft,
    fry,
    seal: { sealWith: 'none', flouredRim: true, finalPinch: false, airPressed: false, covered: false, waitS: 1800 },
  };
  const firstOf = (one: TrayDraft) => planBatch(one, DEFAULT_KITCHEN, null).fry!.solution.turnsS[0]!;
  expect(firstOf(leaky)).toBeCloseTo(90, 3);
  expect(firstOf({ ...draft, fry })).toBeLessThan(70);
});
