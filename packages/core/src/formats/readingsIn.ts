import Papa from 'papaparse';

/** How a column tells time. */
export type TimeKind = 'seconds' | 'minutes' | 'clock' | 'moment';

/** Which columns of a logger's file are what. */
export interface ReadingColumns {
  readonly time: number;
  readonly temp: number;
  readonly timeKind: TimeKind;
  readonly unit: 'C' | 'F';
}

/** A logger's file as a table, and what its columns seem to be. */
export interface ReadingTable {
  /** Names of the columns, or their numbers where the file names none. */
  readonly columns: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** `null`: no two columns look like time and temperature. */
  readonly guess: ReadingColumns | null;
}

/** Readings of a file, from its first one on. */
export interface ReadingsRead {
  /** s after the first, and °C; in order. */
  readonly readings: readonly (readonly [atS: number, c: number])[];
  /** The moment of the first, ms since the epoch; `null`: the file says no day. */
  readonly firstMs: number | null;
  /** The file says no zone: `firstMs` is what a clock of UTC would have shown. */
  readonly isLocal: boolean;
  /** Lines that are no reading, from 1, the first hundred. */
  readonly refused: readonly number[];
  readonly refusedCount: number;
}

/** As many lines are read. */
export const MOST_READINGS = 200_000;
const CLOCK = /^(?:(\d{1,3}):)?(\d{1,2}):(\d{1,2}(?:[.,]\d+)?)$/;
const MOMENT =
  /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})[ T]+(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*(Z|[+-]\d\d:?\d\d)?$/i;
const ZONE = /\d(?:Z|[+-]\d\d:?\d\d)$/i;
/** Day first, where dots or the first number say so. */
const DAY_FIRST = /^(\d{1,2})[./](\d{1,2})[./](\d{4})[ T]+(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?$/;

function numberOf(text: string): number {
  // Cut from the end by hand: a pattern that may begin at any of many spaces takes hours over a hostile line.
  let plain = text.trim();
  if (/[CF]$/i.test(plain)) plain = plain.slice(0, -1).trimEnd();
  if (plain.endsWith('°')) plain = plain.slice(0, -1).trimEnd();
  return /^[+-]?\d+(?:[.,]\d+)?$/.test(plain) ? Number(plain.replace(',', '.')) : NaN;
}

/** Seconds since the epoch; NaN: no moment. Without a zone it is taken as UTC: only differences count. */
function momentS(text: string): number {
  const said = text.trim();
  const iso = MOMENT.exec(said);
  if (iso) {
    const [, y, mo, d, h, mi, s = '0', zone = 'Z'] = iso;
    const pad = (part: string | undefined) => String(part).padStart(2, '0');
    const day = Date.parse(
      `${y}-${pad(mo)}-${pad(d)}T${pad(h)}:${mi}:00${zone.replace(/^([+-]\d\d)(\d\d)$/, '$1:$2')}`,
    );
    return day / 1000 + Number(s.replace(',', '.'));
  }
  const [, first, second, y, h, mi, s = '0'] = DAY_FIRST.exec(said) ?? [];
  if (y === undefined) return NaN;
  const dots = said.includes('.') || Number(first) > 12;
  const [d, mo] = dots ? [first, second] : [second, first];
  return Date.UTC(Number(y), Number(mo) - 1, Number(d), Number(h), Number(mi)) / 1000 + Number(s.replace(',', '.'));
}

function clockS(text: string): number {
  const [, h = '0', mi, s] = CLOCK.exec(text.trim()) ?? [];
  return s === undefined ? NaN : Number(h) * 3600 + Number(mi) * 60 + Number(s.replace(',', '.'));
}

const READ: Readonly<Record<TimeKind, (text: string) => number>> = {
  seconds: numberOf,
  minutes: (text) => 60 * numberOf(text),
  clock: clockS,
  moment: momentS,
};

/** Share of values that can be read so. */
function shareOf(values: readonly string[], read: (text: string) => number): number {
  return values.length === 0 ? 0 : values.filter((text) => Number.isFinite(read(text))).length / values.length;
}

const MOSTLY = 0.8;
const isRising = (values: readonly number[]): boolean =>
  values.length > 1 && values.every((value, i) => i === 0 || value >= values[i - 1]!) && values.at(-1)! > values[0]!;

function guessColumns(names: readonly string[], rows: readonly (readonly string[])[]): ReadingColumns | null {
  const sample = rows.slice(0, 400);
  const column = (i: number) => sample.map((row) => row[i] ?? '').filter((text) => text.trim() !== '');
  const of = names.map((name, i) => {
    const values = column(i);
    const kind = (['moment', 'clock', 'seconds'] as const).find((one) => shareOf(values, READ[one]) >= MOSTLY) ?? null;
    const numbers = values.map(numberOf).filter(Number.isFinite);
    return { i, name: name.toLowerCase(), kind, numbers };
  });
  const timed =
    of.find(({ kind, name }) => kind !== null && kind !== 'seconds' && !/temp/.test(name)) ??
    of.find(
      ({ kind, name }) =>
        kind === 'seconds' && /time|zeit|sec|min|temps$|hora|elapsed|^s$/.test(name) && !/temp\b/.test(name),
    ) ??
    of.find(({ kind, numbers }) => kind === 'seconds' && isRising(numbers));
  if (!timed) return null;
  const temps = of.filter(({ i, kind }) => i !== timed.i && kind === 'seconds');
  const temp =
    temps.find(({ name }) => /temp|°|probe|oil|öl|fühler|\bc\b|\bf\b|celsius|fahrenheit/.test(name)) ??
    temps.find(({ numbers }) => Math.max(...numbers) > 30 && Math.max(...numbers) < 700);
  if (!temp) return null;
  const most = Math.max(...temp.numbers);
  const isF = /°?f\b|fahrenheit/.test(temp.name) || (!/°?c\b|celsius/.test(temp.name) && most > 260);
  const timeKind =
    timed.kind === 'seconds' && /min/.test(timed.name) && !/sec/.test(timed.name) ? 'minutes' : timed.kind!;
  return { time: timed.i, temp: temp.i, timeKind, unit: isF ? 'F' : 'C' };
}

/**
 * Reads the file of some thermometer as a table and guesses its columns; commas, semicolons, tabs,
 * decimal commas and lines before the heading are taken as they come.
 * @example readingTable('s;oil_c\n0;20,5\n1;21').guess.temp // 1
 */
export function readingTable(text: string): ReadingTable {
  const clean = text.replace(/^\uFEFF/, '').replaceAll('\0', '');
  const delimiter = [';', '\t', ','].find((sign) => clean.slice(0, 4000).includes(sign)) ?? ',';
  const { data } = Papa.parse<string[]>(clean, { delimiter, skipEmptyLines: 'greedy', preview: MOST_READINGS + 50 });
  const width = Math.max(0, ...data.slice(0, 200).map((row) => row.length));
  const first = data.findIndex(
    (row) =>
      row.length >= Math.min(2, width) && row.some((cell) => Number.isFinite(numberOf(cell)) && cell.trim() !== ''),
  );
  if (width < 2 || first < 0) return { columns: [], rows: [], guess: null };
  const head = first > 0 ? data[first - 1]! : [];
  const columns = Array.from({ length: width }, (_, i) => head[i]?.trim() || String(i + 1));
  const rows = data.slice(first);
  return { columns, rows, guess: guessColumns(columns, rows) };
}

const DAY_S = 86_400;

/**
 * The readings of a table by the columns that were guessed or chosen. A clock that passes midnight
 * goes on; what is no reading, or lies before the one above it, is reported with its line number.
 * @example readingsOf(readingTable('s,c\n5,20\n6,21'), { time: 0, temp: 1, timeKind: 'seconds', unit: 'C' }).readings // [[0, 20], [1, 21]]
 */
export function readingsOf({ rows }: ReadingTable, { time, temp, timeKind, unit }: ReadingColumns): ReadingsRead {
  const readings: [number, number][] = [];
  const refused: number[] = [];
  let refusedCount = 0;
  let firstS: number | null = null;
  let added = 0;
  let last = -Infinity;
  rows.forEach((row, i) => {
    const said = READ[timeKind](row[time] ?? '');
    const shown = numberOf(row[temp] ?? '');
    const c = unit === 'F' ? (shown - 32) / 1.8 : shown;
    let atS = said + added;
    // Past midnight a clock begins again; anything else that goes back is no reading.
    if (timeKind === 'clock' && atS < last - DAY_S / 2) {
      added += DAY_S;
      atS += DAY_S;
    }
    if (!Number.isFinite(atS) || !Number.isFinite(c) || Math.abs(c) > 1000 || atS <= last) {
      refusedCount += 1;
      if (refused.length < 100) refused.push(i + 1);
      return;
    }
    last = atS;
    firstS ??= atS;
    readings.push([Math.round((atS - firstS) * 1000) / 1000, c]);
  });
  const firstMs = timeKind === 'moment' && firstS !== null ? Math.round(firstS * 1000) : null;
  const isLocal = !rows.some((row) => ZONE.test((row[time] ?? '').trim()));
  return { readings, firstMs, isLocal, refused, refusedCount };
}
