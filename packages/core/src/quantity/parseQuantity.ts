import {
  celsiusFrom,
  KG_PER_G,
  KG_PER_LB,
  KG_PER_OZ,
  M3_PER_ML,
  M_PER_FT,
  M_PER_IN,
  type Measures,
  ML_PER_DL,
  ML_PER_FL_OZ,
  ML_PER_L,
  ML_PER_QT,
  S_PER_HOUR,
  S_PER_MIN,
  type System,
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

/** Splits "1 lb 4 oz", "1/3 cup + 2 tbsp" into number–unit pairs; `null` when any part is neither. */
function splitPairs(text: string): { value: number; unit: string }[] | null {
  const pairs: { value: number; unit: string }[] = [];
  const pattern = /(?:^|\s*\+?)\s*([\d\s.,/½⅓⅔¼¾⅛⅜⅝⅞]+?)\s*([a-zA-Zµ°]+\.?|$)/y;
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

/** m³ of one US or metric unit of volume; `null` when it is none. */
function m3PerUnit(unit: string, { cupMl, teaspoonMl }: Measures): number | null {
  switch (unit) {
    case 'ml':
      return M3_PER_ML;
    case 'dl':
      return M3_PER_ML * ML_PER_DL;
    case 'l':
      return M3_PER_ML * ML_PER_L;
    case 'qt':
    case 'quart':
    case 'quarts':
      return M3_PER_ML * ML_PER_QT;
    case 'floz':
      return M3_PER_ML * ML_PER_FL_OZ;
    case 'cup':
    case 'cups':
    case 'c':
      return M3_PER_ML * cupMl;
    case 'tbsp':
      return M3_PER_ML * teaspoonMl * 3;
    case 'tsp':
      return M3_PER_ML * teaspoonMl;
    case 'pinch':
      return M3_PER_ML * teaspoonMl * 0.0625;
    default:
      return null;
  }
}

/** kg of one unit of mass or volume, by the ingredient's own density; `null` when unknown. */
function kgPerUnit(unit: string, densityKgPerM3: number, measures: Measures): number | null {
  switch (unit) {
    case 'g':
      return KG_PER_G;
    case 'kg':
      return 1;
    case 'oz':
      return KG_PER_OZ;
    case 'lb':
    case 'lbs':
      return KG_PER_LB;
    default: {
      const m3 = m3PerUnit(unit, measures);
      return m3 === null ? null : m3 * densityKgPerM3;
    }
  }
}

/** 119 mm are 0.119 m, not a hair more. */
const rounded = (value: number, parts: number): number => Math.round(value * parts) / parts;

/** What a text of number–unit pairs comes to; `null` when any of it is not understood. */
function sumOf(text: string, bare: string, factorOf: (unit: string) => number | null): number | null {
  const pairs = splitPairs(
    text
      .trim()
      .replace(/^an?\s+/i, '1 ')
      .replace(/fl\.?\s*oz/gi, 'floz'),
  );
  if (!pairs) return null;
  let sum = 0;
  for (const { value, unit } of pairs) {
    const factor = factorOf(unit === '' ? bare : unit);
    if (factor === null) return null;
    sum += value * factor;
  }
  return sum;
}

/**
 * Reads a mass as a cook types it, in grams, pounds, cups or spoons: "1 1/2 tsp", "½ cup",
 * "2,5 dl", "1 lb 4 oz", "1/3 cup + 2 tbsp", "a pinch". Returns kg, or `null` when the
 * text is no quantity.
 *
 * @param densityKgPerM3 levelled, unpacked, of this ingredient
 * @param system says what a bare number is: grams, or ounces
 * @example parseMassKg('2 tbsp', 1000, METRIC_MEASURES) // 0.03
 */
export function parseMassKg(
  text: string,
  densityKgPerM3: number,
  measures: Measures,
  system: System = 'metric',
): number | null {
  const sum = sumOf(text, system === 'us' ? 'oz' : 'g', (unit) => kgPerUnit(unit, densityKgPerM3, measures));
  return sum !== null && sum <= 1000 ? sum : null;
}

/**
 * Reads a volume: "2100", "2.1 l", "2 1/4 qt", "3 cup", "8 fl oz". A bare number is millilitres, or
 * quarts. Returns m³, or `null` when the text is none.
 * @example parseVolumeM3('2 qt', CUSTOMARY_MEASURES, 'us') // 0.00189
 */
export function parseVolumeM3(text: string, measures: Measures, system: System): number | null {
  const sum = sumOf(text, system === 'us' ? 'qt' : 'ml', (unit) => m3PerUnit(unit, measures));
  return sum !== null && sum <= 1 ? rounded(sum, 1e12) : null;
}

const LENGTHS: Readonly<Record<string, number>> = { mm: 0.001, cm: 0.01, m: 1, in: M_PER_IN, ft: M_PER_FT };

/**
 * Reads a length: "2.6", "11.5 cm", "4 1/2 in", `4½"`, "1 ft 2 in". A bare number is millimetres, or
 * inches. Returns m, or `null` when the text is none.
 * @example parseLengthM('4 1/2', 'us') // 0.1143
 */
export function parseLengthM(text: string, system: System): number | null {
  const plain = text.replace(/["″”]|inch(?:es)?\b/gi, ' in').replace(/['′’]|f(?:oo|ee)t\b/gi, ' ft');
  const sum = sumOf(plain, system === 'us' ? 'in' : 'mm', (unit) => LENGTHS[unit] ?? null);
  return sum !== null && sum <= 100 ? rounded(sum, 1e9) : null;
}

/**
 * Reads a height over the sea, below it with a minus: "300", "984 ft". A bare number is metres, or feet.
 * @example parseAltitudeM('1000', 'us') // 304.8
 */
export function parseAltitudeM(text: string, system: System): number | null {
  const [, sign, rest = ''] = /^\s*([-−]?)\s*(.*)$/s.exec(text)!;
  const sum = sumOf(
    rest.replace(/f(?:oo|ee)t\b/gi, 'ft'),
    system === 'us' ? 'ft' : 'm',
    (unit) => LENGTHS[unit] ?? null,
  );
  return sum === null || sum > 10_000 ? null : sign ? -sum : sum;
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
 * Reads a duration: "7:10" (minutes and seconds), "1:30:00", "90 s", "1 h 20 min";
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
