import fc from 'fast-check';
import { type TrayDraft } from '../draft/draft.js';
import { balanceWays } from '../plan/edit/balanceWays.js';
import { fitDough, fitFilling, PAN_FULL, withLimit, withPan, withRounding } from '../plan/edit/editDraft.js';
import { draftDough, draftFilling } from '../plan/edit/draftFigures.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { planCold } from '../plan/tray/planCold.js';
import { newTray, STARTERS } from '../plan/edit/starters.js';
import { WORKED_FORMULAS } from '../families/families.js';
import { CUSTOMARY_MEASURES, METRIC_MEASURES } from '../quantity/units.js';
import { INGREDIENTS, ingredientById } from './catalogue.js';
import { type Formula, scaleFormula } from './formula.js';
import { massOfFlourPercent, massOfWholePercent } from './percentLine.js';
import { isShipped, pantryWith, SHIPPED_PANTRY } from './pantry.js';
import { type MeasuringTools, roundFormula } from './roundFormula.js';
import { DEFAULT_KITCHEN, type Kitchen } from '../draft/kitchen.js';

const EAT = '2030-01-05T18:30:00Z';
const formulas = fc.oneof(
  fc.constantFrom(...Object.values(WORKED_FORMULAS)),
  fc.constantFrom(...STARTERS.map((s) => s.filling)),
);
const tools = fc.record<MeasuringTools>({
  units: fc.constantFrom('grams', 'cups'),
  scaleStepKg: fc.constantFrom(0.0001, 0.001, 0.005),
  measures: fc.constantFrom(METRIC_MEASURES, CUSTOMARY_MEASURES),
});

test('scaling, other units and rounding keep every ratio of two lines within one percent', () => {
  fc.assert(
    fc.property(formulas, fc.double({ min: 0.02, max: 40, noNaN: true }), tools, (lines, factor, kit) => {
      const scaled = scaleFormula(lines, factor);
      const { lines: rounded, unmeasured } = roundFormula(scaled, kit, SHIPPED_PANTRY);
      for (const [i, a] of rounded.entries()) {
        for (const [j, b] of rounded.entries()) {
          if (i === j) continue;
          const wanted = lines[i]!.massKg / lines[j]!.massKg;
          expect(Math.abs(a.massKg / b.massKg / wanted - 1)).toBeLessThanOrEqual(0.01);
        }
        // What is not measured is left as it was; what is, is really a mark on scale or spoon.
        if (unmeasured.includes(i)) expect(a.massKg).toBe(scaled[i]!.massKg);
        else {
          const steps = a.massKg / kit.scaleStepKg;
          const eighths =
            a.massKg / (ingredientById(a.ingredientId).densityKgPerM3 * 1e-6 * kit.measures.teaspoonMl * 0.125);
          const whole = (x: number) => Math.abs(x - Math.round(x)) < 1e-6 * Math.max(1, x);
          const cup = a.massKg / (ingredientById(a.ingredientId).densityKgPerM3 * 1e-6 * kit.measures.cupMl * 0.25);
          expect(whole(steps) || whole(eighths) || whole(cup)).toBe(true);
        }
      }
    }),
    { numRuns: 200 },
  );
});

test('rounding finds the round figure where there is one, and says what it cannot measure', () => {
  const kit = { units: 'grams', scaleStepKg: 0.001, measures: METRIC_MEASURES } as const;
  const lines = [
    { ingredientId: 'plain-wheat-flour', massKg: 1.2034 },
    { ingredientId: 'water', massKg: 0.3811 },
    { ingredientId: 'black-pepper', massKg: 0.00142 },
  ];
  const { lines: rounded, unmeasured } = roundFormula(lines, kit, SHIPPED_PANTRY);
  expect(rounded.map((l) => l.massKg.toFixed(5))).toEqual(['1.20000', '0.38000'].concat(rounded[2]!.massKg.toFixed(5)));
  expect(unmeasured).toEqual([2]);
  expect(() => roundFormula(lines, { ...kit, scaleStepKg: 0 }, SHIPPED_PANTRY)).toThrow(
    expect.objectContaining({ path: 'scaleStepKg' }),
  );
  const draft = newTray('Round', 'squash-sage', 26, EAT);
  const even = withRounding(withRounding(draft, 'dough', kit), 'filling', kit);
  expect(even.dough.lines).not.toEqual(draft.dough.lines);
  expect(planCold(even, DEFAULT_KITCHEN).fold.findings.map((f) => f.code)).toContain('fold.even');
});

test('percent typed is percent had', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTERS),
      fc.nat(),
      fc.double({ min: 0, max: 60, noNaN: true }),
      (s, at, percent) => {
        const index = at % s.filling.length;
        const massKg = massOfWholePercent(s.filling, index, percent);
        const lines = s.filling.map((line, i) => (i === index ? { ...line, massKg } : line));
        const whole = lines.reduce((sum, line) => sum + line.massKg, 0);
        expect((100 * massKg) / whole).toBeCloseTo(percent, 9);
        expect(massOfFlourPercent(percent, 0.8)).toBeCloseTo(0.008 * percent, 12);
      },
    ),
  );
  expect(() => massOfWholePercent([], 0, 5)).toThrow(expect.objectContaining({ path: 'index' }));
  expect(() => massOfWholePercent(STARTERS[0]!.filling, 0, 99)).toThrow(expect.objectContaining({ path: 'percent' }));
  expect(() => massOfFlourPercent(Number.NaN, 1)).toThrow(expect.objectContaining({ path: 'percent' }));
});

test('scaled by either formula in all, by any line, or by the pan: whole pieces, nothing short, nothing over a piece left', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTERS.map((s) => s.id)),
      fc.constantFrom('dough' as const, 'filling' as const),
      fc.integer({ min: -1, max: 3 }),
      fc.double({ min: 0.05, max: 8, noNaN: true }),
      (id, of, at, massKg) => {
        const draft = newTray('Limit', id, 24, EAT);
        const line = at < 0 ? null : at;
        const next = withLimit(draft, { of, line, massKg });
        if (!next) return;
        const made = of === 'dough' ? draftDough(next, {}).massKg : draftFilling(next, {}).targetKg;
        if (line === null) expect(made).toBeCloseTo(massKg, 9);
        else expect(next[of].lines[line]!.massKg).toBeCloseTo(massKg, 9);
        const { doughLeftKg, fillingLeftKg } = planCold(next, DEFAULT_KITCHEN).fold.balance;
        const each = planCold(next, DEFAULT_KITCHEN).fold.piece!.doughKg;
        expect(of === 'dough' ? doughLeftKg : fillingLeftKg).toBeGreaterThan(-1e-5 * next.pieces);
        expect(of === 'dough' ? doughLeftKg / each : fillingLeftKg / next.fold.fillingEachKg).toBeLessThan(1);
        expect(Math.abs(of === 'dough' ? fillingLeftKg : doughLeftKg)).toBeLessThan(1e-6 * next.pieces);
      },
    ),
    { numRuns: 80 },
  );
  const panned = withPan(newTray('Pan', 'squash-sage', 24, EAT), 0.003)!;
  expect(draftFilling(panned, {}).rawM3).toBeCloseTo(0.003 * PAN_FULL, 9);
  expect(withLimit(newTray('None', 'squash-sage', 24, EAT), { of: 'dough', line: null, massKg: 0.01 })).toBeNull();
  expect(() => withPan(panned, 0)).toThrow(expect.objectContaining({ path: 'panM3' }));
});

describe('a kitchen with ingredients of its own', () => {
  // Every shipped row once more under another name.
  const own = INGREDIENTS.map((row) => ({ ...row, id: `own-${row.id}`, name: `${row.name}, ours` }));
  const kitchen: Kitchen = { ...DEFAULT_KITCHEN, ingredients: own };
  const renamed = (lines: Formula): Formula =>
    lines.map((line) => ({ ...line, ingredientId: `own-${line.ingredientId}` }));
  const ours = (draft: TrayDraft): TrayDraft => ({
    ...draft,
    dough: { ...draft.dough, lines: renamed(draft.dough.lines) },
    filling: { ...draft.filling, lines: renamed(draft.filling.lines) },
  });

  test('plans exactly as the shipped ones do, through every edit and every way out', () => {
    for (const { id } of STARTERS) {
      const shipped = { ...newTray('Own', id, 30, EAT), pieces: 27 };
      const mine = ours(shipped);
      const bare = ({ dough, filling, fold, fry }: ReturnType<typeof planBatch>) => ({
        dough: { ...dough.figures, mainFlourId: null },
        findings: [dough.findings, filling.findings, fold.findings, fry?.findings],
        filling: filling.figures,
        takeOut: fry?.takeOutS,
      });
      expect(bare(planBatch(mine, kitchen, null))).toEqual(bare(planBatch(shipped, DEFAULT_KITCHEN, null)));
      const steps = (d: TrayDraft, k: Kitchen) => [
        fitDough(d, k).dough.lines.map((l) => l.massKg),
        fitFilling(d, k).filling.lines.map((l) => l.massKg),
        withLimit(d, { of: 'dough', line: 0, massKg: 0.8 }, k)!.pieces,
        balanceWays(d, k).map(({ code, value }) => [code, value]),
      ];
      expect(steps(mine, kitchen)).toEqual(steps(shipped, DEFAULT_KITCHEN));
    }
  });

  test('a changed price is what formulas cost; a row that is not there is named', () => {
    const butter = { ...ingredientById('butter'), pricePerKg: 20 };
    const dear = pantryWith([butter]);
    expect([dear.find('butter').pricePerKg, dear.find('lard').id, dear.all.length]).toEqual([
      20,
      'lard',
      INGREDIENTS.length,
    ]);
    expect([isShipped('butter'), isShipped('own-butter')]).toEqual([true, false]);
    expect(pantryWith(own).all).toHaveLength(2 * INGREDIENTS.length);
    expect(pantryWith(own)).toBe(pantryWith(own));
    expect(pantryWith([])).toBe(SHIPPED_PANTRY);
    expect(() => planCold(ours(newTray('Gone', 'squash-sage', 4, EAT)), DEFAULT_KITCHEN)).toThrow(
      expect.objectContaining({ code: 'UNKNOWN_NAME', path: 'dough.lines.0.ingredientId' }),
    );
  });
});
