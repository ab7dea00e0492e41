import { foamConductivity } from '../heat/fryMaterial.js';
import { findingOf } from '../draft/finding.js';
import fc from 'fast-check';
import { withFamily, withWorkedFormula } from '../plan/edit/editDraft.js';
import { worstTone } from '../draft/finding.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import { type Formula, scaleFormula } from '../ingredient/formula.js';
import { DOUGH_FAMILIES } from '../families/families.js';
import { doughFigures } from './doughFigures.js';
import { doughFindings } from './doughFindings.js';
import { judgeFamily } from './judgeFamily.js';
import { WORKED_FORMULAS } from '../families/families.js';
import { type DoughFamilyId } from '../draft/choices.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const IDS = DOUGH_FAMILIES.map((family) => family.id);
const within = (value: number, { least, most }: { least: number; most: number }) => value >= least && value <= most;
const findingsOf = (id: DoughFamilyId, lines: Formula) => doughFindings(doughFigures(lines, id), lines);
const without = (lines: Formula, ...ids: string[]): Formula => lines.filter((l) => !ids.includes(l.ingredientId));
/** One line made `factor` times as heavy; kilograms are added when it is not there. */
const changed = (lines: Formula, ingredientId: string, factor: number, orKg = 0): Formula =>
  lines.some((l) => l.ingredientId === ingredientId)
    ? lines.map((l) => (l.ingredientId === ingredientId ? { ...l, massKg: l.massKg * factor } : l))
    : [...lines, { ingredientId, massKg: orKg }];
/** The line that is poured: water, or milk where there is none. */
const pouredIn = (lines: Formula): string => (lines.some((l) => l.ingredientId === 'water') ? 'water' : 'milk');

test('eleven families, each with its worked formula', () => {
  expect(IDS).toHaveLength(11);
  expect(Object.keys(WORKED_FORMULAS).sort()).toEqual([...IDS].sort());
});

describe.each(IDS)('%s', (id) => {
  const lines = WORKED_FORMULAS[id];
  const figures = doughFigures(lines, id);
  const { family } = figures;
  const flourKg = figures.madeOf.flour;

  test('its worked formula lies inside every range, is judged as what it is, and nothing is wrong with it', () => {
    expect(within(figures.fatPercent, family.fatPercent)).toBe(true);
    expect(within(figures.waterPercent, family.waterPercent)).toBe(true);
    expect(within(figures.sugarPercent, family.sugarPercent)).toBe(true);
    expect(within(figures.stiffness!, figures.stiffnessRange)).toBe(true);
    expect(judgeFamily(lines)[0]).toEqual({ id, off: 0 });
    expect(worstTone(findingsOf(id, lines))).toBe('good');
  });

  test('too little and too much water: the grams named bring it to the edge of its range', () => {
    const poured = pouredIn(lines);
    const waterShare = poured === 'water' ? 1 : 0.88;
    for (const [factor, code] of [
      [0.6, 'dough.too-stiff'],
      [1.35, 'dough.too-slack'],
    ] as const) {
      const wrong = changed(lines, poured, factor);
      const finding = findingOf(findingsOf(id, wrong), code);
      expect(finding).not.toBeNull();
      const wrongFigures = doughFigures(wrong, id);
      // At the end stops of the scale the grams are a least.
      if (wrongFigures.stiffness === 0 || wrongFigures.stiffness === 10) continue;
      const signed = (code === 'dough.too-stiff' ? 1 : -1) * finding!.values.waterKg;
      const mended = wrong.map((l) =>
        l.ingredientId === poured ? { ...l, massKg: l.massKg + signed / waterShare } : l,
      );
      const after = doughFigures(mended, id);
      const edge = code === 'dough.too-stiff' ? after.stiffnessRange.most : after.stiffnessRange.least;
      expect(Math.abs(after.stiffness! - edge)).toBeLessThan(0.12);
    }
  });

  test('too much salt: the grams named bring it down to two percent of the flour', () => {
    const salty = changed(lines, 'fine-salt', 3, 0.04 * flourKg);
    const finding = findingsOf(id, salty).find((f) => f.code === 'dough.salt-high')!;
    const salt = salty.find((l) => l.ingredientId === 'fine-salt')!.massKg;
    expect(finding.values.percent).toBeCloseTo((100 * salt * 0.998) / flourKg, 0);
    const mended = changed(salty, 'fine-salt', (salt - finding.values.lessKg) / salt);
    expect(doughFigures(mended, id).saltPercent).toBeCloseTo(2, 1);
  });

  test('too much fat, too much sugar: the grams named bring it to the edge of the range', () => {
    for (const [code, ingredientId, percentOf, most] of [
      ['dough.fat-outside', 'lard', 'fatPercent', family.fatPercent.most],
      ['dough.sugar-outside', 'sugar', 'sugarPercent', family.sugarPercent.most],
    ] as const) {
      const extra = 0.6 * flourKg;
      const wrong = [...lines, { ingredientId, massKg: extra }];
      const finding = findingOf(findingsOf(id, wrong), code)!;
      expect(finding.values.moreKg).toBeLessThan(0);
      const mended = [...lines, { ingredientId, massKg: extra + finding.values.moreKg }];
      expect(Math.abs(doughFigures(mended, id)[percentOf] - most)).toBeLessThan(0.05 * (1 + most));
    }
  });

  test('made in its family a batch is planned to the table', () => {
    const base = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
    const draft = withWorkedFormula(withFamily(base, id));
    const plan = planBatch(draft, DEFAULT_KITCHEN, null);
    expect(worstTone(plan.dough.findings)).toBe('good');
    expect(plan.fold.balance.doughLeftKg).toBeCloseTo(0, 9);
    expect(within(draft.fold.thicknessM, family.rolledM)).toBe(true);
    expect(within(draft.fry.oilC, family.oilC)).toBe(true);
    expect(plan.fry?.solution.converged).toBe(true);
    expect(plan.fry?.solution.doughSetS).toBeGreaterThan(20);
  });
});

test.each<[DoughFamilyId, string, (lines: Formula) => Formula, string, Record<string, number>]>([
  ['shortcrust', 'short of fat', (l) => changed(l, 'vegetable-shortening', 0.5), 'dough.fist-fails', { moreKg: 0.08 }],
  ['wholemeal', 'bran drinks', (l) => l, 'dough.bran-drinks', { waterKg: 0.0495 }],
  ['hot-oil', 'half the oil', (l) => changed(l, 'sunflower-oil', 0.5), 'dough.fat-outside', { percent: 15 }],
  [
    'coiled',
    'too much fat dough',
    (l) => l.map((x) => (x.part ? { ...x, massKg: 2 * x.massKg } : x)),
    'dough.part-ratio',
    { ratio: 1.02 },
  ],
  ['coiled', 'no fat dough', (l) => l.filter((x) => !x.part), 'dough.no-second', {}],
  ['hot-water', 'what boils off', (l) => l, 'dough.boil-off', { waterKg: 0.085 }],
  ['flaky', 'butter is part water', (l) => l, 'dough.butter-water', { waterKg: 0.0896 }],
  ['egg-butter', 'eggs bring water', (l) => l, 'dough.egg-water', { waterKg: 0.137 }],
  [
    'soft-quick',
    'rice for wheat',
    (l) => [...changed(l, 'plain-wheat-flour', 0.5), { ingredientId: 'rice-flour', massKg: 0.5 }],
    'dough.no-stretch',
    { percent: 50 },
  ],
  ['yeast', 'no yeast', (l) => without(l, 'instant-yeast'), 'dough.no-yeast', { yeastKg: 0.01 }],
  ['yeast', 'five times the yeast', (l) => changed(l, 'instant-yeast', 5), 'dough.yeast-much', { percent: 5 }],
  ['yeast', 'sweet', (l) => changed(l, 'sugar', 4), 'dough.sugar-slows', { percent: 16 }],
  ['rice-starch', 'no sugar', (l) => without(l, 'sugar'), 'dough.sugar-outside', { percent: 0 }],
  [
    'thin-sheet',
    'as rich as a short dough',
    (l) => changed(l, 'sunflower-oil', 6),
    'dough.fat-outside',
    { percent: 24 },
  ],
])('%s, %s: said with its figure', (id, _name, slip, code, values) => {
  const finding = findingsOf(id, slip(WORKED_FORMULAS[id])).find((f) => f.code === code);
  expect(finding).toBeDefined();
  for (const [key, value] of Object.entries(values)) {
    expect(Math.abs((finding!.values as unknown as Record<string, number>)[key]! - value)).toBeLessThan(
      0.03 * Math.max(0.03, Math.abs(value)) + 1e-6,
    );
  }
});

test('a formula put under another family is told which one it is', () => {
  for (const own of IDS) {
    for (const other of IDS) {
      if (own === other) continue;
      const finding = findingsOf(other, WORKED_FORMULAS[own]).find((f) => f.code === 'dough.other-family');
      const off = judgeFamily(WORKED_FORMULAS[own]).find((j) => j.id === other)!.off;
      if (off > 0.7) expect(finding!.values.family).toBe(own);
      else expect(finding).toBeUndefined();
    }
  }
});

test('judging does not depend on how much is made, and no formula breaks it', () => {
  fc.assert(
    fc.property(fc.constantFrom(...IDS), fc.double({ min: 0.01, max: 50, noNaN: true }), (id, factor) => {
      const all = judgeFamily(scaleFormula(WORKED_FORMULAS[id], factor));
      expect(all[0]!.id).toBe(id);
      expect(all.map((j) => j.off)).toEqual(all.map((j) => j.off).sort((a, b) => a - b));
    }),
  );
  expect(judgeFamily([])).toEqual([]);
  expect(judgeFamily([{ ingredientId: 'water', massKg: 1 }])).toEqual([]);
});

test('a proofed wall is lighter and thicker: its bubbles hinder heat while cool and carry it once hot', () => {
  const base = withWorkedFormula(withFamily(newTray('Test', 'squash-sage', 12, '2030-01-05T18:30:00Z'), 'yeast'));
  const risen = planBatch(base, DEFAULT_KITCHEN, null).fry!;
  const piece = planBatch(base, DEFAULT_KITCHEN, null).fold.piece!;
  expect(risen.body.wallM).toBeCloseTo(1.8 * piece.wallCrownM, 6);
  // Bubbles hinder heat while they are cool; steam in them carries it once they are hot.
  expect(risen.body.dough.wetConductivity).toBeCloseTo(0.24, 2);
  expect(foamConductivity(0.44, 60)).toBeCloseTo(0.48, 1);
  expect(foamConductivity(0.44, 90)).toBeGreaterThan(0.9);
  const massPerArea = risen.body.wallM * (risen.body.dough.dryKgPerM3 + risen.body.dough.waterKgPerM3);
  expect(massPerArea).toBeCloseTo(piece.wallCrownM * 1150, 3);
});

test('stiffness of every worked formula, by hand from its water, softening and sugar', () => {
  for (const id of IDS) {
    const f = doughFigures(WORKED_FORMULAS[id], id);
    const water = (f.waterPercent / 100) * (1 - f.family.boilOffShare);
    const slope = f.family.absorption === null ? 20 : (20 * 0.54) / f.family.absorption;
    const x = water + f.softening + 0.4 * (f.sugarPercent / 100) - f.absorption;
    expect(f.stiffness!).toBeCloseTo(5 - slope * x, 9);
    const fat = f.fatPercent / 100;
    const counted = fat <= 0.4 ? fat : 0.4 + (fat - 0.4) / 2;
    expect(f.softening).toBeCloseTo(counted * (0.48 - 0.1 * f.solidFatShare), 9);
  }
});
