/** Inclusive range. */
export interface Band {
  readonly least: number;
  readonly most: number;
}
