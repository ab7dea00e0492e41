import { fahrenheitFrom, M3_PER_ML, type Measures } from './units.js';

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
  tsp: [0, 1, 2, 3, 4, 5, 6, 7].map((n) => [n / 8, ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'][n]!] as const),
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
/** Near enough for fewer measures: a quarter of a per cent, or a sixteenth of a teaspoon. */
const NEAR_SHARE = 0.0025;
const NEAR_TSP = 1 / 16;
const MOST_TSP = 12;
const MOST_TBSP = 8;
/** What reading back may add to an amount that lies on a limit. */
const EXACT = 1e-9;

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
  return { text: texts.join(' '), ml: ml - rest };
}

/** "2 1/2 cup 1 tbsp": the fewest measures that come near enough, else the nearest. */
function measured(ml: number, { cupMl, teaspoonMl }: Measures): Amount | null {
  const unitMl = { cup: cupMl, tbsp: 3 * teaspoonMl, tsp: teaspoonMl };
  const near = Math.max(NEAR_SHARE * ml, NEAR_TSP * teaspoonMl);
  let best: Amount | null = null;
  for (const way of WAYS) {
    // Nobody counts thirty teaspoons.
    if (way[0] === 'tsp' && ml > MOST_TSP * teaspoonMl * (1 + EXACT)) continue;
    if (way[0] === 'tbsp' && ml > MOST_TBSP * unitMl.tbsp * (1 + EXACT)) continue;
    const amount = amountIn(ml, way, unitMl);
    if (!amount) continue;
    if (Math.abs(amount.ml - ml) <= near) return amount;
    if (!best || Math.abs(amount.ml - ml) < Math.abs(best.ml - ml)) best = amount;
  }
  return best;
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
 * Prints a mass in the cook's system: "640 g", or "2 1/2 cup 1 tbsp" and "1 1/2 tsp" by the
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
  // Rounded once, fewer measures may do: settle, so that reading it back prints the same.
  let amount = measured(ml, measures);
  for (let again = 0; amount && again < 3; again++) amount = measured(amount.ml, measures);
  return amount?.text ?? 'a pinch';
}

/** @example printTemp(158.2, 'C') // '158 °C' */
export function printTemp(tempC: number, unit: 'C' | 'F'): string {
  const whole = Math.round(unit === 'F' ? fahrenheitFrom(tempC) : tempC);
  return `${whole < 0 ? '−' : ''}${Math.abs(whole)} °${unit}`;
}

/**
 * A stretch of time, never like a clock's: seconds under a minute, then minutes and seconds, from
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
