import { baseIngredientId, type FormulaBody, type StockRow, storeBodyOf } from '@ember-fold/core/ledger';
import {
  type DoughFamilyId,
  type FormulaLine,
  type Ingredient,
  ingredientById,
  newTray,
  STARTERS,
  type StarterId,
  WORKED_FORMULAS,
} from '@ember-fold/core/plan';
import { insertFormula, insertVersion, updateFormula } from '../store/formulaTable.js';
import type { Queries } from '../db/gate.js';
import { writeIngredientRow } from '../store/ingredientTable.js';
import { writeStock } from '../store/stockTable.js';
import { demoId } from './demoId.js';

const DAY_MS = 86_400_000;

const DOUGH_NAME: Partial<Record<DoughFamilyId, string>> = {
  shortcrust: 'Everyday short dough',
  wholemeal: 'Brown short dough',
  'hot-oil': 'Hot-oil dough',
  coiled: 'Ringed two-dough',
  'hot-water': 'Hot-water dough for cold evenings',
  flaky: 'Flaky butter dough',
  'egg-butter': 'Firm egg dough',
  'soft-quick': 'Quick yoghurt dough',
  yeast: 'Plain yeast dough',
  'rice-starch': 'Maize and tapioca dough',
  'thin-sheet': 'Thin sheet dough',
};

const FILLING_NAME: Record<StarterId, string> = {
  'squash-sage': 'Squash and sage filling',
  'lentil-dill': 'Lentil and dill filling',
  'mushroom-barley': 'Mushroom and barley filling',
  'mackerel-leek': 'Smoked mackerel and leek filling',
  'pear-ginger': 'Pear and ginger filling',
};

/** One onion base for every savoury filling of the supper. */
const ONION_BASE: FormulaBody = {
  kind: 'base',
  lines: [
    { ingredientId: 'onion', massKg: 0.9 },
    { ingredientId: 'butter', massKg: 0.06 },
    { ingredientId: 'garlic', massKg: 0.02 },
    { ingredientId: 'fine-salt', massKg: 0.006 },
  ],
  cookToShare: 0.65,
};
const ONION_BASE_ID = demoId('formula Slow onion base');

/** The mill down the road grinds coarser than the shop's. */
const MILL_FLOUR: Ingredient = {
  ...ingredientById('brown-wheat-flour'),
  id: 'quillhaven-mill-flour',
  name: 'Quillhaven mill flour',
  wholemeal: 0.3,
  pricePerKg: 1.9,
  sold: { as: null, unit: 'bag', unitKg: 2.5, usedShare: 1 },
  source: 'Label of the mill, protein 11.5 %',
};

const STOCK: readonly StockRow[] = [
  { ingredientId: 'plain-wheat-flour', haveKg: 0.8, strength: 1 },
  { ingredientId: 'fine-salt', haveKg: 0.5, strength: 1 },
  { ingredientId: 'onion', haveKg: 0.4, strength: 1 },
  { ingredientId: 'black-pepper', haveKg: 0.03, strength: 1 },
  { ingredientId: 'sage', haveKg: 0, strength: 1.3 },
];

/** The same lines with all of the onion, or half of the leek, taken from the shared base. */
export function withOnionBase(lines: readonly FormulaLine[]): readonly FormulaLine[] {
  const ingredientId = baseIngredientId(ONION_BASE_ID);
  return lines.flatMap((line): FormulaLine[] => {
    if (line.ingredientId === 'onion') return [{ ...line, ingredientId }];
    if (line.ingredientId !== 'leek') return [line];
    const half = line.massKg / 2;
    return [
      { ...line, massKg: half },
      { ...line, massKg: half, ingredientId },
    ];
  });
}

/** Sorrel Vane's Store: a formula for each dough family, the five fillings, one base, what is on the shelf. */
export async function loadStore(q: Queries, nowMs: number): Promise<void> {
  const daysAgo = (days: number) => new Date(nowMs - days * DAY_MS);
  await writeIngredientRow(q, MILL_FLOUR, 0);
  for (const row of STOCK) await writeStock(q, row);
  await insertFormula(q, ONION_BASE_ID, 'Slow onion base', ONION_BASE, daysAgo(60));
  for (const [family, name] of Object.entries(DOUGH_NAME) as [DoughFamilyId, string][]) {
    const id = demoId(`formula ${name}`);
    const body: FormulaBody = { kind: 'dough', family, lines: WORKED_FORMULAS[family] };
    if (family !== 'shortcrust') {
      await insertFormula(q, id, name, body, daysAgo(70));
      continue;
    }
    // The first try of this one was drier and leaner: its seams cracked.
    const lines = body.lines.map((line) =>
      line.ingredientId === 'water' || line.ingredientId === 'vegetable-shortening'
        ? { ...line, massKg: line.massKg - 0.03 }
        : line,
    );
    await insertFormula(q, id, name, { ...body, lines }, daysAgo(80));
    await insertVersion(q, id, 2, body, daysAgo(38));
    await updateFormula(q, { id, name, archived: false, edition: 1 }, daysAgo(38));
  }
  for (const { id } of STARTERS) {
    const name = FILLING_NAME[id];
    const body = storeBodyOf(newTray(name, id, 24, daysAgo(0).toISOString()), 'filling');
    await insertFormula(q, demoId(`formula ${name}`), name, body, daysAgo(50));
  }
}
