import {
  fahrenheitFrom,
  KG_PER_LB,
  KG_PER_OZ,
  type Kitchen,
  parseAltitudeM,
  parseLengthM,
  parseMassKg,
  parseNumber,
  parseTempC,
  parseVolumeM3,
  printAltitude,
  printDuration,
  printLength,
  printMass,
  printScale,
  printTemp,
  printVolume,
  scaleFigure,
  type System,
  systemOf,
  CoreError,
  LIMITS,
} from '@ember-fold/core/plan';

/** Everything a sentence needs to print figures in the cook's own units. */
export interface Printer {
  readonly temperature: 'C' | 'F';
  readonly system: System;
  /** A mass on the scale or on the plate, grams or ounces: nobody weighs a pastry in cups. */
  mass(kg: number): string;
  /** Water to pour, weighed or in cups and spoons. */
  water(kg: number): string;
  /** The same as a bare number of `massUnit`, for where one unit serves several. */
  bareMass(kg: number): string;
  readonly massUnit: 'g' | 'oz';
  /** The same to the tenth of a gram or the hundredth of an ounce, to be read again. */
  fineMass(kg: number): string;
  /** What prices of ingredients are for. */
  readonly soldBy: { readonly name: 'kilogram' | 'pound'; readonly kg: number };
  /** A mass of one ingredient, in grams or cups and spoons. */
  measure(kg: number, densityKgPerM3: number): string;
  temp(c: number): string;
  /** A difference of temperatures. */
  tempSpan(c: number): string;
  /** The same to a tenth. */
  tempSpanFine(c: number): string;
  /** Millimetres or inches. */
  length(m: number): string;
  /** Millilitres, or quarts and cups. */
  volume(m3: number): string;
  /** Metres or feet over the sea. */
  altitude(m: number): string;
  percent(share: number): string;
  time(s: number): string;
  /** In the cook's own money, to its hundredth. */
  money(amount: number): string;
  /** A duration to the minute: "38 min", "1 h 12 min". */
  span(s: number): string;
  /** How soon, for large figures: "95 s", "7 min". */
  soon(s: number): string;
  /** Of the clock. */
  readonly hours: 12 | 24;
  clock(ms: number): string;
  day(ms: number): string;
  /** Day, month and year, in the order this kitchen writes them. */
  date(ms: number): string;
  /** A temperature without its unit, for fields and charts. */
  degrees(c: number): number;
  readonly units: 'grams' | 'cups';
  readMass(text: string, densityKgPerM3: number): number | null;
  readTemp(text: string): number | null;
  readLength(text: string): number | null;
  readVolume(text: string): number | null;
  readAltitude(text: string): number | null;
}

const CLOCK = {
  12: new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit', hour12: true }),
  24: new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' }),
};
const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });
const DATE = {
  metric: new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' }),
  us: new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'long', year: 'numeric' }),
};
/** A number with at most `digits` decimals and no trailing zeros. */
export function plain(value: number, digits = 1): string {
  return String(Number(value.toFixed(digits)));
}

/** A limit by its name, whose last letter is its unit. */
function limitText(group: string, name: string, p: Pick<Printer, 'temp' | 'span'>): string {
  const value = (LIMITS as Readonly<Record<string, Readonly<Record<string, number>>>>)[group]?.[name];
  if (value === undefined) throw new CoreError('UNKNOWN_NAME', `${group}.${name}`, 'There is no such limit.');
  return name.endsWith('S') ? p.span(value) : p.temp(value);
}

/**
 * A fixed sentence in the cook's units: temperatures stand in it as °C in braces, lengths as mm,
 * and limits by their names in `LIMITS`.
 * @example withTemps('Heat to {150}.', printer) // "Heat to 150 °C."
 */
export function withTemps(sentence: string, p: Pick<Printer, 'temp' | 'length' | 'span'>): string {
  return sentence
    .replace(/\{(\w+)\.(\w+)\}/g, (_, group: string, name: string) => limitText(group, name, p))
    .replace(/\{(-?\d+)\}/g, (_, c: string) => p.temp(Number(c)))
    .replace(/\{(\d+) mm\}/g, (_, mm: string) => p.length(Number(mm) / 1000));
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
  const system = systemOf({ units, temperature });
  return {
    temperature,
    system,
    hours,
    mass: (kg) => printScale(kg, system),
    water: (kg) => printMass(kg, 1000, units, measures),
    bareMass: (kg) => scaleFigure(kg, system),
    fineMass: (kg) => String(system === 'us' ? Number((kg / KG_PER_OZ).toFixed(2)) : Math.round(kg * 10_000) / 10),
    massUnit: system === 'us' ? 'oz' : 'g',
    soldBy: system === 'us' ? { name: 'pound', kg: KG_PER_LB } : { name: 'kilogram', kg: 1 },
    measure: (kg, density) => printMass(kg, density, units, measures),
    temp: (c) => printTemp(c, temperature),
    tempSpan: (c) => `${Math.round(temperature === 'F' ? c * 1.8 : c)} °${temperature}`,
    tempSpanFine: (c) => `${plain(temperature === 'F' ? c * 1.8 : c)} °${temperature}`,
    length: (m) => printLength(m, system),
    volume: (m3) => printVolume(m3, system, measures),
    altitude: (m) => printAltitude(m, system),
    percent: (share) => `${Math.round(share * 100)} %`,
    time: printDuration,
    money: (amount) => withSign(amount.toFixed(2), currency),
    soon: (s) => (s < 120 ? `${Math.max(0, Math.round(s))} s` : printDuration(Math.round(s / 60) * 60)),
    span: (s) => (s < 3570 ? `${Math.max(1, Math.round(s / 60))} min` : printDuration(Math.round(s / 60) * 60)),
    clock: (ms) => CLOCK[hours].format(ms).replace(/\s*([AP])M$/, (_, half: string) => ` ${half.toLowerCase()}m`),
    day: (ms) => DAY.format(ms),
    date: (ms) => DATE[system].format(ms),
    degrees: (c) => (temperature === 'F' ? fahrenheitFrom(c) : c),
    units,
    readMass: (text, density) => parseMassKg(text, density, measures, system),
    readTemp: (text) => parseTempC(text, temperature),
    readLength: (text) => parseLengthM(text, system),
    readVolume: (text) => parseVolumeM3(text, measures, system),
    readAltitude: (text) => parseAltitudeM(text, system),
  };
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
