import {
  fahrenheitFrom,
  type Kitchen,
  parseMassKg,
  parseNumber,
  parseTempC,
  printDuration,
  printGrams,
  printMass,
  printTemp,
} from '@ember-fold/core';

/** Everything a sentence needs to print figures in the cook's own units. */
export interface Printer {
  readonly temperature: 'C' | 'F';
  /** A mass on the scale or on the plate: grams in both systems, for nobody weighs a pastry in cups. */
  mass(kg: number): string;
  /** A mass of one ingredient, in grams or cups and spoons. */
  measure(kg: number, densityKgPerM3: number): string;
  temp(c: number): string;
  /** A difference of temperatures. */
  tempSpan(c: number): string;
  /** The same to a tenth. */
  tempSpanFine(c: number): string;
  mm(m: number): string;
  ml(m3: number): string;
  percent(share: number): string;
  time(s: number): string;
  /** In the cook's own money, to its hundredth. */
  money(amount: number): string;
  /** A stretch to the minute: "38 min", "1 h 12 min". */
  span(s: number): string;
  /** How soon, for large figures: "95 s", "7 min". */
  soon(s: number): string;
  clock(ms: number): string;
  day(ms: number): string;
  /** A temperature without its unit, for fields and charts. */
  degrees(c: number): number;
  readonly units: 'grams' | 'cups';
  readMass(text: string, densityKgPerM3: number): number | null;
  readTemp(text: string): number | null;
}

const CLOCK = {
  12: new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit', hour12: true }),
  24: new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' }),
};
const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });
const DATE = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

/** @example "5 January 2030" */
export function printDate(ms: number): string {
  return DATE.format(ms);
}

/** A number with at most `digits` decimals and no trailing zeros. */
export function plain(value: number, digits = 1): string {
  return String(Number(value.toFixed(digits)));
}

/**
 * A fixed sentence in the cook's units: temperatures stand in it as °C in braces, lengths as mm.
 * @example withTemps('Heat to {150}.', printer) // "Heat to 150 °C."
 */
export function withTemps(sentence: string, p: Pick<Printer, 'temp' | 'mm'>): string {
  return sentence
    .replace(/\{(-?\d+)\}/g, (_, c: string) => p.temp(Number(c)))
    .replace(/\{(\d+) mm\}/g, (_, mm: string) => p.mm(Number(mm) / 1000));
}

/** Reads millimetres into metres. */
export function readMm(text: string): number | null {
  const value = parseNumber(text.replace(/\s*mm$/i, ''));
  return value === null ? null : value / 1000;
}

/** Reads a whole number. */
export function readWhole(text: string): number | null {
  const value = parseNumber(text);
  return value !== null && Number.isInteger(value) ? value : null;
}

/** Letters stand after the amount, signs before it. */
function withSign(amount: string, currency: string | undefined): string {
  if (currency === undefined) return amount;
  return /^\p{L}/u.test(currency) ? `${amount} ${currency}` : `${currency}${amount}`;
}

export function makePrinter(
  kitchen: Pick<Kitchen, 'units' | 'temperature' | 'measures' | 'currency' | 'hours'>,
): Printer {
  const { units, temperature, measures, currency, hours = 24 } = kitchen;
  return {
    temperature,
    mass: (kg) => `${printGrams(kg)} g`,
    measure: (kg, density) => printMass(kg, density, units, measures),
    temp: (c) => printTemp(c, temperature),
    tempSpan: (c) => `${Math.round(temperature === 'F' ? c * 1.8 : c)} °${temperature}`,
    tempSpanFine: (c) => `${plain(temperature === 'F' ? c * 1.8 : c)} °${temperature}`,
    mm: (m) => `${plain(m * 1000, 1)} mm`,
    ml: (m3) => `${Math.round(m3 * 1e6)} ml`,
    percent: (share) => `${Math.round(share * 100)} %`,
    time: printDuration,
    money: (amount) => withSign(amount.toFixed(2), currency),
    soon: (s) => (s < 120 ? `${Math.max(0, Math.round(s))} s` : printDuration(Math.round(s / 60) * 60)),
    span: (s) => (s < 3570 ? `${Math.max(1, Math.round(s / 60))} min` : printDuration(Math.round(s / 60) * 60)),
    clock: (ms) => CLOCK[hours].format(ms).replace(/\s*([AP])M$/, (_, half: string) => ` ${half.toLowerCase()}m`),
    day: (ms) => DAY.format(ms),
    degrees: (c) => (temperature === 'F' ? fahrenheitFrom(c) : c),
    units,
    readMass: (text, density) => parseMassKg(text, density, measures),
    readTemp: (text) => parseTempC(text, temperature),
  };
}

/** Reads millilitres or litres into cubic metres. */
export function readMl(text: string): number | null {
  const match = /^(.*?)\s*(ml|l|dl)?$/i.exec(text.trim());
  const value = match ? parseNumber(match[1]!) : null;
  if (value === null) return null;
  const unit = match?.[2]?.toLowerCase() ?? 'ml';
  return (value * (unit === 'l' ? 1000 : unit === 'dl' ? 100 : 1)) / 1e6;
}

const DAY_S = 86_400;
/** How long something keeps: in days where it is more than a day and a half. */
export const keepsFor = (s: number, p: Pick<Printer, 'span'>): string =>
  s >= 1.5 * DAY_S ? `${Math.round(s / DAY_S)} days` : p.span(s);

export function listNames(names: readonly string[]): string {
  if (names.length <= 1) return names.join('');
  return `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
}

/** A moment of the cook's day; of another day than the meal's with that day. */
export function dayAndClock(ms: number, eatMs: number, p: Pick<Printer, 'clock' | 'day'>): string {
  return p.day(ms) === p.day(eatMs) ? p.clock(ms) : `${p.clock(ms)} ${p.day(ms)}`;
}
