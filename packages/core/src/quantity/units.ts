/**
 * The one table of exact factors. Everything inside core is SI (°C for temperatures);
 * people's units exist only at the edges. Source: international yard and pound agreement
 * (oz, lb), US customary cup; spoons and cups are a kitchen setting.
 */
export const KG_PER_G = 0.001;
export const KG_PER_OZ = 0.028_349_523_125;
export const KG_PER_LB = 0.453_592_37;
export const M3_PER_ML = 1e-6;
export const ML_PER_L = 1000;
export const ML_PER_DL = 100;
export const M_PER_IN = 0.0254;
export const M_PER_FT = 0.3048;
/** US liquid quart and fluid ounce. */
export const ML_PER_QT = 946.352_946;
export const ML_PER_FL_OZ = 29.573_529_562_5;
export const S_PER_MIN = 60;
export const S_PER_HOUR = 3600;

/** Lengths, volumes and weights on the scale: grams, millimetres and litres, or ounces, inches and quarts. */
export type System = 'metric' | 'us';

/**
 * Where cups and °F are used, all else is US too: nobody who measures in cups and °F owns a metric rule.
 * @example systemOf({ units: 'cups', temperature: 'F' }) // 'us'
 */
export function systemOf({
  units,
  temperature,
}: {
  readonly units: 'grams' | 'cups';
  readonly temperature: 'C' | 'F';
}): System {
  return units === 'cups' && temperature === 'F' ? 'us' : 'metric';
}

/** Which measuring set hangs in this kitchen. */
export interface Measures {
  /** ml in a cup: 236.588 (US customary) or 250 (metric). */
  readonly cupMl: number;
  /** ml in a teaspoon: 4.929 or 5. A tablespoon is three. */
  readonly teaspoonMl: number;
}

export const METRIC_MEASURES: Measures = { cupMl: 250, teaspoonMl: 5 };
export const CUSTOMARY_MEASURES: Measures = { cupMl: 236.588_236_5, teaspoonMl: 4.928_921_594 };

/** @example celsiusFrom(350) // 176.67 */
export function celsiusFrom(fahrenheit: number): number {
  return ((fahrenheit - 32) * 5) / 9;
}

/** @example fahrenheitFrom(100) // 212 */
export function fahrenheitFrom(celsius: number): number {
  return (celsius * 9) / 5 + 32;
}
