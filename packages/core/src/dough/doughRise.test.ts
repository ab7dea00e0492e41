import { type FindingCode, findingOf, worstTone } from '../draft/finding.js';
import fc from 'fast-check';
import { type TrayDraft } from '../draft/draft.js';
import { withFamily, withWorkedFormula } from '../plan/edit/editDraft.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import { doughFigures } from './doughFigures.js';
import { doughRise, mixedDoughC, pourTemp, type RiseSpec, yeastAlive, yeastRate, yeastStrength } from './doughRise.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const LEAN: RiseSpec = { yeastPercent: 1, sugarPercent: 0, saltPercent: 1.6, doughC: 26, placeC: 26, massKg: 1 };
const minutes = (spec: Partial<RiseSpec>) => doughRise({ ...LEAN, ...spec }).doubleS! / 60;

test('one percent of instant yeast: about 65 minutes at 26 °C, about 12 hours at 6 °C', () => {
  expect(minutes({})).toBeCloseTo(65.8, 0);
  expect(minutes({ doughC: 6, placeC: 6 }) / 60).toBeGreaterThan(11.5);
  expect(minutes({ doughC: 6, placeC: 6 }) / 60).toBeLessThan(12.8);
  // A warm dough in the fridge rises for a while before it is cold.
  expect(minutes({ doughC: 26, placeC: 6 }) / 60).toBeLessThan(10);
});

test('the rate is continuous, best from 33 to 37 °C, and none when frozen or scalded', () => {
  expect([yeastRate(33), yeastRate(35), yeastRate(37)]).toEqual([1, 1, 1]);
  expect([yeastRate(-5), yeastRate(0), yeastRate(50), yeastRate(80), yeastRate(Number.NaN)]).toEqual([0, 0, 0, 0, 0]);
  expect(yeastRate(12 - 1e-9)).toBeCloseTo(yeastRate(12), 6);
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 33, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
      (c, more) => {
        expect(yeastRate(Math.min(33, c + more))).toBeGreaterThanOrEqual(yeastRate(c));
      },
    ),
  );
});

test('more yeast and warmth are quicker; sugar over 7 % and salt over 2 % are slower; half the yeast takes twice as long', () => {
  expect(minutes({ yeastPercent: 0.5 })).toBeCloseTo(2 * minutes({}), 0);
  expect(yeastStrength(7, 2)).toBe(1);
  expect(yeastStrength(17, 2)).toBeCloseTo(0.55, 9);
  expect(yeastStrength(60, 2)).toBe(0.2);
  expect(minutes({ sugarPercent: 17 })).toBeCloseTo(minutes({}) / 0.55, 0);
  expect(minutes({ saltPercent: 3 })).toBeCloseTo(minutes({}) / 0.88, 0);
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 3, noNaN: true }),
      fc.double({ min: 15, max: 32, noNaN: true }),
      fc.double({ min: 15, max: 32, noNaN: true }),
      (yeastPercent, doughC, placeC) => {
        const rise = doughRise({ ...LEAN, yeastPercent, doughC, placeC });
        expect(rise.soonestS!).toBeLessThan(rise.doubleS!);
        expect(rise.latestS!).toBeGreaterThan(rise.doubleS!);
        const warmer = doughRise({ ...LEAN, yeastPercent, doughC, placeC: placeC + 1 });
        expect(warmer.doubleS!).toBeLessThanOrEqual(rise.doubleS! + 1e-6);
      },
    ),
  );
});

test('what never doubles has no time, and bad figures are refused by name', () => {
  expect(doughRise({ ...LEAN, yeastPercent: 0 })).toEqual({ doubleS: null, soonestS: null, latestS: null });
  expect(doughRise({ ...LEAN, doughC: -5, placeC: -18 }).doubleS).toBeNull();
  for (const key of Object.keys(LEAN) as (keyof RiseSpec)[]) {
    expect(() => doughRise({ ...LEAN, [key]: Number.NaN })).toThrow(expect.objectContaining({ path: key }));
  }
});

test('pouring at the temperature named gives the dough wanted, by the heat balance; ice where the tap is too warm', () => {
  const amount = fc.double({ min: 0.2, max: 3, noNaN: true });
  fc.assert(
    fc.property(
      amount,
      amount,
      fc.integer({ min: 8, max: 38 }),
      fc.integer({ min: 12, max: 30 }),
      (flour, water, room, want) => {
        const poured = pourTemp(flour, water, room, want, 10);
        if (!poured) return;
        const { waterC, iceKg } = poured;
        expect(iceKg).toBeGreaterThanOrEqual(0);
        expect(iceKg).toBeLessThanOrEqual(water);
        const heat = flour * 1800 * room + water * 4190 * waterC - iceKg * (334_000 + 4190 * waterC);
        expect(heat / (flour * 1800 + water * 4190) + 2).toBeCloseTo(want, 6);
      },
    ),
  );
  expect(pourTemp(1, 0, 20, 26, 10)).toBeNull();
});

test('a yeast batch: pouring, rise and fridge are said, and the table waits for the rise', () => {
  const base = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  const draft = withWorkedFormula(withFamily(base, 'yeast'));
  const at = (roomC: number) => planBatch(draft, { ...DEFAULT_KITCHEN, roomC }, null);
  const find = <Code extends FindingCode>(roomC: number, code: Code) => findingOf(at(roomC).dough.findings, code);
  expect(find(21, 'dough.pour-at')!.values.waterC).toBeGreaterThan(24);
  expect(find(38, 'dough.pour-ice') ?? find(38, 'dough.pour-at')).not.toBeNull();
  expect(find(21, 'dough.rise-fridge')!.values.doubleS).toBeGreaterThan(5 * 3600);
  const rest = (roomC: number) => {
    const step = at(roomC).serve!.steps.find((s) => s.id === 'rest')!;
    return (step.endMs - step.startMs) / 1000;
  };
  expect(rest(18)).toBeGreaterThan(rest(26) + 600);
  expect(rest(21)).toBeGreaterThan(find(21, 'dough.rise')!.values.doubleS);
});

describe('yeast on the bench', () => {
  const base = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  const lean = withWorkedFormula(withFamily(base, 'yeast'));
  const found = <Code extends FindingCode>(draft: TrayDraft, code: Code) =>
    findingOf(planBatch(draft, DEFAULT_KITCHEN, null).dough.findings, code);
  const stretchS = (draft: TrayDraft, id: 'rest' | 'proof') => {
    const step = planBatch(draft, DEFAULT_KITCHEN, null).serve!.steps.find((s) => s.id === id)!;
    return (step.endMs - step.startMs) / 1000;
  };
  const restS = (draft: TrayDraft) => stretchS(draft, 'rest');
  const yeastOf = (ingredientId: string, times: number): TrayDraft => ({
    ...lean,
    dough: {
      ...lean.dough,
      lines: lean.dough.lines.map((l) =>
        l.ingredientId === 'instant-yeast' ? { ingredientId, massKg: l.massKg * times } : l,
      ),
    },
  });

  test('fresh and active dry yeast bloom in five times their weight of warm liquid; instant does not', () => {
    expect(found(lean, 'dough.bloom')).toBeNull();
    for (const [id, times] of [
      ['active-dry-yeast', 1.25],
      ['fresh-yeast', 2.78],
    ] as const) {
      const draft = yeastOf(id, times);
      const { yeastKg, liquidKg, leastC, mostC } = found(draft, 'dough.bloom')!.values;
      const yeast = draft.dough.lines.find((l) => l.ingredientId === id)!.massKg;
      expect(yeastKg).toBeCloseTo(yeast, 9);
      expect(liquidKg).toBeCloseTo(5 * yeast, 9);
      expect([leastC, mostC]).toEqual([35, 40]);
      // As strong as instant, so the rise is as long.
      expect(restS(draft) / restS(lean)).toBeCloseTo(1, 1);
    }
  });

  test('in the fridge it is started the evening before, and proofs longer when shaped cold', () => {
    const cold: TrayDraft = { ...lean, dough: { ...lean.dough, rise: 'fridge' } };
    expect(restS(cold)).toBeGreaterThan(restS(lean) + 4 * 3600);
    const proof = (draft: TrayDraft) => found(draft, 'dough.proof')!.values;
    expect(proof(cold).proofS / proof(lean).proofS).toBeCloseTo(1.5, 6);
    expect([proof(lean).place, proof(cold).place]).toEqual(['room', 'fridge']);
    // It rises before it is shaped, and the filled pieces rise again until the oil.
    expect(restS(lean)).toBeCloseTo(proof(lean).doubleS, -1);
    expect(stretchS(lean, 'proof')).toBeCloseTo(proof(lean).proofS, -1);
  });
});

test('the sugar of milk browns and sweetens, but does not slow the yeast', () => {
  const line = (ingredientId: string, massKg: number) => ({ ingredientId, massKg });
  const base = [line('plain-wheat-flour', 1), line('instant-yeast', 0.008), line('fine-salt', 0.016)];
  const milk = doughFigures([...base, line('milk', 0.62)], 'yeast');
  expect(milk.sugarPercent).toBeGreaterThan(2);
  expect(milk.yeastSugarPercent).toBeCloseTo(0, 6);
  const sugar = doughFigures([...base, line('milk', 0.62), line('sugar', 0.1)], 'yeast');
  expect(sugar.yeastSugarPercent).toBeCloseTo(sugar.sugarPercent - milk.sugarPercent, 6);
});

describe('liquid and dough as warm as they are', () => {
  const base = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  const lean = withWorkedFormula(withFamily(base, 'yeast'));
  const dough = (change: Partial<TrayDraft['dough']>, draft = lean) =>
    planBatch({ ...draft, dough: { ...draft.dough, ...change } }, DEFAULT_KITCHEN, null).dough;

  test('what is poured at the temperature named comes out as wanted; poured warmer, the dough is warmer', () => {
    const amount = fc.double({ min: 0.2, max: 3, noNaN: true });
    const warm = fc.integer({ min: 22, max: 45 });
    fc.assert(
      fc.property(amount, amount, fc.integer({ min: 8, max: 38 }), warm, (flour, water, room, want) => {
        const poured = pourTemp(flour, water, room, want, 0);
        if (!poured || poured.iceKg > 0) return;
        expect(mixedDoughC(flour, water, room, poured.waterC)).toBeCloseTo(want, 6);
        expect(mixedDoughC(flour, water, room, poured.waterC + 1)).toBeGreaterThan(want);
      }),
    );
    expect(mixedDoughC(0, 0, 19, 60)).toBe(19);
  });

  test('48 °C is warned of and rises later; at 60 °C nothing rises and the plan stops; the words name what was poured', () => {
    const asWanted = dough({});
    expect(dough({ liquidC: asWanted.rise!.liquidC! }).rise!.doubleS! / asWanted.rise!.doubleS!).toBeCloseTo(1, 6);
    const [warm, hot, deadly] = [dough({ liquidC: 40 }), dough({ liquidC: 48 }), dough({ liquidC: 60 })];
    expect(worstTone(warm.findings)).toBe('good');
    expect(warm.rise!.doubleS!).toBeLessThan(asWanted.rise!.doubleS!);
    expect(findingOf(hot.findings, 'dough.liquid-hot')).toMatchObject({ tone: 'look-out', values: { liquidC: 48 } });
    expect(hot.rise!.alive).toBeGreaterThan(0.5);
    expect(findingOf(deadly.findings, 'dough.liquid-kills')!.tone).toBe('stop');
    expect(deadly.rise!.doubleS).toBeNull();
    for (let c = 40, before = 1; c <= 60; c += 0.5) {
      expect(yeastAlive(c)).toBeLessThanOrEqual(before);
      before = yeastAlive(c);
    }
  });

  test('the dough as it was kneaded counts more than what was poured: warmer rises sooner', () => {
    const doubles = [18, 22, 26, 30, 34].map((mixedC) => dough({ liquidC: 30, mixedC }).rise!.doubleS!);
    expect(doubles).toEqual([...doubles].sort((a, b) => b - a));
    expect(findingOf(dough({ mixedC: 31 }).findings, 'dough.mixed')!.values).toMatchObject({
      doughC: 31,
      measured: true,
    });
  });

  test('what boils off a hot-water dough is missing from it; a dough that is not scalded does not ask', () => {
    const scalded = withWorkedFormula(withFamily(base, 'hot-water'));
    const usual = dough({}, scalded).figures;
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.6, noNaN: true }), (boilOffShare) => {
        const { figures } = dough({ boilOffShare }, scalded);
        expect(figures.totals.massKg - figures.massKg).toBeCloseTo(boilOffShare * usual.madeOf.water, 9);
        const drier = boilOffShare > usual.boiledOffKg / usual.madeOf.water;
        expect(drier ? figures.stiffness! >= usual.stiffness! : figures.stiffness! <= usual.stiffness!).toBe(true);
        expect(dough({ boilOffShare }).figures).toEqual(dough({}).figures);
      }),
      { numRuns: 30 },
    );
  });
});
