/** Inclusive range. */
export interface Range {
  readonly least: number;
  readonly most: number;
}
