import { CoreError } from '@ember-fold/core';
import { isHeldByStove } from './db/gate.js';

/** The one error table: code → status and sentence. Clients get `{ code, message, path? }`. */
const ERRORS = {
  BAD_INPUT: { status: 400, message: 'One of the values is not usable.' },
  BAD_JSON: { status: 400, message: 'The request is not valid JSON.' },
  BAD_HOST: { status: 403, message: 'This address is not served here.' },
  NOT_FOUND: { status: 404, message: 'There is nothing at this address.' },
  NO_BATCH: { status: 404, message: 'There is no such batch; it may have been deleted.' },
  NO_SUPPER: { status: 404, message: 'There is no such supper; it may have been deleted.' },
  NO_OBSERVATION: { status: 404, message: 'There is no such dough among what was learnt; it may be forgotten.' },
  NO_INGREDIENT: { status: 404, message: 'There is no such ingredient of this kitchen; it may have been deleted.' },
  NO_DEVICE: { status: 404, message: 'There is no such device here; add it first.' },
  BAD_TOKEN: { status: 401, message: 'This device is not known here, or its token is not right.' },
  NO_OIL: { status: 404, message: 'There is no such oil in the Store.' },
  OIL_GONE: { status: 409, message: 'This oil has been poured away.' },
  MANY_TAGS: { status: 409, message: 'A record has twelve tags at most.' },
  MANY_TIMERS: { status: 409, message: 'A hundred timers run already; stop some first.' },
  GATE_OPEN: { status: 409, message: 'Before any oil is heated, every point of the start is gone through.' },
  NO_FORMULA: { status: 404, message: 'There is no such formula in the Store.' },
  IN_USE: { status: 409, message: 'It is still used somewhere; take it out there first.' },
  NOTHING_LEARNT: { status: 409, message: 'This dough says nothing about its flour: no flour, or scalded.' },
  NO_STOVE: { status: 409, message: 'The stove has not been started for this batch.' },
  NOT_COOKABLE: {
    status: 409,
    message: 'This plan has no moment at which the pieces are done; change the oil or the piece first.',
  },
  NOTHING_FRIED: { status: 409, message: 'Nothing of this batch is fried: no tray of it goes into the oil.' },
  UNSAFE_PLAN: {
    status: 409,
    message: 'The pot or the oil of this plan is not safe; mend that on the Fry station first.',
  },
  STOVE_FINISHES: { status: 409, message: 'Some of this batch is fried: it is finished at its stove.' },
  NO_PUT_BY: { status: 409, message: 'These pieces are not in the Store any more.' },
  PUT_BY_SHORT: { status: 409, message: 'There is less of it in the Store.' },
  STOVE_OPEN: {
    status: 409,
    message: 'This is in use at the stove. Finish that batch first.',
  },
  STILL_FRYING: { status: 409, message: 'There are pieces in the oil; lift them before the batch is finished.' },
  BATCH_OVER: { status: 409, message: 'This batch is finished and in the ledger; cook it again as a new one.' },
  REOPEN_LATE: { status: 409, message: 'This batch was finished too long ago to go on; cook it again as a new one.' },
  POT_TAKEN: { status: 409, message: 'Another batch is in this pot now; finish that one first.' },
  STALE_VERSION: { status: 409, message: 'This was changed in another window since it was opened here.' },
  ID_TAKEN: { status: 409, message: 'This id is already used for something else.' },
  TOO_SLOW: { status: 408, message: 'The upload stopped for half a minute. Send the file again.' },
  TOO_DEEP: { status: 400, message: 'The request is nested too deeply.' },
  TOO_LARGE: { status: 413, message: 'The request is too large.' },
  NOT_JSON: { status: 415, message: 'Only JSON is taken here.' },
  NOT_PACKED: { status: 415, message: 'A copy comes as its file, application/gzip.' },
  NOT_LINES: { status: 415, message: 'Readings come as lines of text/plain.' },
  BAD_FILE: { status: 400, message: 'This is not a file of an Ember Fold kitchen.' },
  NEWER_FILE: { status: 409, message: 'This file was made by a newer Ember Fold; start that one.' },
  NO_IMPORT: { status: 404, message: 'This can no longer be undone, or is undone already.' },
  CHANGED_MEANWHILE: { status: 409, message: 'Something here has changed since the file was looked at; look again.' },
  NO_COPY: { status: 404, message: 'There is no such copy; it may have been replaced by newer ones.' },
  BAD_COPY: { status: 400, message: 'This file is not a copy of an Ember Fold kitchen.' },
  NEWER_COPY: { status: 409, message: 'This copy was made by a newer Ember Fold; start that one.' },
  NO_COPY_ROOM: { status: 503, message: 'The folder for copies cannot be written, or its disk is full.' },
  NO_TRIAL_DATABASE: {
    status: 503,
    message: 'A copy is tried in a database of its own first; this database user may not make ember_restore_….',
  },
  DISK_FULL: {
    status: 503,
    message: 'The disk is full: nothing new is taken until there is room. What is saved is safe.',
  },
  NOT_PAIRED: { status: 401, message: 'This device is not in this kitchen yet.' },
  WRONG_CODE: {
    status: 403,
    message: 'This code is not right, was used already, or its two minutes are over; ask for a new one.',
  },
  WRONG_PASSPHRASE: { status: 403, message: 'This is not the passphrase, or this kitchen has none.' },
  MANY_TRIES: { status: 429, message: 'Too many wrong tries; wait ten minutes.' },
  ONLY_HERE: { status: 403, message: 'This is changed on the machine Ember Fold runs on.' },
  IS_HERE: { status: 409, message: 'This machine runs the kitchen; it needs no code.' },
  NOT_ON_NETWORK: {
    status: 409,
    message: 'This kitchen is not open to the home network; start it with: npm start -- --lan',
  },
  NO_DATABASE: { status: 503, message: 'The records cannot be reached just now; nothing was lost, try again.' },
  INTERNAL: { status: 500, message: 'Something went wrong here; it has been written to the log.' },
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
