import { fahrenheitFrom, M3_PER_ML, type Measures } from './units.js';

const FRACTIONS: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 8, '1/8'],
  [1 / 4, '1/4'],
  [1 / 3, '1/3'],
  [1 / 2, '1/2'],
  [2 / 3, '2/3'],
  [3 / 4, '3/4'],
  [1, ''],
];

/** "1 1/2" for 1.52: the nearest measure that hangs on the hook. */
function printFraction(value: number): string {
  let best: readonly [number, string] = FRACTIONS[0]!;
  let whole = Math.floor(value);
  const rest = value - whole;
  for (const entry of FRACTIONS) {
    if (Math.abs(entry[0] - rest) < Math.abs(best[0] - rest)) best = entry;
  }
  if (best[0] === 1) whole += 1;
  const parts = [whole > 0 ? String(whole) : '', best[1]].filter(Boolean);
  return parts.length > 0 ? parts.join(' ') : '0';
}

/** Grams as a kitchen scale shows them: tenths under 10 g, whole grams above. */
export function printGrams(massKg: number): string {
  const grams = massKg * 1000;
  if (grams < 9.95) return String(Math.round(grams * 10) / 10);
  const whole = String(Math.round(grams));
  return whole.length > 3 ? `${whole.slice(0, -3)} ${whole.slice(-3)}` : whole;
}

/**
 * Prints a mass in the cook's system: "640 g", or "2 1/2 cup" and "1 1/2 tsp" by the
 * ingredient's density, rounded to what cups and spoons can do.
 *
 * @example printMass(0.03, 1000, 'cups', METRIC_MEASURES) // '2 tbsp'
 */
export function printMass(massKg: number, densityKgPerM3: number, units: 'grams' | 'cups', measures: Measures): string {
  if (units === 'grams') return `${printGrams(massKg)} g`;
  const ml = massKg / (densityKgPerM3 * M3_PER_ML);
  const spoons = ml / measures.teaspoonMl;
  if (ml >= measures.cupMl * 0.24) return `${printFraction(ml / measures.cupMl)} cup`;
  if (spoons >= 2.9) return `${printFraction(spoons / 3)} tbsp`;
  if (spoons >= 0.1) return `${printFraction(spoons)} tsp`;
  return spoons > 0 ? 'a pinch' : '0 tsp';
}

/** @example printTemp(158.2, 'C') // '158 °C' */
export function printTemp(tempC: number, unit: 'C' | 'F'): string {
  return `${Math.round(unit === 'F' ? fahrenheitFrom(tempC) : tempC)} °${unit}`;
}

/** Minutes and seconds: 430 → "7:10"; an hour and more as "1 h 12". */
export function printDuration(durationS: number): string {
  const whole = Math.max(0, Math.round(durationS));
  if (whole >= 3600) {
    const minutes = Math.round(whole / 60);
    return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
  }
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
