import { explicitFry } from '../../bench/explicitFry.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { withShape } from '../plan/edit/editDraft.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import { CoreError } from '../errors.js';
import { advanceFry, FRY_STEPPING, turnFry } from './advanceFry.js';
import { coldestC, crustM, interfaceC } from './fryTemperatures.js';
import { createFryBody, type FryBodySpec, OIL_SURFACE } from './fryBody.js';
import { heatTakenJPerM2 } from './bodyHeat.js';
import { doughMaterial, fillingMaterial, type FryMaterial } from './fryMaterial.js';
import { type FrySample, momentWhen, palerFace, sampleAt, solveFry, type FrySolveSpec } from './solveFry.js';

/** The half-moon the orders of magnitude of the model are quoted for. */
const PIECE: FryBodySpec = {
  radiusM: 0.0135,
  shapeExponent: 1.35,
  wallM: 0.0026,
  dough: doughMaterial(1175, 0.28),
  filling: fillingMaterial(1020, 0.7),
  startC: 20,
  faces: 'one',
  exposedShare: 0.35,
  upperDry: 1,
  // As in the figures below.
  setC: 92,
  boilingC: 100,
  wallCells: 24,
  fillingCells: 24,
  surface: OIL_SURFACE,
  browning: 1,
};

function solve(change: Partial<FryBodySpec> = {}, oilC = 165, more: Partial<FrySolveSpec> = {}) {
  return solveFry({
    body: { ...PIECE, ...change },
    oilC,
    turn: 'held-under',
    coreTargetC: 74,
    horizonS: 3600,
    ...more,
  });
}

/** A material with constant properties: no water, so nothing boils or freezes. */
const INERT: FryMaterial = {
  dryKgPerM3: 1000,
  waterKgPerM3: 0,
  dryCp: 3000,
  wetConductivity: 0.4,
  dryConductivity: 0.4,
  ventableKgPerM3: 0,
};

function bisect(f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let i = 0; i < 80; i++) {
    const mid = (a + b) / 2;
    if (Math.sign(f(mid)) === Math.sign(f(a))) a = mid;
    else b = mid;
  }
  return (a + b) / 2;
}

/** Bessel functions of whole order by their integral; the trapezoid rule is exact to rounding here. */
function bessel(order: 0 | 1, x: number): number {
  let sum = 0;
  for (let i = 0; i < 48; i++) {
    const t = (Math.PI * (i + 0.5)) / 48;
    sum += Math.cos(order * t - x * Math.sin(t));
  }
  return sum / 48;
}

/** Root condition, coefficient and shape of the series solutions (Carslaw and Jaeger, ch. 3, 7, 9). */
const SERIES = {
  1: {
    root: (b: number, bi: number) => b * Math.sin(b) - bi * Math.cos(b),
    coefficient: (b: number) => (4 * Math.sin(b)) / (2 * b + Math.sin(2 * b)),
    shape: (x: number) => Math.cos(x),
  },
  2: {
    root: (b: number, bi: number) => b * bessel(1, b) - bi * bessel(0, b),
    coefficient: (b: number) => (2 / b) * (bessel(1, b) / (bessel(0, b) ** 2 + bessel(1, b) ** 2)),
    shape: (x: number) => bessel(0, x),
  },
  3: {
    root: (b: number, bi: number) => b * Math.cos(b) - (1 - bi) * Math.sin(b),
    coefficient: (b: number) => (4 * (Math.sin(b) - b * Math.cos(b))) / (2 * b - Math.sin(2 * b)),
    shape: (x: number) => (x < 1e-9 ? 1 : Math.sin(x) / x),
  },
} as const;

function seriesRoots(m: 1 | 2 | 3, bi: number): number[] {
  const { root } = SERIES[m];
  const roots: number[] = [];
  for (let x = 1e-4; roots.length < 10; x += 0.1) {
    if (Math.sign(root(x, bi)) !== Math.sign(root(x + 0.1, bi))) roots.push(bisect((y) => root(y, bi), x, x + 0.1));
  }
  return roots;
}

describe('the solver against series solutions', () => {
  test.each([
    [1, 5],
    [1, 15],
    [2, 5],
    [2, 15],
    [3, 5],
    [3, 15],
  ] as const)('m %i, Bi %i: coldest cell within 0.2 °C', (m, bi) => {
    const radiusM = 0.0135;
    const h = (bi * 0.4) / radiusM;
    const cells = 100;
    const body = createFryBody({
      ...PIECE,
      shapeExponent: m,
      wallM: radiusM,
      dough: INERT,
      filling: INERT,
      wallCells: cells,
      fillingCells: 0,
      surface: { stillH: h, bubblingH: h, fullFluxWPerM2: 1 },
    });
    const stepping = { ...FRY_STEPPING, firstS: 0.01, mostS: 0.25 };
    const { coefficient, shape } = SERIES[m];
    const roots = seriesRoots(m, bi);
    for (const timeS of [60, 150, 300, 500]) {
      advanceFry(body, timeS - body.timeS, 160, undefined, stepping);
      const fo = (0.4 * timeS) / (1000 * 3000 * radiusM * radiusM);
      const term = (b: number) => coefficient(b) * Math.exp(-b * b * fo) * shape((b * 0.5) / cells);
      const exact = 160 - 140 * roots.reduce((sum, b) => sum + term(b), 0);
      expect(Math.abs(coldestC(body, 1) - exact)).toBeLessThan(0.2);
    }
  });
});

describe('energy', () => {
  test.each([
    ['room, slow', { startC: 20 }, 140],
    ['frozen', { startC: -18 }, 165],
    ['fridge, hot', { startC: 4, shapeExponent: 3 }, 185],
    ['all dough', { wallM: 0.0135, fillingCells: 0 }, 170],
    ['at altitude', { boilingC: 93, startC: -25 }, 160],
  ] as const)('%s: what goes in is stored or leaves as steam, to 1e-6', (_name, change, oilC) => {
    for (const turn of ['held-under', 'each-minute', 'once'] as const) {
      const solution = solve(change, oilC, { turn, body: { ...PIECE, ...change } });
      expect(Math.abs(solution.energyResidual)).toBeLessThan(1e-6);
      expect(solution.converged).toBe(true);
    }
  });

  test('steam never goes back into a piece, and temperature and evaporation stay in their bounds', () => {
    const body = createFryBody({ ...PIECE, startC: -18, faces: 'two' });
    const before = new Float64Array(body.count);
    let reversed = false;
    for (let minute = 0; minute < 20; minute++) {
      advanceFry(body, 60, 170, (b) => {
        for (let i = 0; i < b.count; i++) {
          reversed ||= b.gone[i]! < before[i]! || b.gone[i]! > b.constants.ventable[i]! + 1e-9;
          before[i] = b.gone[i]!;
        }
        return false;
      });
      turnFry(body);
      expect(reversed).toBe(false);
      expect(Math.max(...body.tempC)).toBeLessThan(170);
    }
  });
});

test('crust of a slab that starts at its boiling point grows as the moving-boundary solution says, within 3 %', () => {
  const boilingC = 95;
  const oilC = 180;
  const h = 400;
  const dough = doughMaterial(1175, 0.28);
  const body = createFryBody({
    ...PIECE,
    radiusM: 0.02,
    wallM: 0.02,
    shapeExponent: 1,
    dough,
    wallCells: 200,
    fillingCells: 0,
    boilingC,
    startC: boilingC,
    surface: { stillH: h, bubblingH: h, fullFluxWPerM2: 1 },
  });
  const k = dough.dryConductivity;
  const latent = dough.ventableKgPerM3 * 2.257e6;
  const capacity = dough.dryKgPerM3 * dough.dryCp;
  for (const timeS of [240, 480, 900]) {
    advanceFry(body, timeS - body.timeS, oilC);
    const stefan = (capacity * (oilC - boilingC)) / latent;
    const squared = (2 * k * (oilC - boilingC) * timeS * (1 - stefan / 6)) / latent;
    const expected = Math.sqrt(squared + (k / h) ** 2) - k / h;
    expect(Math.abs(crustM(body) / expected - 1)).toBeLessThan(0.03);
  }
});

/** How far a figure is from `expected` at its nearest within 2 s: steep moments may be that early or late. */
function apart(samples: readonly FrySample[], timeS: number, figure: FigureName, expected: number): number {
  const shifts = Array.from({ length: 41 }, (_, i) => (i - 20) / 10);
  return Math.min(...shifts.map((shift) => Math.abs(sampleAt(samples, timeS + shift)[figure] - expected)));
}
const FIGURES = ['coreC', 'interfaceC', 'surfaceC'] as const;
type FigureName = (typeof FIGURES)[number];

test.each([
  [20, 165],
  [-18, 165],
  [4, 180],
])(
  'from %i °C at %i °C: halving grid and step moves events under 2 s and temperatures under 0.5 °C',
  (startC, oilC) => {
    const coarse = solve({ startC }, oilC);
    const fine = solve({ startC, wallCells: 48, fillingCells: 48 }, oilC, {
      stepping: { ...FRY_STEPPING, firstS: 0.025, mostS: 1 },
    });
    for (const event of ['doughSetS', 'coreS', 'goldenS', 'darkS'] as const) {
      expect(Math.abs(coarse[event]! - fine[event]!)).toBeLessThan(2);
    }
    for (const timeS of [90, 150, 240, 360, 480, 540]) {
      // The skin of a frozen piece settles into boiling only after two minutes.
      const figures = timeS < 120 && startC < 0 ? (['coreC', 'interfaceC'] as const) : FIGURES;
      for (const figure of figures) {
        expect(apart(coarse.samples, timeS, figure, sampleAt(fine.samples, timeS)[figure])).toBeLessThan(0.5);
      }
    }
  },
);

test.each([20, -18])('from %i °C: equal answers to a plain explicit scheme on the same cells', (startC) => {
  // Browns slowly: the run goes on past the last minute compared.
  const spec = { ...PIECE, startC, wallCells: 16, fillingCells: 16, browning: 0.4 };
  const fast = solve(spec, 165);
  const plain = createFryBody(spec);
  for (let minute = 1; minute <= 9; minute++) {
    explicitFry(plain, 60, 165);
    const timeS = minute * 60;
    expect(apart(fast.samples, timeS, 'coreC', coldestC(plain, 0))).toBeLessThan(0.5);
    expect(apart(fast.samples, timeS, 'interfaceC', interfaceC(plain))).toBeLessThan(0.5);
    expect(Math.abs(sampleAt(fast.samples, timeS).colours[0] - plain.faces[0]!.colour)).toBeLessThan(0.02);
  }
});

describe('orderings a cook knows', () => {
  const room = solve();
  test('larger, colder, thicker-walled: later', () => {
    for (const later of [
      solve({ radiusM: 0.016 }),
      solve({ startC: 4 }),
      solve({ startC: -18 }),
      solve({ shapeExponent: 1 }),
    ]) {
      expect(later.doneS!).toBeGreaterThan(room.doneS! + 20);
    }
    expect(solve({ wallM: 0.0036 }).doughSetS!).toBeGreaterThan(room.doughSetS!);
  });
  test('hotter oil: darker much sooner, the core hardly sooner', () => {
    const hot = solve({}, 185);
    expect(hot.goldenS!).toBeLessThan(0.6 * room.goldenS!);
    expect(hot.coreS!).toBeGreaterThan(0.9 * room.coreS!);
  });
  test('browning factor moves colour and nothing else', () => {
    const quick = solve({ browning: 1.6 });
    expect(quick.goldenS!).toBeLessThan(room.goldenS!);
    expect(quick.coreS).toBeCloseTo(room.coreS!, 6);
  });
  test('at altitude water boils away sooner and the core takes longer to 74 °C', () => {
    const high = solve({ boilingC: 93 });
    expect(high.coreS!).toBeGreaterThan(room.coreS!);
    expect(sampleAt(high.samples, 240).waterKgPerM2).toBeGreaterThan(sampleAt(room.samples, 240).waterKgPerM2);
  });
});

describe('orders of magnitude quoted by the model', () => {
  const minutes = (s: number | null) => s! / 60;
  test('165 °C from the room: set ≈ 6, golden ≈ 6½, core 74 ≈ 8½ minutes', () => {
    const s = solve();
    expect(minutes(s.doughSetS)).toBeCloseTo(5.7, 0);
    // "Golden" there is the middle of the golden range, B 1; all of it under oil it browns soonest.
    expect(Math.abs(minutes(momentWhen(s.samples, palerFace, 1)) - 5.3)).toBeLessThan(0.8);
    expect(Math.abs(minutes(s.coreS) - 8.5)).toBeLessThan(0.5);
  });
  test('185 °C: golden at about 3 minutes with the inner dough still raw', () => {
    const s = solve({}, 185);
    const golden = momentWhen(s.samples, palerFace, 1)!;
    expect(Math.abs(golden / 60 - 3)).toBeLessThan(0.4);
    expect(sampleAt(s.samples, golden).interfacePeakC).toBeLessThan(92);
  });
  test('from −18 °C at 165 °C the dough sets at about 11½ minutes', () => {
    expect(Math.abs(minutes(solve({ startC: -18 }).doughSetS) - 11.5)).toBeLessThan(0.7);
  });
  test('a 27 mm slab half exposed: core a quarter later turned each minute, later again turned once', () => {
    const slab = { shapeExponent: 1, exposedShare: 0.5 };
    const under = solve(slab).coreS!;
    const each = solve(slab, 165, { turn: 'each-minute' }).coreS!;
    const once = solve(slab, 165, { turn: 'once' }).coreS!;
    expect(each / under).toBeGreaterThan(1.15);
    expect(each / under).toBeLessThan(1.35);
    expect(once / each).toBeGreaterThan(1.2);
    expect(once / each).toBeLessThan(1.6);
  });
});

test('dough that has set stays set: the moment never moves when the face goes up into the air', () => {
  const once = solve({}, 165, { turn: 'once' });
  const at = once.samples.findIndex((s) => s.timeS >= once.doughSetS!);
  for (const later of once.samples.slice(at)) expect(later.interfacePeakC).toBeGreaterThanOrEqual(92 - 1e-9);
});

test('the heat a body holds never depends on how often it is asked to move', () => {
  const whole = createFryBody(PIECE);
  const chopped = createFryBody(PIECE);
  advanceFry(whole, 300, 165);
  for (let i = 0; i < 300; i++) advanceFry(chopped, 1, 165);
  expect(heatTakenJPerM2(chopped).total / heatTakenJPerM2(whole).total).toBeCloseTo(1, 3);
  expect(Math.abs(coldestC(chopped, 0) - coldestC(whole, 0))).toBeLessThan(0.3);
});

test.each([
  ['radiusM', { radiusM: 0 }],
  ['radiusM', { radiusM: Number.NaN }],
  ['shapeExponent', { shapeExponent: 4 }],
  ['wallM', { wallM: 0.02 }],
  ['startC', { startC: 200 }],
  ['boilingC', { boilingC: Infinity }],
  ['browning', { browning: -1 }],
  ['exposedShare', { exposedShare: 0.7 }],
  ['fillingCells', { fillingCells: 0 }],
] as const)('a body with a bad %s is refused by that name', (path, change) => {
  let caught: unknown;
  try {
    createFryBody({ ...PIECE, ...change });
  } catch (cause) {
    caught = cause;
  }
  expect(caught).toBeInstanceOf(CoreError);
  expect((caught as CoreError).path).toBe(path);
});

test.each([
  ['fry.oilC', { oilC: 300 }],
  ['horizonS', { horizonS: 1 }],
  ['coreTargetC', { coreTargetC: Number.NaN }],
] as const)('a bad %s is refused by that name', (path, more) => {
  expect(() => solve({}, 165, more)).toThrow(expect.objectContaining({ path }));
});

test.each([
  ['a small ball', 'ball', 155],
  ['a half-moon', 'half-moon', 150],
  ['a cone', 'cone', 160],
] as const)(
  'from frozen, %s: the grid of a plan is within 2 %% or six seconds of one three times as fine, never sooner by more',
  (_name, shape, oilC) => {
    const made = withShape(newTray('Frozen', 'squash-sage', 24, '2030-01-05T18:30:00Z'), shape);
    const draft = { ...made, fry: { ...made.fry, oilC, start: 'frozen' as const } };
    const { body, solution } = planBatch(draft, DEFAULT_KITCHEN, null).fry!;
    const fine = solveFry({
      oilC,
      turn: draft.fry.turn,
      coreTargetC: 74,
      coreIsLine: true,
      horizonS: 1800,
      body: { ...body, wallCells: 48, fillingCells: 36 },
      stepping: { ...FRY_STEPPING, firstS: 0.02, growth: 1.1, mostS: 0.5 },
    });
    for (const moment of ['doneS', 'goldenS'] as const) {
      const allowed = Math.max(6, 0.02 * fine[moment]!);
      expect(solution[moment]! - fine[moment]!).toBeGreaterThan(-allowed);
      // A wall that just misses before its turn sets after the next one.
      expect(solution[moment]! - fine[moment]!).toBeLessThan(allowed + 60);
    }
  },
);

test('a body that never comes to rest is refused after so many steps, not after millions', () => {
  const body = createFryBody(PIECE);
  const never = { ...FRY_STEPPING, iterations: 0 };
  expect(() => advanceFry(body, 7200, 165, undefined, never)).toThrow(expect.objectContaining({ code: 'TOO_ODD' }));
  // What cooks fry takes a twentieth of that.
  expect(advanceFry(createFryBody(PIECE), 7200, 165).steps).toBeLessThan(6000);
});
