/** What a crumb of dough does in the oil. */
export type CrumbAnswer = 'sits' | 'lazy' | 'steady' | 'jumps';
export const CRUMB_ANSWERS: readonly CrumbAnswer[] = ['sits', 'lazy', 'steady', 'jumps'];

/** An answer is a range, never a number. Source: docs/models/practice.md. */
export interface CrumbRange {
  readonly leastC: number;
  readonly mostC: number;
  /** Pieces can go in. */
  readonly fries: boolean;
}

const RANGES: Readonly<Record<CrumbAnswer, CrumbRange>> = {
  sits: { leastC: 100, mostC: 130, fries: false },
  lazy: { leastC: 140, mostC: 155, fries: true },
  steady: { leastC: 160, mostC: 175, fries: true },
  jumps: { leastC: 185, mostC: 200, fries: false },
};

/** @example crumbRange('steady').leastC // 160 */
export function crumbRange(answer: CrumbAnswer): CrumbRange {
  return RANGES[answer];
}
