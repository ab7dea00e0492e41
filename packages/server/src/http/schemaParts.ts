import type { Range } from '@ember-fold/core';
import Joi from 'joi';

/** Small parts that the schemas share. */
export const number = (least: number, most: number) => Joi.number().min(least).max(most).unsafe().required();
/** A number of a range of the one table. */
export const within = ({ least, most }: Range) => number(least, most);
export const uuid = Joi.string().guid({ version: 'uuidv4' }).lowercase().required();
/** One line of text without control characters. */
export const line = (most: number) =>
  Joi.string()
    .trim()
    .min(1)
    .max(most)
    // oxlint-disable-next-line no-control-regex
    .pattern(/^[^\u0000-\u001f\u007f]*$/, 'text without control characters')
    .required();
export const isoTime = Joi.string()
  .pattern(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,3})?)?Z$/, 'UTC time')
  .custom((value: string, helpers) => (Number.isFinite(Date.parse(value)) ? value : helpers.error('any.invalid')))
  .required();

/** Whether there is such an ingredient, only the kitchen knows: `requireKnown` says. */
export const ingredientId = Joi.string()
  .pattern(/^[a-z0-9-]{2,60}$/, 'ingredient id')
  .required();

export const flag = Joi.boolean().required();
