import { type ReadingColumns, readingsOf, type ReadingTable, readingTable } from '@ember-fold/core/files';
import { expose } from 'comlink';

/** What of a thermometer's file the page shows. */
export interface OpenedReadings {
  readonly columns: readonly string[];
  /** `null`: no two columns look like time and temperature. */
  readonly guess: ReadingColumns | null;
  readonly firstMs: number | null;
  readonly isLocal: boolean;
}

/** What the file says by the columns that were chosen. */
export interface ReadingsGlance {
  readonly count: number;
  /** s from the first to the last. */
  readonly lastS: number;
  /** °C; of no reading, infinite. */
  readonly lowC: number;
  readonly highC: number;
  readonly refused: readonly number[];
  readonly refusedCount: number;
}

/** Columns and where in the record the first reading belongs, s after the stove was lit. */
export interface ReadingsPlace {
  readonly columns: ReadingColumns;
  readonly fromS: number;
}

let table: ReadingTable = { columns: [], rows: [], guess: null };

const worker = {
  /** The file stays here: two hundred thousand lines would hold up the page each time they were handed over. */
  async open(file: Blob): Promise<OpenedReadings> {
    table = readingTable(await file.text());
    const { columns, guess } = table;
    if (!guess) return { columns, guess, firstMs: null, isLocal: false };
    const { firstMs, isLocal } = readingsOf(table, guess);
    return { columns, guess, firstMs, isLocal };
  },

  glance(columns: ReadingColumns): ReadingsGlance {
    const { readings, refused, refusedCount } = readingsOf(table, columns);
    let [lowC, highC] = [Infinity, -Infinity];
    for (const [, c] of readings) [lowC, highC] = [Math.min(lowC, c), Math.max(highC, c)];
    return { count: readings.length, lastS: readings.at(-1)?.[0] ?? 0, lowC, highC, refused, refusedCount };
  },

  /** A record's file with these readings in the place of its own, as JSON. @param document the file as it is */
  place(document: string, { columns, fromS }: ReadingsPlace): string {
    const readings = readingsOf(table, columns).readings.map(([s, c]) => [s + fromS, c]);
    const whole = JSON.parse(document) as { readonly items: readonly { readonly kind: string }[] };
    const items = whole.items.map((item) => (item.kind === 'record' ? { ...item, readings } : item));
    return JSON.stringify({ ...whole, items });
  },
};

export type ReadingsWorker = typeof worker;
expose(worker);
