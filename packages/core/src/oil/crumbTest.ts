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

const middleC = ({ leastC, mostC }: CrumbRange): number => (leastC + mostC) / 2;

/**
 * What a crumb does in oil that is right for a plan. The one rule for the run-sheet, the sheet
 * without a thermometer and the stove.
 * @example wantedCrumb(151) // 'lazy'
 */
export function wantedCrumb(oilC: number): CrumbAnswer {
  const awayC = (answer: CrumbAnswer) => Math.abs(middleC(RANGES[answer]) - oilC);
  return CRUMB_ANSWERS.reduce((near, answer) => (awayC(answer) < awayC(near) ? answer : near));
}

/** What an answer says of the oil that a plan wants. */
export interface CrumbReading {
  readonly verdict: 'cooler' | 'right' | 'hotter';
  /** Of what the answer may mean, the oil nearest to the plan's, and how sure that is, °C. */
  readonly tempC: number;
  readonly spreadC: number;
}

/** @example readCrumb('lazy', 151).verdict // 'right' */
export function readCrumb(answer: CrumbAnswer, oilC: number): CrumbReading {
  const { leastC, mostC } = RANGES[answer];
  const away = CRUMB_ANSWERS.indexOf(answer) - CRUMB_ANSWERS.indexOf(wantedCrumb(oilC));
  return {
    verdict: away === 0 ? 'right' : away < 0 ? 'cooler' : 'hotter',
    // An answer that is right is oil to fry in, wherever in its range the plan lies.
    tempC: away === 0 ? oilC : Math.min(mostC, Math.max(leastC, oilC)),
    spreadC: (mostC - leastC) / 2,
  };
}

/**
 * What a crumb does in oil of this temperature: the answer whose range is nearest.
 * @example crumbIn(158) // 'steady'
 */
export function crumbIn(oilC: number): CrumbAnswer {
  const awayC = (answer: CrumbAnswer) => {
    const { leastC, mostC } = RANGES[answer];
    return Math.max(leastC - oilC, oilC - mostC, 0);
  };
  return CRUMB_ANSWERS.reduce((near, answer) => (awayC(answer) < awayC(near) ? answer : near));
}
