/** Where a row stands on the page, px. */
export interface RowPlace {
  readonly top: number;
  readonly bottom: number;
}

/**
 * The row that a height on the page is in, rows being as high as what stands in them. Beyond the first
 * or the last it is that one.
 * @returns its index; -1 where there is no row
 */
export function rowUnder(rows: readonly RowPlace[], y: number): number {
  const found = rows.findIndex(({ bottom }) => y < bottom);
  return found === -1 ? rows.length - 1 : found;
}
