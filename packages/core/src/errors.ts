/** Every way a caller can break a contract of this package, one code each. */
export type CoreErrorCode = 'NOT_A_NUMBER' | 'OUT_OF_RANGE' | 'UNKNOWN_NAME' | 'EMPTY' | 'TOO_ODD';

/** A broken contract: wrong type, range or name. Ordinary "no answer" is `null`, never this. */
export class CoreError extends Error {
  readonly code: CoreErrorCode;
  /** The argument that caused it, as a dotted path. */
  readonly path: string;

  constructor(code: CoreErrorCode, path: string, message: string) {
    super(message);
    this.name = 'CoreError';
    this.code = code;
    this.path = path;
  }
}

/**
 * Returns `value` when it is a finite number within [least, most].
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function requireWithin(value: number, least: number, most: number, path: string): number {
  if (typeof value !== 'number' || !Number.isFinite(value)) {
    throw new CoreError('NOT_A_NUMBER', path, `${path} must be a finite number.`);
  }
  if (value < least || value > most) {
    throw new CoreError('OUT_OF_RANGE', path, `${path} must lie between ${least} and ${most}.`);
  }
  return value;
}

/**
 * The same for a range of the one table.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function requireIn(
  value: number,
  range: { readonly least: number; readonly most: number },
  path: string,
): number {
  return requireWithin(value, range.least, range.most, path);
}
