import fc from 'fast-check';
import { withLine } from '../plan/edit/editDraft.js';
import { batchOf } from '../draft/batchDraft.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { planCold } from '../plan/tray/planCold.js';
import { newTray, STARTERS } from '../plan/edit/starters.js';
import { WORKED_FORMULAS } from '../families/families.js';
import { SOLD_IDS } from '../ingredient/catalogue/sold.js';
import { INGREDIENTS, ingredientById } from '../ingredient/catalogue.js';
import { formulaTotals, scaleFormula } from '../ingredient/formula.js';
import { pantryWith, SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { compareFormulas } from './compareFormulas.js';
import { oilToBuy } from './oilToBuy.js';
import { shoppingList, type StockRow } from './shoppingList.js';
import {
  type Base,
  baseIngredient,
  baseIngredientId,
  ownIngredients,
  sameFormula,
  storeBodyOf,
  withStoreFormula,
} from './storeFormula.js';
import { weighOut } from './weighOut.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const EAT_AT = '2030-01-05T18:30:00Z';
const MASH: Base = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'Onion and garlic paste',
  body: {
    kind: 'base',
    lines: [
      { ingredientId: 'onion', massKg: 0.6 },
      { ingredientId: 'garlic', massKg: 0.05 },
      { ingredientId: 'butter', massKg: 0.06 },
      { ingredientId: 'fine-salt', massKg: 0.004 },
    ],
    cookToShare: 0.6,
  },
};
const PASTE = baseIngredientId(MASH.id);
const own = ownIngredients([], [MASH]);
const pantry = pantryWith(own);
const share = fc.double({ min: 0.05, max: 0.5, noNaN: true });
const pieces = fc.integer({ min: 1, max: 200 });
const starter = fc.constantFrom(...STARTERS.map((s) => s.id));

describe('a base', () => {
  test('as an ingredient is what it is made of, less the water cooked off', () => {
    fc.assert(
      fc.property(share, fc.double({ min: 0.5, max: 1, noNaN: true }), (usedKg, cookToShare) => {
        const base = { ...MASH, body: { ...MASH.body, cookToShare } };
        const ingredient = baseIngredient(base, SHIPPED_PANTRY)!;
        const raw = formulaTotals(MASH.body.lines);
        const factor = usedKg / (raw.massKg * cookToShare);
        const asUsed = formulaTotals([{ ingredientId: PASTE, massKg: usedKg }], 'lines', pantryWith([ingredient]));
        for (const part of ['fat', 'protein', 'starch', 'sugar', 'salt'] as const) {
          expect(asUsed.parts[part]).toBeCloseTo(raw.parts[part] * factor, 9);
        }
        expect(asUsed.parts.water).toBeCloseTo((raw.parts.water - (1 - cookToShare) * raw.massKg) * factor, 9);
        expect(asUsed.cost).toBeCloseTo(raw.cost * factor, 9);
        expect(asUsed.allergens).toEqual(['milk']);
        expect(asUsed.diet).toBe('vegetarian');
      }),
    );
  });

  test('counts no other base within it, and one that was emptied is an ingredient of nothing', () => {
    const nested = { ...MASH, body: { ...MASH.body, lines: [{ ingredientId: PASTE, massKg: 1 }] } };
    const nothing = { water: 0, fat: 0, protein: 0, starch: 0, sugar: 0, salt: 0 };
    expect(baseIngredient(nested, pantry).composition).toEqual(nothing);
    expect(baseIngredient({ ...MASH, body: { ...MASH.body, lines: [] } }, SHIPPED_PANTRY).composition).toEqual(nothing);
    expect(() => formulaTotals([{ ingredientId: PASTE, massKg: 1 }])).toThrow(
      expect.objectContaining({ code: 'UNKNOWN_NAME' }),
    );
  });

  test('used in a batch it is planned like any ingredient', () => {
    const base = newTray('Squash', 'squash-sage', 24, EAT_AT);
    const draft = { ...base, filling: { ...base.filling, lines: withLine(base.filling.lines, 99, PASTE, 0.2) } };
    const plan = planBatch(draft, { ...DEFAULT_KITCHEN, ingredients: own }, null);
    expect(plan.filling.figures.rawKg).toBeCloseTo(
      planBatch(base, DEFAULT_KITCHEN, null).filling.figures.rawKg + 0.2,
      9,
    );
  });

  test('is made once for all that share it, split by weight, and only what it is made of is bought', () => {
    fc.assert(
      fc.property(fc.array(share, { minLength: 1, maxLength: 4 }), (each) => {
        const batches = each.map((massKg, i) => {
          const made = newTray(`Batch ${i}`, 'lentil-dill', 12, EAT_AT);
          return { ...made, filling: { ...made.filling, lines: withLine([], 0, PASTE, massKg) } };
        });
        const { bases, rows } = shoppingList(batches.map(batchOf), [], [MASH], pantry);
        const total = each.reduce((a, b) => a + b, 0);
        expect(bases).toHaveLength(1);
        expect(bases[0]!.massKg).toBeCloseTo(total, 9);
        expect(bases[0]!.split.map((s) => s.massKg)).toEqual(each.map((kg) => expect.closeTo(kg, 9)));
        expect(rows.some((row) => row.ingredientId === PASTE)).toBe(false);
        const onion = rows.find((row) => row.ingredientId === 'onion')!;
        expect(onion.usedKg).toBeCloseTo((0.6 * total) / (0.714 * 0.6), 9);
        expect(onion.batches).toEqual(each.map((_, i) => `Batch ${i}`));
      }),
    );
  });
});

describe('the shopping list', () => {
  test('buys all that is missing and less than one unit more; what is here is not bought', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(starter, pieces), { minLength: 1, maxLength: 5 }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (asked, haveKg, strength) => {
          const batches = asked.map(([id, count], i) => newTray(`Batch ${i}`, id, count, EAT_AT));
          const stock: StockRow[] = ['plain-wheat-flour', 'onion', 'fine-salt'].map((ingredientId) => ({
            ingredientId,
            haveKg,
            strength,
          }));
          const { rows, cost } = shoppingList(batches.map(batchOf), stock, [], SHIPPED_PANTRY);
          const bare = shoppingList(batches.map(batchOf), [], [], SHIPPED_PANTRY);
          expect(cost).toBeCloseTo(
            rows.reduce((sum, row) => sum + row.cost, 0),
            9,
          );
          for (const row of rows) {
            const { usedShare, unitKg } = row.sold;
            const missing = Math.max(0, row.neededKg - row.haveKg);
            expect(row.buyKg).toBeGreaterThanOrEqual(missing - 1e-5);
            expect(row.buyKg).toBeLessThan(missing + (unitKg ?? 0.05) + 1e-9);
            if (row.units !== null) expect(Number.isInteger(row.units)).toBe(true);
            const used = batches
              .flatMap((b) => [...b.dough.lines, ...b.filling.lines])
              .reduce((sum, l) => (l.ingredientId === row.ingredientId ? sum + l.massKg : sum), 0);
            expect(row.usedKg).toBeCloseTo(used, 9);
            const at = stock.find((s) => s.ingredientId === row.ingredientId)?.strength ?? 1;
            expect(row.neededKg * usedShare * at).toBeCloseTo(used, 9);
          }
          expect(rows.map((r) => r.ingredientId)).not.toContain('water');
          if (strength >= 1) expect(cost).toBeLessThanOrEqual(bare.cost + 1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('by hand: 1100 g of boiled lentils is a bag of dry ones, 520 g of trimmed leeks five whole', () => {
    const made = newTray('Lentils', 'lentil-dill', 24, EAT_AT);
    const lines = [
      { ingredientId: 'boiled-brown-lentils', massKg: 1.1 },
      { ingredientId: 'leek', massKg: 0.52 },
    ];
    const { rows } = shoppingList(
      [batchOf({ ...made, dough: { ...made.dough, lines: [] }, filling: { ...made.filling, lines } })],
      [],
      [],
      SHIPPED_PANTRY,
    );
    // 1100 / 2.4 = 458 g dry, in bags of 500; 520 / 0.6 = 867 g, at 200 g each.
    expect(rows.map((r) => [r.sold.as, Math.round(1000 * r.neededKg), r.units])).toEqual([
      ['Brown lentils, dry', 458, 1],
      [null, 867, 5],
    ]);
    expect(rows[0]!.cost).toBeCloseTo(0.5 * 2.4 * ingredientById('boiled-brown-lentils').pricePerKg, 9);
    expect(shoppingList([], [], [], SHIPPED_PANTRY)).toEqual({ rows: [], bases: [], cost: 0 });
  });

  test('oil to fry in: each pot filled and what is carried away, less what is kept; shared among its batches', () => {
    const litre = (name: string, takenM3: number) => ({ name, takenM3 });
    const pot = { potM3: 0.002, kept: { ingredientId: 'corn-oil', volumeM3: 0.0015 } };
    const two = oilToBuy([{ ...pot, batches: [litre('One', 0.0001), litre('Two', 0.0003)] }]);
    expect(two.map(({ ingredientId, batch }) => [ingredientId, batch])).toEqual([
      ['corn-oil', 'One'],
      ['corn-oil', 'Two'],
    ]);
    // 2 l and 0.4 l less 1.5 l, of 0.92 kg a litre.
    expect(two.reduce((sum, { massKg }) => sum + massKg, 0)).toBeCloseTo(0.9 * 0.92, 2);
    expect(two[1]!.massKg).toBeCloseTo(3 * two[0]!.massKg, 9);
    // A pot that is nearly full, and one that nothing is fried in.
    expect(
      oilToBuy([
        { ...pot, potM3: 0.0014, batches: [litre('One', 0.0001)] },
        { ...pot, kept: null, batches: [] },
      ]),
    ).toEqual([]);
    const { rows } = shoppingList(
      [],
      [],
      [],
      SHIPPED_PANTRY,
      oilToBuy([{ potM3: 0.002, kept: null, batches: [litre('One', 0)] }]),
    );
    expect(rows).toMatchObject([{ ingredientId: 'sunflower-oil', batches: ['One'] }]);
  });

  test('every row of how things are sold names an ingredient and makes sense', () => {
    for (const id of SOLD_IDS) expect(ingredientById(id).id).toBe(id);
    for (const { sold } of INGREDIENTS) {
      expect(sold.usedShare).toBeGreaterThanOrEqual(0.01);
      expect(sold.usedShare).toBeLessThanOrEqual(10);
      expect(sold.unit === null).toBe(sold.unitKg === null);
      if (sold.unitKg !== null) expect(sold.unitKg).toBeGreaterThan(0.004);
    }
  });
});

test('the weighed-out list holds every line once, filling first, salt and scent last; a strong pack is weighed less', () => {
  fc.assert(
    fc.property(starter, pieces, fc.double({ min: 0.2, max: 5, noNaN: true }), (id, count, strength) => {
      const draft = newTray('Any', id, count, EAT_AT);
      const groups = weighOut(draft, [{ ingredientId: 'fine-salt', strength }], {});
      expect(groups.map((g) => g.of)).toEqual(['filling', 'dough']);
      for (const [group, lines] of [
        [groups[0]!, draft.filling.lines],
        [groups[1]!, draft.dough.lines],
      ] as const) {
        expect(group.lines.map((l) => l.ingredient.id).sort()).toEqual(lines.map((l) => l.ingredientId).sort());
        for (const { ingredient, massKg, weighKg } of group.lines) {
          expect(weighKg * (ingredient.id === 'fine-salt' ? strength : 1)).toBeCloseTo(massKg, 9);
        }
      }
      expect(groups[1]!.lines[0]!.ingredient.role).toBe('flour');
      expect(groups[1]!.lines.at(-1)!.ingredient.role).toBe('liquid');
      expect(['salt', 'seasoning']).toContain(groups[0]!.lines.at(-1)!.ingredient.role);
    }),
  );
  const draft = newTray('Any', 'squash-sage', 12, EAT_AT);
  const coiled = { ...draft, dough: { family: 'coiled' as const, lines: WORKED_FORMULAS.coiled } };
  expect(weighOut(coiled, [], {}).map((g) => g.of)).toEqual(['filling', 'dough', 'second-dough']);
});

describe('versions', () => {
  test('scaled they compare as the same; a changed, a new and a dropped line each show', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(WORKED_FORMULAS)) as fc.Arbitrary<keyof typeof WORKED_FORMULAS>,
        fc.double({ min: 0.01, max: 50, noNaN: true }),
        (family, factor) => {
          const lines = WORKED_FORMULAS[family];
          for (const row of compareFormulas(lines, scaleFormula(lines, factor), 'dough', SHIPPED_PANTRY)) {
            expect(row.before).toBeCloseTo(row.after!, 9);
          }
          const body = { kind: 'dough', family, lines } as const;
          expect(sameFormula(body, { ...body, lines: scaleFormula(lines, factor) })).toBe(true);
          expect(sameFormula(body, { ...body, onHeat: true })).toBe(false);
        },
      ),
    );
    const before = WORKED_FORMULAS['shortcrust'];
    const after = [...before.filter((l) => l.ingredientId !== 'water'), { ingredientId: 'milk', massKg: 0.4 }];
    expect(compareFormulas(before, after, 'dough', SHIPPED_PANTRY)).toEqual([
      { ingredientId: 'plain-wheat-flour', part: 0, before: 100, after: 100 },
      { ingredientId: 'vegetable-shortening', part: 0, before: 20, after: 20 },
      { ingredientId: 'fine-salt', part: 0, before: expect.closeTo(1.6, 9), after: expect.closeTo(1.6, 9) },
      { ingredientId: 'milk', part: 0, before: null, after: 40 },
      { ingredientId: 'water', part: 0, before: 38, after: null },
    ]);
  });

  test('kept from a batch and taken into another it comes out even there', () => {
    fc.assert(
      fc.property(starter, starter, pieces, (fromId, toId, count) => {
        const from = newTray('From', fromId, 24, EAT_AT);
        let draft = newTray('To', toId, count, EAT_AT);
        for (const half of ['dough', 'filling'] as const) {
          const body = storeBodyOf(from, half);
          draft = withStoreFormula(draft, body, { id: MASH.id, version: 3 }, {});
          expect(draft[half].from).toEqual({ id: MASH.id, version: 3 });
          expect(sameFormula(storeBodyOf(draft, half), body)).toBe(true);
        }
        const { balance } = planCold(draft, DEFAULT_KITCHEN).fold;
        expect(balance.doughLeftKg).toBeCloseTo(0, 6);
        expect(balance.fillingLeftKg).toBeCloseTo(0, 6);
      }),
      { numRuns: 30 },
    );
    const draft = newTray('To', 'pear-ginger', 12, EAT_AT);
    expect(withStoreFormula(draft, MASH.body, { id: MASH.id, version: 1 }, {})).toBe(draft);
  });
});
