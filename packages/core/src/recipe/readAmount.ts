import { AMOUNT_MOODS, AS_BIG_AS_G, NUMBER_WORDS, type RecipeUnit } from './amountWords.js';

/** An amount as it was written, before anybody knows of what. */
export interface Amount {
  readonly least: number;
  readonly most: number;
  /** `null`: a number alone. */
  readonly unit: RecipeUnit | null;
  /** How much one of them may miss by, as a share: "about", "heaped", a spoon of no kind. */
  readonly spread: number;
  /** Small or large, of whole things. */
  readonly size: 'small' | 'medium' | 'large';
  /** So many times: "2 cans (400 g)" is twice 400 g. */
  readonly times: number;
  /** The unit as it was written; empty: none. */
  readonly unitWord: string;
}

export interface ReadAmount {
  readonly amount: Amount;
  /** What was written after it. */
  readonly rest: string;
}

const NUMBER = String.raw`(?:\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|\.\d+)`;
const WORD_NUMBER = String.raw`(?:${Object.keys(NUMBER_WORDS).join('|')})`;

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅙': '1/6',
  '⅚': '5/6',
};

/**
 * A line with its fractions, dashes and spaces as they are read here.
 */
export function plainAmounts(text: string): string {
  return text
    .normalize('NFC')
    .replace(/(\d)?\s*([½⅓⅔¼¾⅕⅛⅜⅝⅞⅙⅚])/g, (_, digit: string | undefined, sign: string) =>
      digit === undefined ? VULGAR[sign]! : `${digit} ${VULGAR[sign]!}`,
    )
    .replace(/⁄/g, '/')
    .replace(/[‐‑‒–—―]/g, '-')
    .replace(/[\u00a0\u2007\u2009\u202f]/g, ' ')
    .replace(/(\d)-(\d+\/\d+)/g, '$1 $2')
    .replace(/(\d) (?=\d{3}\s?(?:g|ml)\b)/g, '$1')
    .replace(/\bfl\.?\s*oz\b\.?|\bfluid\s+ounces?\b/gi, 'fl-oz')
    .replace(/\s+/g, ' ')
    .trim();
}

function numberOf(text: string): number | null {
  const word = NUMBER_WORDS[text.toLowerCase()];
  if (word !== undefined) return word;
  const match = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text);
  if (match) return Number(match[3]) === 0 ? null : Number(match[1] ?? 0) + Number(match[2]) / Number(match[3]);
  const value = Number(text.replace(/,(?=\d{3}\b)/, '').replace(',', '.'));
  return Number.isFinite(value) ? value : null;
}

/** "half a", "one and a half", "a couple of", "1 to 2", "3-4", "2": least and most, and what follows. */
function readNumber(text: string): { least: number; most: number; rest: string } | null {
  const half =
    /^(?:an?\s+(?=quarter|third))?(?:(\d+|an?|one|two|three|four|five|six)\s+and\s+a\s+)?(half|quarter|third)(?:\s+(?:of\s+)?(?:an?|the))?\b\s*/i.exec(
      text,
    );
  if (half && !/^half\s+and\b/i.test(text)) {
    const value = (half[1] ? numberOf(half[1])! : 0) + NUMBER_WORDS[half[2]!.toLowerCase()]!;
    return { least: value, most: value, rest: text.slice(half[0].length) };
  }
  const pattern = new RegExp(
    `^(${NUMBER}|${WORD_NUMBER}\\b)(?:\\s*(?:-|to|or)\\s*(${NUMBER}|${WORD_NUMBER}\\b))?\\s*`,
    'i',
  );
  const match = pattern.exec(text);
  if (!match) return null;
  const least = numberOf(match[1]!);
  const most = match[2] === undefined ? least : numberOf(match[2]);
  if (least === null || most === null) return null;
  const rest = text.slice(match[0].length);
  // "1 1/2" is read as one number above; "a few" is none.
  if (/^an?$/i.test(match[1]!) && /^(?:few|little|bit)\b/i.test(rest)) return null;
  const dozen = /^dozen\b\s*/i.exec(rest);
  const couple = /^couple\s+(?:of\s+)?/i.exec(rest);
  if (dozen) return { least: 12 * least, most: 12 * most, rest: rest.slice(dozen[0].length) };
  if (couple) return { least: 2, most: 2, rest: rest.slice(couple[0].length) };
  return { least: Math.min(least, most), most: Math.max(least, most), rest };
}

/** A unit at the beginning of a text; one letter counts only in its own case. */
function readUnit(text: string, units: ReadonlyMap<string, RecipeUnit>) {
  const match = /^([a-zA-Z#-]+)\.?(?![a-zA-Z])\s*/.exec(text);
  if (!match) return null;
  const word = match[1]!;
  // Big T is a tablespoon, small t a teaspoon: an old habit of cards.
  const short: Readonly<Record<string, string>> = { T: 'tbsp', t: 'tsp', C: 'cup', Tb: 'tbsp' };
  const lower = short[word] ?? word.toLowerCase();
  const unit = units.get(lower) ?? units.get(lower.replace(/s$/, '')) ?? units.get(lower.replace(/es$/, ''));
  return unit ? { unit, word, rest: text.slice(match[0].length).replace(/^of\s+/i, '') } : null;
}

/** Words of mood before an amount or its unit: about, heaped, scant. */
function readMoods(text: string): { times: number; spread: number; rest: string } {
  let [times, spread, rest] = [1, 0, text];
  for (;;) {
    const match = /^(~|[a-z]+)\.?\s*/i.exec(rest);
    const mood = match && AMOUNT_MOODS[match[1]!.toLowerCase()];
    if (!match || !mood || match[1]!.toLowerCase() === 'small') return { times, spread, rest };
    times *= mood.times;
    spread += mood.spread;
    rest = rest.slice(match[0].length);
  }
}

const FILLED = /^(?:firmly\s+|lightly\s+)?(packed|heaped|heaping|rounded|level|levelled|leveled|scant)\s+/i;
const SIZE = /^(small|medium|medium-sized|large|big|extra[- ]large)\b\s*/i;

/**
 * The amount at the beginning of a line; `null` when there is none. Not in it: what the amount
 * weighs, for that takes its ingredient.
 *
 * @param units from `unitWords`
 */
export function readAmount(line: string, units: ReadonlyMap<string, RecipeUnit>): ReadAmount | null {
  const before = readMoods(line);
  // "a heaped tablespoon": the mood stands after the number.
  const number = readNumber(before.rest) ?? bare(before.rest, units);
  if (!number) return null;
  const multiplied = /^(?:x|×)\s*/i.exec(number.rest);
  if (multiplied) {
    const inner = readAmount(number.rest.slice(multiplied[0].length), units);
    if (inner) return { ...inner, amount: { ...inner.amount, times: inner.amount.times * number.least } };
  }
  // "2 (14 oz) cans", "1 can (20 oz)": what one holds stands in brackets.
  const holds = /^\(\s*([^)]*)\)\s*/.exec(number.rest);
  if (holds) {
    const inner = readAmount(holds[1]!, units);
    const after = readUnit(number.rest.slice(holds[0].length), units);
    if (inner?.amount.unit && inner.rest === '' && after?.unit.of) {
      return { amount: { ...inner.amount, times: number.least, unitWord: after.word }, rest: after.rest };
    }
  }
  const size = SIZE.exec(number.rest);
  const sized = size ? number.rest.slice(size[0].length) : number.rest;
  const after = readMoods(sized);
  const unit = readUnit(after.rest, units);
  // "1 cup packed brown sugar": how it was filled stands after the unit as well.
  const filled = unit ? FILLED.exec(unit.rest) : null;
  const how = filled ? AMOUNT_MOODS[filled[1]!.toLowerCase()]! : { times: 1, spread: 0 };
  const amount: Amount = {
    least: number.least,
    most: number.most,
    unit: unit?.unit ?? null,
    unitWord: unit?.word ?? '',
    spread: before.spread + (unit ? after.spread : 0) + (unit?.unit.spread ?? 0) + how.spread,
    size: size ? (/^small/i.test(size[1]!) ? 'small' : /^medium/i.test(size[1]!) ? 'medium' : 'large') : 'medium',
    times: before.times * (unit ? after.times : 1) * how.times,
  };
  const rest = unit ? unit.rest.slice(filled?.[0].length ?? 0) : sized;
  // "1 celery stick", "10 mint leaves": the unit stands after the name.
  const last = unit ? null : /^([a-z][a-z ]*?)\s+(sticks?|stalks?|leaves|sprigs?|ribs?)\b(.*)$/i.exec(rest);
  const behind = last && readUnit(last[2]!, units);
  if (behind)
    return { amount: { ...amount, unit: behind.unit, unitWord: behind.word }, rest: `${last[1]!}${last[3]!}` };
  if (unit?.unit.of === 'tin') {
    const label = /^\(\s*([^)]*)\)\s*/.exec(rest);
    const inner = label && readAmount(label[1]!, units);
    if (label && inner?.amount.unit && inner.rest.replace(/\s*each$/, '') === '') {
      return {
        amount: { ...inner.amount, times: inner.amount.times * number.least, unitWord: unit.word },
        rest: rest.slice(label[0].length),
      };
    }
  }
  return { amount, rest };
}

/**
 * "A piece of butter the size of a walnut": how much that is, and what is left of the line.
 */
export function asBigAs(text: string): ReadAmount | null {
  const match = /\b(?:about\s+)?(?:the\s+)?size\s+of\s+an?\s+(\w+)\b/i.exec(text);
  const g = match && AS_BIG_AS_G[match[1]!.toLowerCase()];
  if (!match || g == null) return null;
  const rest = text.replace(match[0], ' ').replace(/^\s*(?:an?\s+)?(?:piece|lump|ball|knob)\s+(?:of\s+)?/i, '');
  const unit: RecipeUnit = { kind: 'mass', size: g / 1000 };
  const amount: Amount = { least: 1, most: 1, unit, spread: 0.25, size: 'medium', times: 1, unitWord: match[1]! };
  return { amount, rest: rest.trim() };
}

/** A unit without a number is one of it: "pinch of salt", "handful of parsley". */
function bare(text: string, units: ReadonlyMap<string, RecipeUnit>) {
  return /^(?:pinch|dash|knob|handful|bunch|splash|drizzle|sprig)/i.test(text) && readUnit(text, units)
    ? { least: 1, most: 1, rest: text }
    : null;
}
