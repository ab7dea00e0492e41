import { type Queries } from '../db/gate.js';

/** How items of one kind are kept. */
export interface ItemTable<T> {
  /** All of them, or those asked for, in a lasting order. */
  list(q: Queries, ids: readonly string[] | null): Promise<T[]>;
  /** Adds an item, or replaces the one with its id. */
  write(q: Queries, item: T, isNew: boolean): Promise<void>;
  /** @throws when something still needs it */
  remove(q: Queries, id: string): Promise<void>;
}

/** Rows of the ids asked for, or all. */
export function wanted(ids: readonly string[] | null, column = 'id'): { sql: string; values: string[] } {
  if (ids === null) return { sql: '', values: [] };
  if (ids.length === 0) return { sql: 'WHERE FALSE', values: [] };
  return { sql: `WHERE ${column} IN (${ids.map(() => '?').join(', ')})`, values: [...ids] };
}

/** Rows by what they belong to, in their order. */
export function groupBy<T>(rows: readonly T[], keyOf: (row: T) => string): Map<string, T[]> {
  const found = new Map<string, T[]>();
  for (const row of rows) {
    const own = found.get(keyOf(row));
    if (own) own.push(row);
    else found.set(keyOf(row), [row]);
  }
  return found;
}

export const among = <T extends { readonly id: string }>(items: T[], ids: readonly string[] | null): T[] =>
  ids === null ? items : items.filter(({ id }) => ids.includes(id));
