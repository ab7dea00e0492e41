import { LEARNT_KINDS, LOOKS } from '@ember-fold/core/ledger';
import Joi from 'joi';
import { mark, MARKS } from '../batches/draftSchemas.js';
import { within } from '../http/schemaParts.js';

/** A word or two a record is found by; its case does not matter. */
export const tag = Joi.string()
  .min(1)
  .max(24)
  .pattern(/^[^\p{C}#,]+$/u, 'tag')
  .required();

/** The tag a list is asked for; `null`: none, or what cannot be one. */
export function tagOf(asked: unknown): string | null {
  const said = typeof asked === 'string' ? asked.trim().toLowerCase() : asked;
  return tag.validate(said).error ? null : (said as string);
}

const trayLooks = Joi.object({
  ...Object.fromEntries(Object.entries(LOOKS).map(([id, of]) => [id, Joi.string().valid(...of)])),
  crust: within({ least: 0, most: 5 }).optional(),
  photo: Joi.object({
    place: within({ least: 0, most: 5 }),
    palest: within({ least: 0, most: 5 }),
    darkest: within({ least: 0, most: 5 }),
    pieces: within({ least: 1, most: 200 }).integer(),
    patchy: within({ least: 0, most: 200 }).integer(),
  }).optional(),
  liked: within({ least: 1, most: 5 }).integer().optional(),
  scores: Joi.array()
    .items(within({ least: 1, most: 5 }).integer())
    .max(60)
    .optional(),
  keep: Joi.boolean().strict().optional(),
});

export const looks = Joi.object({
  trays: Joi.object().pattern(MARKS, trayLooks).required(),
  eatenFirst: mark.optional(),
}).required();

/** Which learnt figure. */
export const learntKey = {
  kind: Joi.string()
    .valid(...LEARNT_KINDS)
    .required(),
  key: Joi.string()
    .allow('')
    .max(60)
    .pattern(/^[\w.:-]*$/, 'key')
    .required(),
};
