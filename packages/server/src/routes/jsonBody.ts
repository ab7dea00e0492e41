import express, { type RequestHandler } from 'express';
import { TOO_DEEP } from '../errors.js';

/** Levels of lists and objects in a request; a whole kitchen has a dozen. */
const MOST_LEVELS = 40;

const [QUOTE, ESCAPE] = [0x22, 0x5c];
const OPENS = new Set([0x5b, 0x7b]);
const CLOSES = new Set([0x5d, 0x7d]);

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
    else if (OPENS.has(byte)) most = Math.max(most, (levels += 1));
    else if (CLOSES.has(byte)) levels -= 1;
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
