import type { Formula, FormulaLine } from '../ingredient/formula.js';
import type { DoughFamilyId } from '../draft/choices.js';

/** Grams as written on our own kitchen cards. */
function card(lines: Readonly<Record<string, number>>, second: Readonly<Record<string, number>> = {}): Formula {
  const of = (rows: Readonly<Record<string, number>>, part: 0 | 1): FormulaLine[] =>
    Object.entries(rows).map(([ingredientId, grams]) => ({
      ingredientId,
      massKg: grams / 1000,
      ...(part === 1 ? { part } : {}),
    }));
  return [...of(lines, 0), ...of(second, 1)];
}

/** One formula a family that works as it stands, on a kilogram of flour or near it. Quantities are our own. */
export const WORKED_FORMULAS: Readonly<Record<DoughFamilyId, Formula>> = {
  shortcrust: card({ 'plain-wheat-flour': 1000, 'vegetable-shortening': 200, water: 380, 'fine-salt': 16 }),
  wholemeal: card({
    'plain-wheat-flour': 450,
    'wholemeal-wheat-flour': 550,
    'vegetable-shortening': 190,
    water: 440,
    'fine-salt': 16,
  }),
  'hot-oil': card({ 'plain-wheat-flour': 1000, 'sunflower-oil': 300, water: 310, 'fine-salt': 15 }),
  coiled: card(
    { 'plain-wheat-flour': 690, lard: 95, water: 325, 'icing-sugar': 30, 'fine-salt': 10 },
    { 'plain-wheat-flour': 300, lard: 265 },
  ),
  'hot-water': card({ 'plain-wheat-flour': 1000, water: 1050, butter: 90, 'fine-salt': 14 }),
  flaky: card({ 'plain-wheat-flour': 1000, butter: 560, water: 190, 'cider-vinegar': 15, 'fine-salt': 14 }),
  'egg-butter': card({ 'plain-wheat-flour': 1000, butter: 200, egg: 180, milk: 250, sugar: 60, 'fine-salt': 10 }),
  'soft-quick': card({
    'plain-wheat-flour': 1000,
    'sunflower-oil': 40,
    water: 430,
    yoghurt: 150,
    'baking-powder': 14,
    sugar: 10,
    'fine-salt': 14,
  }),
  yeast: card({
    'strong-wheat-flour': 1000,
    'sunflower-oil': 60,
    water: 550,
    sugar: 40,
    'instant-yeast': 10,
    'fine-salt': 16,
  }),
  'rice-starch': card({
    'maize-meal-cooked': 800,
    'tapioca-starch': 200,
    'vegetable-shortening': 70,
    water: 720,
    sugar: 60,
    'fine-salt': 14,
  }),
  'thin-sheet': card(
    { 'plain-wheat-flour': 1000, 'sunflower-oil': 15, water: 550, 'fine-salt': 14 },
    { 'sunflower-oil': 25, 'rice-flour': 10 },
  ),
};
