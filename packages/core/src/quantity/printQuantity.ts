import {
  fahrenheitFrom,
  KG_PER_OZ,
  M3_PER_ML,
  M_PER_FT,
  M_PER_IN,
  type Measures,
  ML_PER_QT,
  type System,
} from './units.js';

/** Parts of one measure that hang on the hook, and how they are written. */
const PARTS: Readonly<Record<string, readonly (readonly [number, string])[]>> = {
  cup: [
    [0, ''],
    [1 / 4, '1/4'],
    [1 / 3, '1/3'],
    [1 / 2, '1/2'],
    [2 / 3, '2/3'],
    [3 / 4, '3/4'],
  ],
  tbsp: [
    [0, ''],
    [1 / 2, '1/2'],
  ],
  tsp: [
    [0, ''],
    [1 / 8, '1/8'],
    [1 / 4, '1/4'],
    [1 / 2, '1/2'],
    [3 / 4, '3/4'],
  ],
};
type Measure = 'cup' | 'tbsp' | 'tsp';
/** Fewest measures first: a cook reaches for one cup rather than for a cup and a spoon. */
const WAYS: readonly (readonly Measure[])[] = [
  ['cup'],
  ['tbsp'],
  ['tsp'],
  ['cup', 'tbsp'],
  ['cup', 'tsp'],
  ['tbsp', 'tsp'],
  ['cup', 'tbsp', 'tsp'],
];
/** Near enough for fewer measures: a cup itself weighs what it weighs only within 8 %; leaven and salt go by small spoons. */
const NEAR_SHARE = 0.015;
const NEAR_CUP_SHARE = 0.025;
const NEAR_TSP = 1 / 16;
/** From here on the next larger measure is reached for. */
const MOST_TSP = 3;
const MOST_TBSP = 4;
/** An amount on a limit is still measured with the smaller measure. */
const ABOUT = 0.05;

interface Amount {
  readonly text: string;
  readonly ml: number;
}

/** The nearest (last measure) or next lower (others) amount of one measure. */
function amountOf(ml: number, unit: Measure, unitMl: number, isLast: boolean): Amount | null {
  const whole = Math.floor(ml / unitMl + 1e-9);
  let best: Amount | null = null;
  for (const [add, extra] of [...PARTS[unit]!.map(([part]) => [0, part] as const), [1, 0] as const]) {
    const value = whole + add + extra;
    // Half a tablespoon alone is written in teaspoons.
    const tooLittle = unit === 'tbsp' ? value < 1 : !(value > 0);
    if (tooLittle || (!isLast && value * unitMl > ml * (1 + 1e-9))) continue;
    if (best && Math.abs(best.ml - ml) <= Math.abs(value * unitMl - ml)) continue;
    const parts = [whole + add > 0 ? String(whole + add) : '', PARTS[unit]!.find(([part]) => part === extra)![1]];
    best = { text: `${parts.filter(Boolean).join(' ')} ${unit}`, ml: value * unitMl };
  }
  return best;
}

/** An amount in these measures, largest first; `null` when one of them would hold nothing. */
function amountIn(ml: number, way: readonly Measure[], unitMl: Readonly<Record<Measure, number>>): Amount | null {
  let rest = ml;
  const texts: string[] = [];
  for (const [i, unit] of way.entries()) {
    const amount = amountOf(rest, unit, unitMl[unit], i === way.length - 1);
    if (!amount) return null;
    texts.push(amount.text);
    rest -= amount.ml;
  }
  return { text: texts.join(' + '), ml: ml - rest };
}

/** "2 1/2 cup + 1 tbsp": the fewest measures that come near enough, else the nearest. */
function measured(of: number, { cupMl, teaspoonMl }: Measures): Amount | null {
  // What is read back is the same to the last digit but one.
  const ml = Math.round(of * 1e6) / 1e6;
  const unitMl = { cup: cupMl, tbsp: 3 * teaspoonMl, tsp: teaspoonMl };
  const near = Math.max((ml < cupMl / 5 ? NEAR_SHARE : NEAR_CUP_SHARE) * ml, NEAR_TSP * teaspoonMl);
  const amounts = WAYS.flatMap((way) => {
    // Nobody counts thirty teaspoons.
    if (way[0] === 'tsp' && ml > MOST_TSP * teaspoonMl * (1 + ABOUT)) return [];
    if (way[0] === 'tbsp' && ml > MOST_TBSP * unitMl.tbsp * (1 + ABOUT)) return [];
    return amountIn(ml, way, unitMl) ?? [];
  });
  const off = (amount: Amount) => Math.abs(amount.ml - ml);
  return (
    amounts.find((amount) => off(amount) <= near) ??
    amounts.reduce<Amount | null>((best, amount) => (best && off(best) <= off(amount) ? best : amount), null)
  );
}

/** Rounded once, fewer measures may do: settles, so that reading it back prints the same. */
function settled(ml: number, measures: Measures): Amount | null {
  let amount = measured(ml, measures);
  for (let again = 0; amount && again < 3; again++) amount = measured(amount.ml, measures);
  return amount;
}

/**
 * Grams as a kitchen scale shows them: tenths under 10 g, whole grams above.
 * @example printGrams(1.6) // '1 600'
 */
export function printGrams(massKg: number): string {
  const grams = massKg * 1000;
  if (grams < 9.95) return String(Math.round(grams * 10) / 10);
  const whole = String(Math.round(grams));
  return whole.length > 3 ? `${whole.slice(0, -3)} ${whole.slice(-3)}` : whole;
}

/**
 * Prints a mass in the cook's system: "640 g", or "2 1/2 cup + 1 tbsp" and "1 1/2 tsp" by the
 * ingredient's density, as near as cups and spoons can be filled. Reading it and printing it
 * again gives the same text.
 *
 * @example printMass(0.03, 1000, 'cups', METRIC_MEASURES) // '2 tbsp'
 */
export function printMass(massKg: number, densityKgPerM3: number, units: 'grams' | 'cups', measures: Measures): string {
  if (units === 'grams') return `${printGrams(massKg)} g`;
  const ml = massKg / (densityKgPerM3 * M3_PER_ML);
  if (!(ml > 0)) return '0 tsp';
  if (ml < 0.1 * measures.teaspoonMl) return 'a pinch';
  return settled(ml, measures)?.text ?? 'a pinch';
}

/** @example printTemp(158.2, 'C') // '158 °C' */
export function printTemp(tempC: number, unit: 'C' | 'F'): string {
  const whole = Math.round(unit === 'F' ? fahrenheitFrom(tempC) : tempC);
  return `${whole < 0 ? '−' : ''}${Math.abs(whole)} °${unit}`;
}

/**
 * A duration, never like a time of day: seconds under a minute, then minutes and seconds, from
 * an hour on hours and minutes.
 *
 * @example printDuration(1000) // '16 min 40 s'
 */
export function printDuration(durationS: number): string {
  const whole = Math.max(0, Math.round(durationS));
  if (whole < 60) return `${whole} s`;
  if (whole < 3600) {
    const seconds = whole % 60;
    return `${Math.floor(whole / 60)} min${seconds === 0 ? '' : ` ${seconds} s`}`;
  }
  const minutes = Math.round(whole / 60);
  return `${Math.floor(minutes / 60)} h${minutes % 60 === 0 ? '' : ` ${minutes % 60} min`}`;
}

/** A whole number with a fraction in its lowest terms: "4 1/2", "3/32", "0". */
function withFraction(parts: number, of: number): string {
  const whole = Math.floor(parts / of);
  let [top, bottom] = [parts - whole * of, of];
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  if (top === 0) return String(whole);
  return `${whole > 0 ? `${whole} ` : ''}${top}/${bottom}`;
}

/** Inches are read off a rule to so many parts of one: finer where dough is rolled, coarser across a pot. */
const IN_PARTS = [
  [0.5, 32],
  [6, 16],
  [Infinity, 8],
] as const;
/** Shorter than this a rule shows nothing, in. */
const LEAST_IN = 1 / 64;

/**
 * A length as it is measured: millimetres to the tenth, or inches in fractions of a rule. Reading it
 * and printing it again gives the same text.
 * @example printLength(0.115, 'us') // '4 1/2 in'
 */
export function printLength(lengthM: number, system: System): string {
  if (system === 'metric') return `${Number((lengthM * 1000).toFixed(1))} mm`;
  const inches = Math.abs(lengthM) / M_PER_IN;
  const sign = lengthM < 0 ? '−' : '';
  const fine = Number(inches.toFixed(3));
  if (fine < LEAST_IN) return `${fine === 0 ? '' : sign}${fine} in`;
  // A length that rounds over a limit is one of the next.
  const parts = IN_PARTS.find(([most, of]) => Math.round(inches * of) / of < most)![1];
  return `${sign}${withFraction(Math.max(1, Math.round(inches * parts)), parts)} in`;
}

/** @example printAltitude(300, 'us') // '984 ft' */
export function printAltitude(heightM: number, system: System): string {
  const whole = Math.round(system === 'us' ? heightM / M_PER_FT : heightM);
  return `${whole < 0 ? '−' : ''}${Math.abs(whole)} ${system === 'us' ? 'ft' : 'm'}`;
}

/**
 * The bare number a scale shows, in grams or ounces, without pounds: for where one unit serves several.
 * @example scaleFigure(0.033, 'us') // '1.15'
 */
export function scaleFigure(massKg: number, system: System): string {
  if (system === 'metric') return printGrams(massKg);
  const ounces = massKg / KG_PER_OZ;
  if (ounces < 0.995) return String(Number(ounces < 0.1 ? ounces.toFixed(3) : ounces.toPrecision(2)));
  if (ounces < 9.975) return String(Number((Math.round(ounces * 20) / 20).toFixed(2)));
  return String(Math.round(ounces * 10) / 10);
}

/**
 * A mass on the scale: grams, or ounces, from a pound on pounds and ounces, as fine as scales show them.
 * @example printScale(0.6, 'us') // '1 lb 5.2 oz'
 */
export function printScale(massKg: number, system: System): string {
  if (system === 'metric') return `${printGrams(massKg)} g`;
  const tenths = Math.round((10 * massKg) / KG_PER_OZ);
  if (tenths < 160) return `${scaleFigure(massKg, system)} oz`;
  const rest = (tenths % 160) / 10;
  return `${Math.floor(tenths / 160)} lb${rest === 0 ? '' : ` ${rest} oz`}`;
}

/** Less than this many quarts is measured in cups. */
const LEAST_QT = 0.96;

/**
 * A volume of oil or water: millilitres, or quarts to the eighth, less of it in cups and spoons.
 * @example printVolume(0.0021, 'us', CUSTOMARY_MEASURES) // '2 1/4 qt'
 */
export function printVolume(m3: number, system: System, measures: Measures): string {
  const ml = m3 / M3_PER_ML;
  if (system === 'metric') return `${Math.round(ml)} ml`;
  // What cups round up to a quart is one.
  const inCups = ml < LEAST_QT * ML_PER_QT ? settled(ml, measures) : null;
  if (ml < 1 || (inCups && inCups.ml < LEAST_QT * ML_PER_QT)) return printMass(m3 * 1000, 1000, 'cups', measures);
  return `${withFraction(Math.round((8 * ml) / ML_PER_QT), 8)} qt`;
}
