import type { FormulaBody } from '@ember-fold/core/ledger';
import { type Ingredient, RANGES } from '@ember-fold/core/plan';
import Joi from 'joi';
import { doughHow, doughParts, fillingParts, formula } from '../batches/draftSchemas.js';
import { ingredientId, line, objectOf, unionOf, within } from '../http/schemaParts.js';

const { draft: D, ingredient: I } = RANGES;

export const felt = Joi.string().valid('firm', 'right', 'soft').required();

export const allergens = Joi.array()
  .items(
    Joi.string().valid(
      'gluten',
      'crustaceans',
      'eggs',
      'fish',
      'peanuts',
      'soya',
      'milk',
      'nuts',
      'celery',
      'mustard',
      'sesame',
      'sulphites',
      'lupin',
      'molluscs',
    ),
  )
  .unique()
  .required();

const share = within(I.share);

export const ingredient = objectOf<Ingredient>({
  id: ingredientId.pattern(/^(?!base-)/, 'ingredient id of one’s own'),
  name: line(120),
  role: Joi.string()
    .valid('flour', 'fat', 'liquid', 'egg', 'sugar', 'salt', 'leaven', 'starch', 'filling', 'seasoning')
    .required(),
  composition: Joi.object({ water: share, fat: share, protein: share, starch: share, sugar: share, salt: share })
    .custom((value: Ingredient['composition'], helpers) => {
      const sum = Object.values(value).reduce((a, b) => a + b, 0);
      return sum <= 1.021 ? value : helpers.message({ custom: 'The parts add up to more than the whole' });
    })
    .required(),
  densityKgPerM3: within(I.densityKgPerM3),
  sold: Joi.object({
    as: line(120).allow(null),
    unit: Joi.string().valid('bag', 'block', 'bottle', 'bunch', 'jar', 'pack', 'piece', 'tin').allow(null).required(),
    unitKg: Joi.when('unit', { is: null, then: Joi.valid(null).required(), otherwise: within(I.unitKg) }),
    usedShare: within(I.usedShare),
  }).required(),
  pricePerKg: within(I.pricePerKg),
  allergens,
  diet: Joi.string().valid('vegan', 'vegetarian', 'fish', 'meat', 'unknown').required(),
  wholemeal: share,
  solidFat: Joi.boolean().required(),
  asInstantYeast: within(I.asInstantYeast).optional(),
  source: line(200),
});

export const body = unionOf<FormulaBody, 'kind'>('kind', {
  dough: { ...doughParts, ...doughHow },
  filling: fillingParts,
  base: { lines: formula, cookToShare: within(D.cookToShare) },
});
