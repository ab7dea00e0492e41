import { plural } from '../shared/plural';
import type { Fault } from '@ember-fold/core/plan';
import type { DayPlan, DayEntry, DayVerdict, DayWayOut, SupperCook, SupperDay } from '@ember-fold/core/supper';
import { RUN_NAME } from '../cook/runNames';
import { plain, type Printer } from '../../printer';
import { DECIDES } from '../shared/decidesWords';
import { STEP_NAME } from '../shared/words';

/** Text of the plan of a supper. */
export const DAY_PLAN = {
  title: 'The plan',
  theDayPlan: 'the plan',
  opening: 'Opening the step…',
  cook: (n: number, of: number) => (of === 1 ? 'Cook' : `Cook ${n}`),
  pot: 'Pot',
  oven: 'Oven',
  cold: 'Cold',
  inFridge: 'fridge',
  hotUntil: (clock: string) => `hot until ${clock}`,
  byItself: 'No hands needed',
  hands: (span: string) => `${span} hands-on time`,
  handsFrom: (span: string, clock: string) => `${span}, from ${clock}`,
  change: 'Bring the oil to its next temperature',
  atOil: 'At the oil',
  task: (from: string, to: string, what: string) => `${from} to ${to}: ${what}`,
  of: (what: string, batch: string | null) => (batch === null ? what : `${what}, ${batch}`),
  decides: 'Dark outline: this task sets the finishing time.',
  legend:
    'Dashed: needs no hands. Drag a task, or move it with the arrow keys, and the rest moves with it. Open a task to fix its time.',
  now: (clock: string) => `now ${clock}`,
  coolSays: (pot: string, clock: string) =>
    `${pot}: the oil is above {oil.leaveBelowC} until ${clock}. Somebody must stay with it.`,
  fridge: (each: string) => `Put filled pieces in the fridge, covered. Left out, they are safe only until: ${each}.`,
  until: (name: string, clock: string) => `${name} ${clock}`,
  before: (name: string, span: string) => `${name} ${span}`,
  unplanned: (names: string) =>
    `Not in this plan, because it cannot be planned yet: ${names}. The batch’s own page says why.`,
  faults: {
    unsafe: (name: string) =>
      `${name}: the middle of too many pieces does not get hot enough to be safe. Change how they are fried.`,
    raw: (name: string) => `${name}: too many pieces stay raw inside. Check how they are fried.`,
    pale: (name: string) => `${name}: too many pieces come out pale. Check how they are fried.`,
    dark: (name: string) => `${name}: too many pieces come out too dark. Check how they are fried.`,
  } satisfies Record<Fault, (name: string) => string>,
  tooLong: (name: string) =>
    `${name}: the pieces would wait in the fridge longer than they keep. Fold them later, or freeze them.`,
  full: {
    fridge: (most: number, holds: number) =>
      `${most} trays are in the fridge at the same time; it holds ${holds}. Fold some later, or freeze them.`,
    freezer: (most: number, holds: number) =>
      `${most} trays are in the freezer at the same time; it holds ${holds}. Bag those that are frozen hard, or keep some in the fridge.`,
    dishes: (most: number, holds: number) =>
      `${most} dishes of filling are in use at the same time; you have ${holds}. Use a tray or a wide pan too, or cook one later.`,
  },
  risky: (tenths: number, span: string, sooner: string) =>
    `Allowing for how much your timings vary, there is a ${tenths} in 10 chance of serving more than ${span} late. Start ${sooner} earlier and it is 1 in 10.`,
  steady: 'Allowing for how much your timings vary, there are at least 9 chances in 10 of serving on time.',
  held: (each: string) =>
    `Fried long before serving: ${each}. Keep them above {warm.leastC} in the oven, or fry them later: they are best within {fried.bestS}.`,
  verdict: {
    late: 'Late',
    undercooked: 'Some middles not safe',
    unsafe: 'Pieces wait too long',
    risky: 'May be late',
    uneven: 'Some pieces not right',
    holds: 'On time',
  } satisfies Record<DayVerdict, string>,
  butIs: (starts: string, verdict: string) => `${starts}: ${verdict.toLowerCase()}`,
  allUp: (clock: string) => `Last piece out at ${clock}`,
  tableAt: (clock: string) => `On the table at ${clock}`,
  working: 'the plan is being worked out',
  lateBy: (span: string) => `${span} late`,
  toSpare: (span: string) => `${span} until you start`,
  beginAt: (when: string) => `Start ${when}`,
  goesOn: 'Next',
  handsTitle: 'Hands-on time',
  nothing: 'Add a batch, and the plan appears here.',
  nobody: 'No cook is listed. Add a cook, and the plan appears here.',
  over: 'Everything is done.',
  notPlanned: 'No plan',
  /** The same problems in a few words. */
  noPlan: { over: 'this supper is over', apart: 'too many days apart', odd: 'too unusual to plan' } satisfies Record<
    NonNullable<SupperDay['problem']>,
    string
  >,
  /** Why a supper cannot be planned. */
  problem: {
    over: 'This supper is over. To cook one of its batches, move the supper to a new date or take the batch out of it.',
    apart: 'The meals of this supper are more than 14 days apart. Plan them as two suppers.',
    odd: 'This supper is too large or too unusual to plan in one go. Split it into two suppers, or simplify the last batch you added.',
  } satisfies Record<NonNullable<SupperDay['problem']>, string>,
  best: 'This is the latest start that works.',
  nearBest: (clock: string) => `No plan can start later than ${clock}.`,
  moved: (n: number) => plural(n, 'One task has moved.', `${n} tasks have moved.`),
  movedBy: (what: string, span: string, later: boolean) => `${what}: ${span} ${later ? 'later' : 'sooner'}`,
  showMoves: 'Show them',
  fewerMoves: 'Hide them',
  becauseOf: (what: string, span: string) => `“${what}” ended ${span} later than planned.`,
  earlierDay: (day: string) => `On ${day}`,
  beginsAt: 'Starts',
  takes: (span: string, least: string, most: string) => `Takes about ${span}; most days ${least} to ${most}.`,
  who: 'Who does it',
  dayBefore: 'Do it the day before',
  free: 'Plan it automatically',
  undo: 'Undo',
  settled: 'Fixed by you',
  brokenPin: (what: string, clock: string) =>
    `${what} cannot start when you asked, because an earlier step is not done. It starts at ${clock}.`,
  outOfHours: (what: string) => `${what} is outside its cook’s hours.`,
  past: 'Some of this should already be under way. The plan now starts from the present.',
  cooks: 'Who cooks',
  addCook: 'Add a cook',
  removeCook: (name: string) => `Remove ${name}`,
  cookName: 'Name',
  from: 'From',
  to: 'Until',
  comesLater: 'Comes later',
  leavesSooner: 'Leaves sooner',
  allTheTime: (name: string) => `${name} is here from the start`,
  staysTillEnd: (name: string) => `${name} stays to the end`,
  noOil: 'Does not fry',
  ways: 'Changes that help',
  waysLate: (span: string) => `${span} late. What would help?`,
  lookWays: 'What would help?',
  looking: 'Computing each change…',
  noWays: 'No single change helps.',
  take: 'Choose this',
  calendar: 'Calendar',
  feed: 'Calendar feed',
  json: 'As data',
  print: 'Print',
  forWall: 'The plan, to hang on the wall',
  ofCook: (name: string) => `Plan for ${name}`,
  run: 'Cook it',
  everyone: 'All cooks',
  itsDayPlan: 'Its plan',
  restIsOthers: 'No more steps for you. The others do the rest.',
  notBefore: (clock: string) => `planned for ${clock}`,
  handTo: (what: string, name: string) => `Hand to ${name}: ${what}`,
  toCook: (name: string) => `to ${name}`,
  due: (what: string, clock: string) => `${clock}: ${what}`,
  dueNow: 'Due now',
  order: 'The order at the pot follows allergies, diets and oil temperatures.',
} as const;

/** The name of a task in the plan. */
export function entryName(entry: DayEntry): string {
  const { steps, pot } = entry;
  if (pot !== null) return DAY_PLAN.atOil;
  const whats = steps.map(({ what }) => what);
  if (whats.includes('cook-filling') && whats.length > 1) return STEP_NAME.filling;
  if (whats.includes('roll') && whats.length > 1) return STEP_NAME.fold;
  return stepInDay(steps[0]!);
}

/** The name of one step of a task. */
export function stepInDay({ what, step }: DayEntry['steps'][number]): string {
  if (step?.own) return step.own.name;
  if (what === 'change') return DAY_PLAN.change;
  const load = step?.portion === undefined ? '' : `, portion ${step.portion}`;
  const mark = step?.mark === undefined ? '' : `, ${step.mark}`;
  return `${RUN_NAME[what]}${mark}${load}`;
}

export const cookName = ({ name }: SupperCook, n: number, of: number): string =>
  name === '' ? DAY_PLAN.cook(n + 1, of) : name;

/** What limits how late the cooking can start, in a few words. */
export const decidesText = ({ decides }: Pick<DayPlan, 'decides'>): string => DECIDES[decides];

/** One change that may help, and its result. */
export function wayText(
  { way, allUpMs, lateS, startMs, handsS, eats, unsafe }: DayWayOut,
  nameOf: (batchId: string) => string,
  printer: Printer,
  handsNowS: number,
): { readonly title: string; readonly says: string; readonly isGood: boolean } {
  const title = (): string => {
    switch (way.kind) {
      case 'helper':
        return way.fromMs === null ? 'One more cook' : 'One more cook from now on';
      case 'later':
        return `Serve ${printer.span(way.byS)} later`;
      case 'pot':
        return `${nameOf(way.batchId)} in ${way.pot === null ? 'the big pot' : way.pot}`;
      case 'bake':
        return `Bake ${nameOf(way.batchId)}`;
      case 'crisp':
        return `Fry ${nameOf(way.batchId)} earlier and crisp it in the oven`;
      case 'freeze':
        return `Freeze ${nameOf(way.batchId)} for another day`;
      case 'fewer':
        return `${nameOf(way.batchId)}: ${way.pieces} pieces`;
      case 'drop':
        return `Leave out ${nameOf(way.batchId)}`;
      default: {
        const never: never = way;
        return never;
      }
    }
  };
  const moreS = handsS - handsNowS;
  const says = [
    lateS > 60
      ? DAY_PLAN.lateBy(printer.span(lateS))
      : allUpMs === null
        ? null
        : `last piece out at ${printer.clock(allUpMs)}`,
    startMs === null ? null : `start ${printer.clock(startMs)}`,
    Math.abs(moreS) < 300 ? null : `${printer.span(Math.abs(moreS))} ${moreS > 0 ? 'more' : 'less'} hands-on time`,
    eats.heads === 0
      ? null
      : eats.fed < eats.heads
        ? `${eats.heads - eats.fed} with nothing to eat`
        : `${plain(Math.floor((10 * eats.pieces) / eats.heads) / 10, 1)} each`,
    unsafe > 0 ? 'pieces wait too long' : null,
  ];
  return {
    title: title(),
    says: says.filter(Boolean).join(', '),
    isGood: lateS <= 60 && unsafe === 0 && eats.fed >= eats.heads,
  };
}
