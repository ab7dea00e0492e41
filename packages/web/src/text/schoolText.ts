import {
  type CrumbAnswer,
  type CrumbPlan,
  type FryArm,
  type FrySchool,
  type LotWay,
  type LotWayId,
  readCrumb,
} from '@ember-fold/core';
import type { Printer } from './printer';
import { CRUST_WORD } from './words';

export const SCHOOL_NAME: Record<FrySchool, string> = {
  slow: 'slow',
  rising: 'in cool oil that rises',
  hot: 'hot and quick',
  once: 'turned once',
  'each-minute': 'turned each minute',
  basted: 'basted, turned once',
  'held-under': 'held under',
  'half-depth': 'in half-depth oil',
  room: 'from the room',
  fridge: 'from the fridge',
  frozen: 'frozen, straight in',
  tempered: 'frozen, 20 min on paper',
};

/** Rows of a comparison: what is compared, and how it is said. */
export const ARM_ROWS: readonly (readonly [string, (arm: FryArm, p: Printer) => string])[] = [
  ['Oil', (arm, p) => p.temp(arm.oilC)],
  ['In the oil', (arm, p) => (arm.liftS === null ? 'no good moment' : p.time(arm.liftS))],
  ['Cooked through', (arm, p) => (arm.doneS === null ? 'not in half an hour' : p.time(arm.doneS))],
  ['Golden', (arm, p) => (arm.goldenS === null ? 'not in half an hour' : p.time(arm.goldenS))],
  ['Forgives', (arm, p) => p.time(forgivenS(arm))],
  ['Faces', (arm) => (arm.colours ? [...new Set(arm.colours.map((name) => CRUST_WORD[name]))].join(', ') : '–')],
  ['Core when lifted', (arm, p) => (arm.coreC === null ? '–' : p.temp(arm.coreC))],
  ['Crust', (arm, p) => (arm.crustM === null ? '–' : p.length(arm.crustM))],
  ['Water lost', (arm, p) => (arm.waterLostKg === null ? '–' : p.mass(arm.waterLostKg))],
  ['Oil taken up', (arm, p) => (arm.oilTakenKg === null ? '–' : p.mass(arm.oilTakenKg))],
  ['Lots', (arm) => lotsOf(arm)],
  ['At the stove', (arm, p) => (arm.totalS === null ? '–' : p.time(arm.totalS))],
];

const lotsOf = ({ lots, lotSize, everyS }: FryArm): string =>
  lots === null ? '–' : everyS === null ? `${lots} of ${lotSize ?? 0}` : `one by one, ${lotSize ?? 0} in the oil`;

/** s between done and golden, and too dark. */
function forgivenS({ doneS, goldenS, darkS }: FryArm): number {
  if (doneS === null || goldenS === null) return 0;
  return Math.max(0, (darkS ?? 1800) - Math.max(doneS, goldenS));
}

export const CRUMB_NAME: Record<CrumbAnswer, string> = {
  sits: 'Sits on the bottom',
  lazy: 'Rises slowly, lazy bubbles',
  steady: 'Rises in 2 to 3 seconds, steady fizz',
  jumps: 'Jumps and browns within 30 seconds',
};

/** The same in the middle of a sentence. */
export const CRUMB_DOES: Record<CrumbAnswer, string> = {
  sits: 'sits on the bottom',
  lazy: 'rises slowly with lazy bubbles',
  steady: 'rises in 2 to 3 seconds with a steady fizz',
  jumps: 'jumps and browns within 30 seconds',
};

/** What a crumb says of the oil, and of this batch in it. */
export function crumbText(answer: CrumbAnswer, plan: CrumbPlan | null, oilC: number, p: Printer): string {
  const fits = readCrumb(answer, oilC).verdict;
  const verdict =
    fits === 'right'
      ? `Right for this plan at ${p.temp(oilC)}. `
      : fits === 'cooler'
        ? 'Cooler than planned. '
        : 'Hotter than planned. ';
  return verdict + rangeText(answer, plan, p);
}

function rangeText(answer: CrumbAnswer, plan: CrumbPlan | null, p: Printer): string {
  if (answer === 'sits') {
    return `Under ${p.temp(130)}: too cool to fry. Only slow frying starts here, and goes on heating.`;
  }
  if (answer === 'jumps') return `${p.temp(185)} or more: turn the heat down and wait. Put nothing in.`;
  if (!plan) return 'There is no piece to fry.';
  const range = `Somewhere between ${p.temp(plan.leastC)} and ${p.temp(plan.mostC)}.`;
  const { cool, hot, safeS } = plan;
  const golden =
    hot.goldenS === null
      ? ''
      : ` Golden between ${p.time(hot.goldenS)} and ${cool.goldenS === null ? 'never' : p.time(cool.goldenS)}.`;
  const lift = safeS
    ? ` Lift between ${p.time(safeS.from)} and ${p.time(safeS.to)}, sooner only if both faces are golden and a cut piece is cooked through.`
    : ' No time suits that whole range. Go by colour, and cut the first piece open.';
  return `${range}${golden}${lift}`;
}

export const LOT_WAY_NAME: Record<LotWayId, string> = {
  now: 'As now',
  smaller: 'One fewer at a time',
  larger: 'Two more at a time',
  hotter: 'A little hotter',
  'more-oil': 'A quarter more oil',
  'wider-pot': 'A wider pot',
};

/** One way to divide a batch: what it takes, and what it does to the oil. */
export function lotWayText({ arm, pot }: LotWay, p: Printer): string {
  const { lotSize, lots, everyS, totalS, lowestC, oilC, isSafe } = arm;
  if (lotSize === null || lots === null || totalS === null || lowestC === null)
    return 'There is no good moment to lift it.';
  const where = pot.diameterM
    ? `${p.length(pot.diameterM)} across, ${p.volume(pot.oilM3 ?? 0)}: `
    : pot.oilM3
      ? `${p.volume(pot.oilM3)}: `
      : '';
  const unsafe = isSafe ? '' : ' This is not safe: the pot is too full, or pieces are not cooked.';
  return `${where}${lotSize} at a time at ${p.temp(oilC)}, ${everyS === null ? `${lots} lots` : `one every ${p.time(everyS)}`}, ${p.time(totalS)} at the stove, never under ${p.temp(lowestC)}.${unsafe}`;
}
