import {
  celsiusFrom,
  KG_PER_G,
  KG_PER_LB,
  KG_PER_OZ,
  M3_PER_ML,
  type Measures,
  ML_PER_DL,
  ML_PER_L,
  S_PER_HOUR,
  S_PER_MIN,
} from './units.js';

const VULGAR: Record<string, string> = {
  '½': ' 1/2',
  '⅓': ' 1/3',
  '⅔': ' 2/3',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
};

/**
 * Reads a number as people type it: "1 1/2", "½", "2,5", "1 584". Returns `null` when it
 * is none, is negative, or is not finite: never NaN.
 *
 * @example parseNumber('1 1/2') // 1.5
 */
export function parseNumber(text: string): number | null {
  let plain = text
    .trim()
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (c) => VULGAR[c]!)
    .trim();
  // A thin or plain space between groups of three digits is a thousands mark.
  plain = plain.replace(/(\d)[\u202f\u00a0 ](?=\d{3}(?!\d))/g, '$1').replace(',', '.');
  const match = /^(?:(\d+(?:\.\d+)?|\.\d+))?(?:\s*(?<=^|\s)(\d+)\/(\d+))?$/.exec(plain);
  if (!match || plain === '') return null;
  const whole = match[1] ? Number(match[1]) : 0;
  const part = match[2] ? Number(match[2]) / Number(match[3]) : 0;
  const value = whole + part;
  return Number.isFinite(value) ? value : null;
}

/** Splits "1 lb 4 oz" into number–unit pairs; `null` when any stretch is neither. */
function splitPairs(text: string): { value: number; unit: string }[] | null {
  const pairs: { value: number; unit: string }[] = [];
  const pattern = /\s*([\d\s.,/½⅓⅔¼¾⅛⅜⅝⅞]+?)\s*([a-zA-Zµ°]+\.?|$)/y;
  const trimmed = text.trim();
  if (trimmed.length > 60) return null;
  while (pattern.lastIndex < trimmed.length) {
    const match = pattern.exec(trimmed);
    if (!match) return null;
    const value = parseNumber(match[1]!);
    if (value === null) return null;
    pairs.push({ value, unit: match[2]!.replace('.', '').toLowerCase() });
  }
  return pairs.length > 0 ? pairs : null;
}

/** kg of one unit of mass or volume, by the ingredient's own density; `null` when unknown. */
function kgPerUnit(unit: string, densityKgPerM3: number, measures: Measures): number | null {
  const perMl = densityKgPerM3 * M3_PER_ML;
  switch (unit) {
    case '':
    case 'g':
      return KG_PER_G;
    case 'kg':
      return 1;
    case 'oz':
      return KG_PER_OZ;
    case 'lb':
    case 'lbs':
      return KG_PER_LB;
    case 'ml':
      return perMl;
    case 'dl':
      return perMl * ML_PER_DL;
    case 'l':
      return perMl * ML_PER_L;
    case 'cup':
    case 'cups':
    case 'c':
      return perMl * measures.cupMl;
    case 'tbsp':
      return perMl * measures.teaspoonMl * 3;
    case 'tsp':
      return perMl * measures.teaspoonMl;
    case 'pinch':
      return perMl * measures.teaspoonMl * 0.0625;
    default:
      return null;
  }
}

/**
 * Reads a mass as a cook types it, in grams, pounds, cups or spoons: "1 1/2 tsp", "½ cup",
 * "2,5 dl", "1 lb 4 oz", "a pinch". A bare number is grams. Returns kg, or `null` when the
 * text is no quantity.
 *
 * @param densityKgPerM3 levelled, unpacked, of this ingredient
 * @example parseMassKg('2 tbsp', 1000, METRIC_MEASURES) // 0.03
 */
export function parseMassKg(text: string, densityKgPerM3: number, measures: Measures): number | null {
  const pairs = splitPairs(text.trim().replace(/^an?\s+/i, '1 '));
  if (!pairs) return null;
  let sum = 0;
  for (const { value, unit } of pairs) {
    const factor = kgPerUnit(unit, densityKgPerM3, measures);
    if (factor === null) return null;
    sum += value * factor;
  }
  return sum <= 1000 ? sum : null;
}

/**
 * Reads a temperature: "158", "158 C", "350 F". A bare number is in `unit`.
 * @returns °C within −60…400, or `null`
 * @example parseTempC('350 F', 'C') // 176.67
 */
export function parseTempC(text: string, unit: 'C' | 'F'): number | null {
  const match = /^([-−]?)\s*([\d.,]+)\s*°?\s*([cCfF]?)$/.exec(text.trim());
  if (!match) return null;
  const size = parseNumber(match[2]!);
  if (size === null) return null;
  const value = match[1] ? -size : size;
  const celsius = (match[3] ? match[3].toUpperCase() : unit) === 'F' ? celsiusFrom(value) : value;
  return celsius >= -60 && celsius <= 400 ? celsius : null;
}

/**
 * Reads a stretch of time: "7:10" (minutes and seconds), "1:30:00", "90 s", "1 h 20 min";
 * a bare number is minutes.
 * @returns s, or `null`
 * @example parseDurationS('7:10') // 430
 */
export function parseDurationS(text: string): number | null {
  const clock = /^(?:(\d{1,3}):)?(\d{1,3}):([0-5]\d)$/.exec(text.trim());
  if (clock) {
    return Number(clock[1] ?? 0) * S_PER_HOUR + Number(clock[2]) * S_PER_MIN + Number(clock[3]);
  }
  const factors: Record<string, number> = { '': S_PER_MIN, min: S_PER_MIN, m: S_PER_MIN, s: 1, h: S_PER_HOUR };
  const pairs = splitPairs(text);
  if (!pairs) return null;
  let sum = 0;
  for (const { value, unit } of pairs) {
    const factor = factors[unit];
    if (factor === undefined) return null;
    sum += value * factor;
  }
  return sum <= 100 * S_PER_HOUR ? sum : null;
}
