import { CoreError } from '@ember-fold/core/plan';
import { isHeldByStove } from './db/gate.js';

/** The one error table: code → status and sentence. Clients get `{ code, message, path? }`. */
const ERRORS = {
  BAD_INPUT: { status: 400, message: 'One of the values cannot be used.' },
  BAD_JSON: { status: 400, message: 'The request is not valid JSON.' },
  BAD_HOST: { status: 403, message: 'This server does not answer under this address.' },
  NOT_FOUND: { status: 404, message: 'There is nothing at this address.' },
  NO_BATCH: { status: 404, message: 'This batch does not exist; it may have been deleted.' },
  NO_SUPPER: { status: 404, message: 'This supper does not exist; it may have been deleted.' },
  NO_OBSERVATION: { status: 404, message: 'This recorded dough does not exist; it may have been forgotten already.' },
  NO_INGREDIENT: { status: 404, message: 'This ingredient does not exist; it may have been deleted.' },
  NO_DEVICE: { status: 404, message: 'This device is not registered here; add it first.' },
  BAD_TOKEN: { status: 401, message: 'This device is not registered here, or its token is wrong.' },
  NO_OIL: { status: 404, message: 'This oil is not in the Store.' },
  OIL_GONE: { status: 409, message: 'This oil has been thrown away.' },
  MANY_TAGS: { status: 409, message: 'A record can have up to twelve tags.' },
  MANY_TIMERS: { status: 409, message: 'A hundred timers are running already; stop some first.' },
  GATE_OPEN: { status: 409, message: 'Tick every point of the start list before you heat any oil.' },
  NO_FORMULA: { status: 404, message: 'This formula is not in the Store.' },
  IN_USE: { status: 409, message: 'It is still used somewhere; remove it there first.' },
  NOTHING_LEARNT: {
    status: 409,
    message: 'Nothing can be learnt about a flour from this dough: it has no flour, or it is a hot-water dough.',
  },
  NO_STOVE: { status: 409, message: 'The stove has not been started for this batch.' },
  NOT_COOKABLE: {
    status: 409,
    message: 'This plan has no moment at which the pieces are done; change the oil or the piece first.',
  },
  NOTHING_FRIED: { status: 409, message: 'No tray of this batch is fried, so it needs no stove.' },
  UNSAFE_PLAN: {
    status: 409,
    message: 'The pot or the oil of this plan is not safe; change it at the Fry station first.',
  },
  STOVE_FINISHES: { status: 409, message: 'Part of this batch is fried: finish it at its stove.' },
  NOT_STORED: { status: 409, message: 'These pieces are no longer in the Store.' },
  TOO_FEW_STORED: { status: 409, message: 'There are not that many left in the Store.' },
  STOVE_OPEN: {
    status: 409,
    message: 'This is in use at the stove. Finish that batch first.',
  },
  STILL_FRYING: { status: 409, message: 'There are pieces in the oil; take them out before you finish the batch.' },
  BATCH_OVER: { status: 409, message: 'This batch is finished and in the ledger; cook it again as a new one.' },
  REOPEN_LATE: {
    status: 409,
    message: 'This batch was finished too long ago to be reopened; cook it again as a new one.',
  },
  POT_TAKEN: { status: 409, message: 'Another batch is in this pot now; finish that one first.' },
  STALE_VERSION: { status: 409, message: 'This has been changed in another window since it was opened here.' },
  ID_TAKEN: { status: 409, message: 'This id is already in use.' },
  TOO_SLOW: { status: 408, message: 'No data arrived for half a minute. Send the file again.' },
  TOO_DEEP: { status: 400, message: 'The request is nested too deeply.' },
  TOO_LARGE: { status: 413, message: 'The request is too large.' },
  NOT_JSON: { status: 415, message: 'This address accepts JSON only.' },
  NOT_PACKED: { status: 415, message: 'A copy must be sent as its file, application/gzip.' },
  NOT_LINES: { status: 415, message: 'Readings must be sent as lines of text/plain.' },
  BAD_FILE: { status: 400, message: 'This is not a file from an Ember Fold kitchen.' },
  NEWER_FILE: { status: 409, message: 'This file was made by a newer version of Ember Fold; use that version.' },
  NO_IMPORT: { status: 404, message: 'This import can no longer be undone, or has been undone already.' },
  CHANGED_MEANWHILE: { status: 409, message: 'Something here has changed since the file was checked; check it again.' },
  NO_COPY: { status: 404, message: 'This copy does not exist; it may have been replaced by a newer one.' },
  BAD_COPY: { status: 400, message: 'This file is not a copy of an Ember Fold kitchen.' },
  NEWER_COPY: { status: 409, message: 'This copy was made by a newer version of Ember Fold; use that version.' },
  NO_COPY_ROOM: { status: 503, message: 'The folder for copies cannot be written to, or its disk is full.' },
  NO_TRIAL_DATABASE: {
    status: 503,
    message: 'A copy is first restored into a separate database; this database user may not create ember_restore_….',
  },
  DISK_FULL: {
    status: 503,
    message: 'The disk is full: nothing new can be saved until there is room. Everything saved so far is safe.',
  },
  NOT_PAIRED: { status: 401, message: 'This device is not connected to this kitchen yet.' },
  WRONG_CODE: {
    status: 403,
    message: 'This code is wrong, has been used, or has expired after two minutes; ask for a new one.',
  },
  WRONG_PASSPHRASE: { status: 403, message: 'The passphrase is wrong, or this kitchen has none.' },
  MANY_TRIES: { status: 429, message: 'Too many wrong attempts; wait ten minutes.' },
  ONLY_HERE: { status: 403, message: 'This can only be changed on the machine Ember Fold runs on.' },
  IS_HERE: { status: 409, message: 'This machine runs the kitchen; it needs no code.' },
  NOT_ON_NETWORK: {
    status: 409,
    message: 'This kitchen is not open to the home network; start it with: npm start -- --lan',
  },
  NO_DATABASE: { status: 503, message: 'The database is not answering just now. Nothing is lost; try again.' },
  INTERNAL: { status: 500, message: 'Something went wrong on the server; the details are in its log.' },
} as const;

export type ErrorCode = keyof typeof ERRORS;

/** An answer that is not a success; thrown anywhere, written once by the error middleware. */
export class ApiError extends Error {
  readonly code: ErrorCode;
  readonly status: number;
  readonly path: string | undefined;

  constructor(code: ErrorCode, message?: string, path?: string) {
    super(message ?? ERRORS[code].message);
    this.name = 'ApiError';
    this.code = code;
    this.status = ERRORS[code].status;
    this.path = path;
  }
}

/** MariaDB's own words for "cannot talk to it now". */
const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
  // A copy that takes the place of everything holds it for so long.
  'ER_LOCK_WAIT_TIMEOUT',
  'ER_DISK_FULL',
  'ER_RECORD_FILE_FULL',
]);

/** The body parser's own word for JSON that is nested too deeply; see `jsonBody`. */
export const TOO_DEEP = 'entity.too.deep';

/** Whatever was thrown, as an answer; the cause goes to the log, never to the client. */
export function toApiError(cause: unknown): ApiError {
  if (cause instanceof ApiError) return cause;
  if (cause instanceof CoreError) return new ApiError('BAD_INPUT', cause.message, cause.path);
  if (isHeldByStove(cause)) return new ApiError('STOVE_OPEN');
  const { code, type, status } = (cause ?? {}) as { code?: string; type?: string; status?: number };
  if (type === TOO_DEEP) return new ApiError('TOO_DEEP');
  if (type === 'entity.too.large') return new ApiError('TOO_LARGE');
  if (type === 'entity.parse.failed' || type === 'encoding.unsupported' || type === 'charset.unsupported') {
    return new ApiError('BAD_JSON');
  }
  if (code && AWAY.has(code)) return new ApiError('NO_DATABASE');
  if (status !== undefined && status >= 400 && status < 500) return new ApiError('BAD_INPUT');
  return new ApiError('INTERNAL');
}
