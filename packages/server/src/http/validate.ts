import type Joi from 'joi';
import { ApiError } from '../errors.js';

/** Half a surrogate pair is no text: no database and no other program takes it. */
function illFormed(value: unknown, path: readonly string[] = []): readonly string[] | null {
  if (typeof value === 'string') return value.isWellFormed() ? null : path;
  if (value === null || typeof value !== 'object') return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = illFormed(inner, [...path, key]);
    if (found) return found;
  }
  return null;
}

/** What is wrong with a value in one sentence, and at which field; `null`: nothing. */
export function wrongIn(
  schema: Joi.Schema,
  value: unknown,
): { readonly message: string; readonly path: string } | null {
  try {
    validate(schema as Joi.ObjectSchema, value);
    return null;
  } catch (cause) {
    const { message, path = '' } = cause as ApiError;
    return { message, path };
  }
}

/** Checks a value; the answer names the first field that is wrong. Unknown keys are wrong. */
export function validate<T>(schema: Joi.ObjectSchema<T> | Joi.AlternativesSchema<T>, value: unknown): T {
  const { error, value: clean } = schema.validate(value, { abortEarly: true, convert: false, allowUnknown: false });
  const broken = illFormed(value);
  if (broken) throw new ApiError('BAD_INPUT', 'This text holds half a character.', broken.join('.') || undefined);
  if (!error) return clean as T;
  const detail = error.details[0];
  const path = detail?.path.join('.') ?? '';
  throw new ApiError('BAD_INPUT', `${(detail?.message ?? error.message).replaceAll('"', '')}.`, path || undefined);
}

/** What a list is searched for: part of a name. */
export function searchOf(req: { readonly query: unknown }): string {
  const { search } = req.query as { search?: unknown };
  return typeof search === 'string' ? search.trim().slice(0, 120).toWellFormed() : '';
}
