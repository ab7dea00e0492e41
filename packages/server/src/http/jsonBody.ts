import express, { type RequestHandler } from 'express';
import { ApiError, TOO_DEEP } from '../errors.js';
import { takeTurns } from './takeTurns.js';

/** Levels of lists and objects in a request; a whole kitchen has a dozen. */
const MOST_LEVELS = 40;

const [QUOTE, ESCAPE] = [0x22, 0x5c];
const [LIST, LIST_END, OBJECT, OBJECT_END] = [0x5b, 0x5d, 0x7b, 0x7d];

/** How deeply UTF-8 JSON is nested, read from its bytes; it need not be right JSON. */
export function levelsOf(json: Uint8Array): number {
  let [levels, most] = [0, 0];
  let isText = false;
  for (let at = 0; at < json.length; at++) {
    const byte = json[at]!;
    if (isText) {
      if (byte === ESCAPE) at += 1;
      else if (byte === QUOTE) isText = false;
    } else if (byte === QUOTE) isText = true;
    else if (byte === LIST || byte === OBJECT) most = Math.max(most, (levels += 1));
    else if (byte === LIST_END || byte === OBJECT_END) levels -= 1;
  }
  return most;
}

/**
 * Reads a body of JSON, UTF-8 alone. What is nested too deeply is refused before it is parsed: whatever
 * walks through it afterwards would run out of stack.
 * @param limit of its length, as `express.json` takes it
 */
export function jsonBody(limit: string): RequestHandler {
  return express.json({
    limit,
    strict: true,
    verify: (_req, _res, body, encoding) => {
      if (encoding.toLowerCase() !== 'utf-8') throw Object.assign(new Error(), { type: 'charset.unsupported' });
      if (levelsOf(body) > MOST_LEVELS) throw Object.assign(new Error(), { type: TOO_DEEP });
    },
  });
}

/** Bytes that are scanned between two yields to other requests. */
const STRETCH = 256 * 1024;
const [COMMA, COLON] = [0x2c, 0x3a];

/** Where the items of a kitchen's file lie in its JSON, alone or as the `document` of a request; `null`: nowhere. */
interface ItemRanges {
  /** After the bracket that opens their list, and at the one that closes it. */
  readonly from: number;
  readonly to: number;
  readonly items: readonly (readonly [from: number, to: number])[];
  /** They are in `document.items`, not in `items`. */
  readonly isInside: boolean;
}

async function findItems(json: Buffer): Promise<ItemRanges | null> {
  const turn = takeTurns();
  const keys: string[] = [];
  const items: [number, number][] = [];
  let [levels, textFrom, textTo] = [0, 0, 0];
  let isText = false;
  let found = null as { readonly from: number; readonly level: number } | null;
  let itemFrom = 0;
  for (let at = 0; at < json.length; at++) {
    const byte = json[at]!;
    if (at % STRETCH === 0) await turn();
    if (isText) {
      if (byte === ESCAPE) at += 1;
      else if (byte === QUOTE) [isText, textTo] = [false, at];
    } else if (byte === QUOTE) [isText, textFrom] = [true, at + 1];
    else if (byte === COLON && levels <= 2) keys[levels] = json.toString('utf8', textFrom, textTo);
    else if (byte === LIST || byte === OBJECT) {
      levels += 1;
      if (levels > MOST_LEVELS) throw new ApiError('TOO_DEEP');
      const isHere =
        (levels === 2 && keys[1] === 'items') || (levels === 3 && keys[1] === 'document' && keys[2] === 'items');
      if (byte === LIST && isHere && !found) [found, itemFrom] = [{ from: at + 1, level: levels }, at + 1];
    } else if (byte === COMMA && found && levels === found.level) {
      items.push([itemFrom, at]);
      itemFrom = at + 1;
    } else if (byte === LIST_END || byte === OBJECT_END) {
      if (found && levels === found.level) {
        const isEmpty = items.length === 0 && json.toString('utf8', itemFrom, at).trim() === '';
        if (!isEmpty) items.push([itemFrom, at]);
        return { from: found.from, to: at, items, isInside: found.level === 3 };
      }
      levels -= 1;
    }
  }
  return null;
}

/**
 * Parses the JSON of a kitchen's file, or of a request with one in it, in turns with whatever else the
 * server does: at once, four megabytes would hold up everybody for a tenth of a second.
 * @throws SyntaxError, ApiError TOO_DEEP
 */
export async function parseInTurns(json: Buffer): Promise<unknown> {
  const found = json.length > STRETCH ? await findItems(json) : null;
  if (!found) {
    if (levelsOf(json) > MOST_LEVELS) throw new ApiError('TOO_DEEP');
    return JSON.parse(json.toString());
  }
  const { from, to, isInside } = found;
  const rest = Buffer.concat([json.subarray(0, from), json.subarray(to)]);
  if (levelsOf(rest) > MOST_LEVELS) throw new ApiError('TOO_DEEP');
  const whole = JSON.parse(rest.toString()) as { items?: unknown; document?: { items?: unknown } };
  const turn = takeTurns();
  const items: unknown[] = [];
  for (const [itemFrom, itemTo] of found.items) {
    items.push(JSON.parse(json.toString('utf8', itemFrom, itemTo)));
    await turn();
  }
  if (isInside) whole.document!.items = items;
  else whole.items = items;
  return whole;
}

/**
 * Reads a body of JSON that may be long, UTF-8 alone.
 * @param limit of its length, as `express.raw` takes it
 */
export function longJsonBody(limit: string): RequestHandler[] {
  return [
    express.raw({ limit, type: 'application/json' }),
    async (req, _res, next) => {
      if (!Buffer.isBuffer(req.body)) return next();
      if (/charset=(?!"?utf-8)/i.test(req.headers['content-type'] ?? '')) throw new ApiError('BAD_JSON');
      try {
        req.body = await parseInTurns(req.body);
      } catch (cause) {
        throw cause instanceof ApiError ? cause : new ApiError('BAD_JSON');
      }
      next();
    },
  ];
}
