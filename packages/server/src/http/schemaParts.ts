import type { Range } from '@ember-fold/core/plan';
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

/** The schema that a value of one type needs; where a condition decides, its schema is an alternative. */
type SchemaOf<Value> =
  | Joi.AlternativesSchema
  | ([Exclude<Value, null | undefined>] extends [string]
      ? Joi.StringSchema
      : [Exclude<Value, null | undefined>] extends [number]
        ? Joi.NumberSchema
        : [Exclude<Value, null | undefined>] extends [boolean]
          ? Joi.BooleanSchema
          : [Exclude<Value, null | undefined>] extends [readonly unknown[]]
            ? Joi.ArraySchema
            : Joi.ObjectSchema);
type SchemasOf<T> = { readonly [Key in keyof T]-?: SchemaOf<T[Key]> };

/** A required object of a type: a key of it that is missing here, misspelt or of another kind does not compile. */
export const objectOf = <T extends object>(keys: SchemasOf<T>): Joi.ObjectSchema<T> =>
  Joi.object<T>(keys as Joi.PartialSchemaMap<T>).required();

/** The member of a union that has this value under its discriminating key. */
type Member<T, D extends keyof T, Value> = T extends unknown ? (Value extends T[D] ? T : never) : never;

/**
 * A required value of a union whose members differ by one key. A member that is added to the type is added here, or
 * it does not compile.
 * @param by the key that tells the members apart
 * @param members the other keys of each
 */
export function unionOf<T extends object, D extends keyof T & string>(
  by: D,
  members: { readonly [Value in T[D] & string]: SchemasOf<Omit<Member<T, D, Value>, D>> },
): Joi.AlternativesSchema<T> {
  const own = Object.entries(members) as [string, Joi.PartialSchemaMap][];
  const known = Joi.string()
    .valid(...own.map(([value]) => value))
    .required();
  return Joi.alternatives<T>()
    .conditional(`.${by}`, {
      switch: own.map(([value, keys]) => ({
        is: Joi.valid(value).required(),
        then: Joi.object({ [by]: Joi.string(), ...keys }),
      })),
      otherwise: Joi.object({ [by]: known }).unknown(true),
    })
    .required() as Joi.AlternativesSchema<T>;
}
