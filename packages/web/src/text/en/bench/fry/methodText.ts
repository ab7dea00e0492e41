import { plural } from '../../shared/plural';
import type { CrumbPlan, FryArm, FryMethod, LoadWay, LoadWayId } from '@ember-fold/core/plan';
import { type CrumbAnswer, readCrumb } from '@ember-fold/core/stove';
import type { Printer } from '../../../printer';
import { CRUST_WORD } from '../../shared/words';

export const METHOD_NAME: Record<FryMethod, string> = {
  slow: 'slow',
  rising: 'in cool oil that rises',
  hot: 'hot and quick',
  once: 'turned once',
  'each-minute': 'turned every minute',
  basted: 'basted, turned once',
  'held-under': 'held under',
  'half-depth': 'in half-depth oil',
  room: 'from room temperature',
  fridge: 'from the fridge',
  frozen: 'frozen, straight in',
  tempered: 'frozen, 20 min on paper',
};

/** The rows of a comparison: heading, and the text for one method. */
export const ARM_ROWS: readonly (readonly [string, (arm: FryArm, p: Printer) => string])[] = [
  ['Oil', (arm, p) => p.temp(arm.oilC)],
  ['In the oil', (arm, p) => (arm.takeOutS === null ? 'no good moment' : p.time(arm.takeOutS))],
  ['Cooked through', (arm, p) => (arm.doneS === null ? 'not in half an hour' : p.time(arm.doneS))],
  ['Golden', (arm, p) => (arm.goldenS === null ? 'not in half an hour' : p.time(arm.goldenS))],
  ['Time to spare', (arm, p) => p.time(forgivenS(arm))],
  ['Sides', (arm) => (arm.colours ? [...new Set(arm.colours.map((name) => CRUST_WORD[name]))].join(', ') : '–')],
  ['Middle when taken out', (arm, p) => (arm.coreC === null ? '–' : p.temp(arm.coreC))],
  ['Crust', (arm, p) => (arm.crustM === null ? '–' : p.length(arm.crustM))],
  ['Water lost', (arm, p) => (arm.waterLostKg === null ? '–' : p.mass(arm.waterLostKg))],
  ['Oil taken up', (arm, p) => (arm.oilTakenKg === null ? '–' : p.mass(arm.oilTakenKg))],
  ['Loads', (arm) => loadsOf(arm)],
  ['At the stove', (arm, p) => (arm.totalS === null ? '–' : p.time(arm.totalS))],
];

const loadsOf = ({ loads, loadSize, everyS }: FryArm): string =>
  loads === null ? '–' : everyS === null ? `${loads} of ${loadSize ?? 0}` : `one by one, ${loadSize ?? 0} in the oil`;

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

/** The same as a verb phrase inside a sentence. */
export const CRUMB_DOES: Record<CrumbAnswer, string> = {
  sits: 'sits on the bottom',
  lazy: 'rises slowly with lazy bubbles',
  steady: 'rises in 2 to 3 seconds with a steady fizz',
  jumps: 'jumps and browns within 30 seconds',
};

/** The same as an infinitive: "It should rise slowly". */
export const CRUMB_SHOULD: Record<CrumbAnswer, string> = {
  sits: 'sit on the bottom',
  lazy: 'rise slowly with lazy bubbles',
  steady: 'rise in 2 to 3 seconds with a steady fizz',
  jumps: 'jump and brown within 30 seconds',
};

/** What a crumb says about the oil, and about this batch in that oil. */
export function crumbText(answer: CrumbAnswer, plan: CrumbPlan | null, oilC: number, p: Printer): string {
  const fits = readCrumb(answer, oilC).verdict;
  const verdict =
    fits === 'right'
      ? `Right for the planned ${p.temp(oilC)}. `
      : fits === 'cooler'
        ? 'Cooler than planned. '
        : 'Hotter than planned. ';
  return verdict + rangeText(answer, plan, p);
}

function rangeText(answer: CrumbAnswer, plan: CrumbPlan | null, p: Printer): string {
  if (answer === 'sits') {
    return `Below ${p.temp(130)}: too cool to fry. Only slow frying starts here, with the heat on.`;
  }
  if (answer === 'jumps') return `${p.temp(185)} or more: turn the heat down and wait. Put nothing in.`;
  if (!plan) return 'There is no piece to fry.';
  const range = `Somewhere between ${p.temp(plan.leastC)} and ${p.temp(plan.mostC)}.`;
  const { cool, hot, safeS } = plan;
  const golden =
    hot.goldenS === null
      ? ''
      : ` Golden between ${p.time(hot.goldenS)} and ${cool.goldenS === null ? 'never' : p.time(cool.goldenS)}.`;
  const takeOut = safeS
    ? ` Take them out between ${p.time(safeS.from)} and ${p.time(safeS.to)}; earlier only if both sides are golden and a piece you cut open is cooked through.`
    : ' No single time suits the whole range. Go by colour, and cut the first piece open.';
  return `${range}${golden}${takeOut}`;
}

export const LOAD_WAY_NAME: Record<LoadWayId, string> = {
  now: 'As now',
  smaller: 'One fewer at a time',
  larger: 'Two more at a time',
  hotter: 'A little hotter',
  'more-oil': 'A quarter more oil',
  'wider-pot': 'A wider pot',
};

/** One way to divide a batch into loads: its oil, its time, and the lowest oil temperature. */
export function loadWayText({ arm, pot }: LoadWay, p: Printer): string {
  const { loadSize, loads, everyS, totalS, lowestC, oilC, isSafe } = arm;
  if (loadSize === null || loads === null || totalS === null || lowestC === null)
    return 'There is no good moment to take it out.';
  const where = pot.diameterM
    ? `${p.length(pot.diameterM)} across, ${p.volume(pot.oilM3 ?? 0)}: `
    : pot.oilM3
      ? `${p.volume(pot.oilM3)}: `
      : '';
  const unsafe = isSafe ? '' : ' This is not safe: the pot is too full, or pieces are not cooked.';
  return `${where}${loadSize} at a time at ${p.temp(oilC)}, ${everyS === null ? `${loads} ${plural(loads, 'load', 'loads')}` : `one every ${p.time(everyS)}`}, ${p.time(totalS)} at the stove, oil never below ${p.temp(lowestC)}.${unsafe}`;
}
