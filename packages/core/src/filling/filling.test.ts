import fc from 'fast-check';
import { coolFilling, type CoolingSpec, dishDepthM, iceForBath } from './coolFilling.js';
import { draftFilling } from '../plan/edit/draftFigures.js';
import { withRaw } from '../plan/edit/editDraft.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { planCold } from '../plan/tray/planCold.js';
import { coolingWays } from '../plan/tray/planFilling.js';
import { newTray } from '../plan/edit/starters.js';
import { INGREDIENTS, ingredientById } from '../ingredient/catalogue.js';
import type { TrayDraft } from '../draft/draft.js';
import type { Formula } from '../ingredient/formula.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { pantryWith } from '../ingredient/pantry.js';
import { fillingFigures } from './fillingFigures.js';
import { fillingFindings } from './fillingFindings.js';
import { coreMustBeSafe, coreTargetFor, keepsDays } from './fillingSafety.js';
import { FREE_RANGE, thickenersFor } from './freeLiquid.js';
import { mayBeRaw, withLinesAsked } from './mayBeRaw.js';
import { type FillingMethod, type RawPart } from '../draft/choices.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const SPEC: CoolingSpec = { depthM: 0.04, startC: 60, place: 'fridge', roomC: 21, fridgeC: 4, covered: false };
const cool = (change: Partial<CoolingSpec>) => coolFilling({ ...SPEC, ...change }, 20);
const minutes = (s: number | null) => s! / 60;

describe('cooling from 60 °C, the sizes to expect', () => {
  test('4 cm in the fridge reaches 21 °C after about 3 h and fails the first mark', () => {
    const slab = cool({});
    expect(Math.abs(minutes(slab.to21S) - 180)).toBeLessThan(25);
    expect(slab.passesFirstTarget).toBe(false);
  });
  test('2 cm takes about 84 min and passes; covered it fails', () => {
    const thin = cool({ depthM: 0.02 });
    expect(Math.abs(minutes(thin.to21S) - 84)).toBeLessThan(12);
    expect(thin.passesFirstTarget).toBe(true);
    expect(cool({ depthM: 0.02, covered: true }).passesFirstTarget).toBe(false);
  });
  test('4 cm over an ice bath takes about 87 min', () => {
    expect(Math.abs(minutes(cool({ place: 'ice-bath' }).to21S) - 87)).toBeLessThan(12);
  });
});

test('cooling follows the slab series solution within 0.3 °C', () => {
  const { curve } = cool({ depthM: 0.05 });
  const half = 0.025;
  const bi = (9 * half) / 0.5;
  const roots: number[] = [];
  for (let n = 0; n < 12; n++) {
    let [a, b] = [n * Math.PI + 1e-9, n * Math.PI + Math.PI / 2 - 1e-9];
    for (let i = 0; i < 60; i++) {
      const mid = (a + b) / 2;
      if (mid * Math.tan(mid) < bi) a = mid;
      else b = mid;
    }
    roots.push(a);
  }
  for (const { timeS, warmestC } of curve.filter((p) => p.timeS > 600)) {
    const fo = (0.5 / 3.6e6) * (timeS / half ** 2);
    const theta = roots.reduce(
      (sum, b) => sum + ((4 * Math.sin(b)) / (2 * b + Math.sin(2 * b))) * Math.exp(-b * b * fo),
      0,
    );
    expect(Math.abs(warmestC - (4 + 56 * theta))).toBeLessThan(0.3);
  }
});

test('thinner, colder, wetter places cool sooner; nothing cools below its surroundings', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.005, max: 0.075, noNaN: true }),
      fc.constantFrom('room' as const, 'fridge' as const, 'ice-bath' as const, 'freezer' as const),
      fc.boolean(),
      (depthM, place, covered) => {
        const thick = cool({ depthM, place, covered, roomC: 16 });
        const thin = cool({ depthM: depthM / 1.5, place, covered, roomC: 16 });
        const least = { room: 16, fridge: 4, 'ice-bath': 0, freezer: -1.5 }[place];
        expect(thin.to21S ?? Infinity).toBeLessThanOrEqual(thick.to21S ?? Infinity);
        for (let i = 1; i < thick.curve.length; i++) {
          const { warmestC, meanC } = thick.curve[i]!;
          expect(warmestC).toBeLessThanOrEqual(thick.curve[i - 1]!.warmestC + 1e-9);
          expect(warmestC).toBeGreaterThanOrEqual(meanC - 1e-9);
          expect(meanC).toBeGreaterThan(least - 1e-9);
        }
      },
    ),
    { numRuns: 40 },
  );
  expect(cool({ place: 'room', roomC: 26 }).to21S).toBeNull();
});

test.each([
  ['depthM', { depthM: 0.09 }],
  ['startC', { startC: Number.NaN }],
  ['roomC', { roomC: 80 }],
  ['fridgeC', { fridgeC: 40 }],
])('a bad %s is refused by that name', (path, change) => {
  expect(() => cool(change)).toThrow(expect.objectContaining({ path }));
});

const CASE = {
  dishes: 1,
  method: 'pan',
  raw: null,
  rawUnsaid: false,
  uncooked: false,
  whole: false,
  coreTargetC: 74,
  aheadDays: 0,
  iceKg: null,
  depthM: 0.02,
  cooling: null,
  split: null,
} as const;
const FILLING = [
  { ingredientId: 'onion', massKg: 1 },
  { ingredientId: 'fine-salt', massKg: 0.009 },
];

test('cooking dry takes water only: solids and salt stay, the scale shows pan and target', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.3, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
      (share, pan) => {
        const f = fillingFigures(FILLING, share, pan);
        const solids = f.totals.massKg - f.totals.parts.water;
        expect(f.targetKg * (1 - f.waterShare)).toBeCloseTo(solids, 6);
        expect(f.targetWithPanKg).toBeCloseTo(f.targetKg + pan, 9);
        expect(f.targetKg + f.boiledOffKg).toBeCloseTo(f.rawKg, 9);
        expect((f.saltPercent / 100) * f.targetKg).toBeCloseTo(f.totals.parts.salt, 9);
      },
    ),
  );
  // More cannot boil off than there is.
  const dry = fillingFigures([{ ingredientId: 'bread-crumb', massKg: 1 }], 0.3, 0);
  expect(dry.targetKg).toBeCloseTo(0.935, 3);
});

test('findings of a filling name grams that mend it', () => {
  const found = (salt: number, depthM: number, spec: CoolingSpec | null) => {
    const figures = fillingFigures(
      [
        { ingredientId: 'onion', massKg: 1 },
        { ingredientId: 'fine-salt', massKg: salt },
      ],
      0.8,
      0,
    );
    const cooling = spec && coolFilling(spec, 20);
    return { figures, list: fillingFindings({ ...CASE, figures, depthM, cooling, split: cooling }) };
  };
  const low = found(0.002, 0.02, { ...SPEC, depthM: 0.02 });
  const more = low.list.find((f) => f.code === 'filling.salt-low')!.values.saltKg;
  expect((100 * (0.002 + more)) / low.figures.targetKg).toBeCloseTo(0.8, 1);
  expect(found(0.03, 0.02, { ...SPEC, depthM: 0.02 }).list.map((f) => f.code)).toContain('filling.salt-high');
  expect(found(0.009, 0.04, SPEC).list).toContainEqual(
    expect.objectContaining({ code: 'filling.cool-slow', tone: 'stop' }),
  );
  expect(found(0.009, 0.12, null).list).toContainEqual(
    expect.objectContaining({ code: 'filling.too-deep', tone: 'stop' }),
  );
  const empty = { ...CASE, figures: fillingFigures([], 1, 0) };
  expect(fillingFindings(empty).map((f) => f.code)).toEqual(['filling.empty']);
});

test('depth in a dish is volume over floor', () => {
  expect(dishDepthM(1.05, 1050, 0.25, 0.2)).toBeCloseTo(0.02, 9);
});

test('ice of a bath: 1.5 kg from 60 °C needs about 1 kg; nothing hot needs none', () => {
  expect(Math.abs(iceForBath(1.5, 60) - 1)).toBeLessThan(0.1);
  expect(iceForBath(2, 5)).toBe(0);
  expect(() => iceForBath(-1, 60)).toThrow(expect.objectContaining({ path: 'massKg' }));
});

test('a freezer with a fan beats the fridge, and its skin counts as no colder than freezing', () => {
  const fridge = cool({ depthM: 0.03 });
  const freezer = cool({ depthM: 0.03, place: 'freezer', freezerC: -18 });
  expect(freezer.to21S!).toBeLessThan(0.75 * fridge.to21S!);
  expect(freezer.to5S!).toBeLessThan(fridge.to5S ?? Infinity);
  expect(() => cool({ place: 'freezer', freezerC: 5 })).toThrow(expect.objectContaining({ path: 'freezerC' }));
});

describe('water of a filling', () => {
  const WET: Formula = [
    { ingredientId: 'pear', massKg: 1 },
    { ingredientId: 'fine-salt', massKg: 0.002 },
  ];

  test('boiled lentils and mash hold theirs; soft fruit and mushrooms run until they are cooked dry', () => {
    const free = (id: string, share = 1) => {
      const f = fillingFigures([{ ingredientId: id, massKg: 1 }], share, 0);
      return f.freeKg / f.targetKg;
    };
    for (const id of ['boiled-brown-lentils', 'boiled-potato', 'boiled-chickpeas', 'hard-cheese'])
      expect(free(id)).toBe(0);
    for (const id of ['pear', 'mushroom', 'tomato', 'courgette']) expect(free(id)).toBeGreaterThan(FREE_RANGE.runs);
    expect(free('mushroom', 0.3)).toBeLessThan(free('mushroom', 0.6));
  });

  test('every thickener offered binds what runs: stirred in, hardly anything is free', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('pear', 'mushroom', 'leek', 'tomato', 'onion'),
        fc.double({ min: 0.4, max: 1, noNaN: true }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (ingredientId, share, massKg) => {
          const lines = [{ ingredientId, massKg }];
          const before = fillingFigures(lines, share, 0);
          for (const choice of thickenersFor(before.freeKg)) {
            const after = fillingFigures([...lines, choice], share, 0);
            expect(after.freeKg).toBeLessThanOrEqual(0.12 * before.freeKg);
          }
        },
      ),
    );
    expect(thickenersFor(0.4).map(({ ingredientId, massKg }) => [ingredientId, massKg.toFixed(3)])).toEqual([
      ['corn-starch', '0.020'],
      ['plain-wheat-flour', '0.036'],
      ['gram-flour', '0.040'],
      ['bread-crumb', '0.060'],
    ]);
    expect(thickenersFor(0.001)).toEqual([]);
  });

  test('pressed out, salt goes with the water; strained, the juice gives the whole loss; thickened, none is lost', () => {
    const pan = fillingFigures(WET, 0.7, 0);
    const pressed = fillingFigures(WET, 0.7, 0, { method: 'squeeze' });
    expect(pressed.targetKg).toBeCloseTo(pan.targetKg, 12);
    const kept = 1 - pan.boiledOffKg / pan.totals.parts.water;
    expect(pressed.saltPercent).toBeCloseTo(pan.saltPercent * kept, 9);
    const strained = fillingFigures(WET, 0.8, 0, { method: 'strain' });
    expect(strained.juiceKg - strained.juiceReducedKg).toBeCloseTo(strained.boiledOffKg, 9);
    expect(fillingFigures(WET, 0.5, 0, { method: 'thicken' }).targetKg).toBeCloseTo(1.002, 9);
    const codes = (method: FillingMethod, share: number) => {
      const figures = fillingFigures(WET, share, 0, { method });
      return fillingFindings({ ...CASE, figures, method, cooling: cool({ depthM: 0.02 }) }).map((f) => f.code);
    };
    expect(codes('strain', 0.8)).toContain('filling.strain');
    expect(codes('strain', 0.4)).toContain('filling.juice-short');
    expect(codes('squeeze', 0.7)).toContain('filling.squeeze');
    expect(codes('thicken', 0.7)).toEqual(expect.arrayContaining(['filling.boil-clear', 'filling.runs']));
    expect(codes('pan', 0.45)).toContain('filling.thick');
  });

  test('salt that comes with cheese and stock is counted and named', () => {
    const f = fillingFigures([...FILLING, { ingredientId: 'hard-cheese', massKg: 0.3 }], 1, 0);
    const cheese = 0.3 * ingredientById('hard-cheese').composition.salt;
    expect(f.saltFromPartsKg).toBeCloseTo(cheese, 9);
    const found = fillingFindings({ ...CASE, figures: f, cooling: cool({ depthM: 0.02 }) });
    expect(found.find((one) => one.code === 'filling.salt-parts')!.values.partsKg).toBeCloseTo(cheese, 9);
  });
});

describe('is all of it already cooked?', () => {
  const RAW: readonly (RawPart | null)[] = [null, 'poultry', 'minced-meat', 'fish', 'egg', 'vegetables'];

  test('what is raw sets the core target; the kitchen sets what is only reheated', () => {
    expect(RAW.map((raw) => coreTargetFor(raw, 75))).toEqual([75, 74, 71, 63, 71, 75]);
    const draft = newTray('Raw', 'squash-sage', 12, '2030-01-05T18:30:00Z');
    for (const raw of RAW) {
      const next = withRaw(draft, raw, 74);
      expect([next.filling.coreTargetC, next.filling.raw ?? null]).toEqual([coreTargetFor(raw, 74), raw]);
      const codes = planCold(next, DEFAULT_KITCHEN).filling.findings.map((f) => f.code);
      const isRaw = raw !== null && raw !== 'vegetables';
      expect(codes.includes('filling.raw')).toBe(isRaw);
    }
  });

  test('a raw ingredient that comes in asks again and is planned as raw until answered; nothing else does', () => {
    const own: Ingredient[] = (['unknown', 'meat', 'fish', 'vegetarian', 'vegan'] as const).map((diet) => ({
      ...ingredientById('mushroom'),
      id: `own-${diet}`,
      diet,
    }));
    const pantry = pantryWith(own);
    const target = (part: RawPart | null) => (part === null ? -Infinity : coreTargetFor(part, 74));
    fc.assert(
      fc.property(
        fc.constantFrom(...RAW),
        fc.constantFrom(...[...INGREDIENTS, ...own].map(({ id }) => id)),
        fc.boolean(),
        (raw, ingredientId, wasThere) => {
          const line = { ingredientId, massKg: 0.1 };
          const base = newTray('Raw', 'squash-sage', 12, '2030-01-05T18:30:00Z');
          const { filling } = withRaw(
            { ...base, filling: { ...base.filling, lines: wasThere ? [line] : [] } },
            raw,
            74,
          );
          const next = withLinesAsked(filling, [...filling.lines, line], pantry, 74);
          const comes = mayBeRaw(pantry.find(ingredientId));
          expect(next.lines).toHaveLength(filling.lines.length + 1);
          if (wasThere || comes === null) {
            expect([next.raw, next.rawUnsaid, next.coreTargetC]).toEqual([filling.raw, undefined, filling.coreTargetC]);
            return;
          }
          const draft = { ...base, filling: next };
          expect(next.rawUnsaid).toBe(true);
          expect(coreMustBeSafe(draft)).toBe(true);
          expect(next.coreTargetC).toBeGreaterThanOrEqual(
            Math.max(target(comes), raw === 'vegetables' ? 0 : target(raw)),
          );
          const codes = (d: TrayDraft) =>
            planCold(d, { ...DEFAULT_KITCHEN, ingredients: own }).filling.findings.map((f) => f.code);
          expect(codes(draft)).toContain('filling.raw-unsaid');
          // Other lines put in while it is open do not answer it; the cook does.
          expect(withLinesAsked(next, [], pantry, 74).rawUnsaid).toBe(true);
          const said = withRaw(draft, null, 74);
          expect(codes(said)).not.toContain('filling.raw-unsaid');
          expect(coreMustBeSafe(said)).toBe(false);
        },
      ),
    );
    expect(
      ['minced-chicken', 'cooked-chicken', 'egg', 'hard-boiled-egg', 'own-unknown', 'own-vegan'].map((id) =>
        mayBeRaw(pantry.find(id)),
      ),
    ).toEqual(['poultry', null, 'egg', null, 'poultry', null]);
  });

  test('raw meat, fish and egg are not made ahead; fish keeps a day, the rest two; it must get cold in time', () => {
    expect(RAW.map((raw) => keepsDays(raw, false))).toEqual([2, 0, 0, 0, 0, 2]);
    expect(keepsDays(null, true)).toBe(1);
    const codes = (starter: string, aheadDays: number, depth: number) => {
      const draft = newTray('Ahead', starter, 24, '2030-01-05T18:30:00Z');
      const figures = draftFilling(draft, DEFAULT_KITCHEN);
      const cooling = cool({ depthM: depth, startC: 85 });
      return fillingFindings({ ...CASE, figures, aheadDays, cooling }).map((f) => f.code);
    };
    expect(codes('lentil-dill', 2, 0.02)).toContain('filling.ahead-keeps');
    expect(codes('mackerel-leek', 2, 0.02)).toContain('filling.ahead-long');
    expect(codes('mackerel-leek', 1, 0.02)).toContain('filling.ahead-keeps');
    expect(codes('lentil-dill', 1, 0.06)).toContain('filling.ahead-slow');
    expect(codes('lentil-dill', 0, 0.06)).not.toContain('filling.ahead-slow');
  });

  test('cooked on a day before, it is work of that day, at the same hour, and the day itself has none of it', () => {
    const draft = newTray('Ahead', 'lentil-dill', 24, '2030-01-05T18:30:00Z');
    const steps = (aheadDays: number) =>
      planBatch({ ...draft, filling: { ...draft.filling, aheadDays } }, DEFAULT_KITCHEN, null).serve!.steps;
    const today = steps(0);
    for (const days of [1, 2]) {
      const ahead = steps(days);
      expect(ahead.map(({ id }) => id).sort()).toEqual(today.map(({ id }) => id).sort());
      for (const step of ahead) {
        const { startMs, endMs } = today.find(({ id }) => id === step.id)!;
        const earlierMs = step.id === 'filling' || step.id === 'cool' ? days * 86_400_000 : 0;
        expect([step.startMs, step.endMs]).toEqual([startMs - earlierMs, endMs - earlierMs]);
      }
    }
  });
});

test('ways to cool: quickest first, every place in one dish and two, each as the plan would have it', () => {
  const draft = newTray('Cool', 'squash-sage', 48, '2030-01-05T18:30:00Z');
  const { figures } = planCold(draft, DEFAULT_KITCHEN).dough;
  const ways = coolingWays(draft, DEFAULT_KITCHEN, figures.fatPercent);
  expect(ways).toHaveLength(8);
  ways.forEach((way, i) => {
    const foldS = (w: typeof way | undefined) => w?.cooling?.toFoldS ?? Infinity;
    if (i > 0) expect(foldS(way)).toBeGreaterThanOrEqual(foldS(ways[i - 1]));
    const { place, dishes } = way;
    const plan = planCold({ ...draft, filling: { ...draft.filling, place, dishes } }, DEFAULT_KITCHEN).filling;
    expect(plan.cooling?.toFoldS).toBe(way.cooling?.toFoldS);
    expect(plan.depthM).toBeCloseTo(way.depthM, 12);
    expect(plan.iceKg !== null).toBe(place === 'ice-bath');
  });
});
