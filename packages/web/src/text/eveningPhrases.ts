import type { Evening, EveningEntry, EveningWayOut, SupperCook, SupperEvening } from '@ember-fold/core';
import { RUN_NAME } from './cookText';
import { plain, type Printer } from './printer';
import { DECIDES } from './decidesWords';
import { STEP_NAME } from './words';

/** What the evening of a supper says, in one place so that it can be translated. */
export const EVENING = {
  title: 'The evening',
  theEvening: 'the evening',
  opening: 'Opening the step…',
  cook: (n: number, of: number) => (of === 1 ? 'Cook' : `Cook ${n}`),
  pot: 'Pot',
  oven: 'Oven',
  cold: 'Cold',
  inFridge: 'fridge',
  hotUntil: (clock: string) => `hot until ${clock}`,
  byItself: 'By itself',
  hands: (span: string) => `${span} of hands`,
  handsFrom: (span: string, clock: string) => `${span}, from ${clock}`,
  change: 'Oil to the next heat',
  atOil: 'At the oil',
  task: (from: string, to: string, what: string) => `${from} to ${to}: ${what}`,
  of: (what: string, batch: string | null) => (batch === null ? what : `${what}, ${batch}`),
  decides: 'Dark edge: it decides the time.',
  legend:
    'Dashed: it goes on by itself or waits. Drag a stretch or use the arrow keys: everything else follows. Open it to settle it.',
  now: (clock: string) => `now ${clock}`,
  coolSays: (pot: string, clock: string) => `${pot}: the oil is over {60} until ${clock}. Somebody stays with it.`,
  fridge: (each: string) => `Put filled pieces into the fridge, covered. Out of it they would be safe until: ${each}.`,
  until: (name: string, clock: string) => `${name} ${clock}`,
  before: (name: string, span: string) => `${name} ${span}`,
  unplanned: (names: string) =>
    `Not in this evening, because it cannot be planned yet: ${names}. Its own page says why.`,
  tooLong: (name: string) =>
    `${name}: the pieces would wait longer than the fridge keeps them. Fold later, or freeze them.`,
  full: {
    fridge: (most: number, holds: number) =>
      `${most} trays are in the fridge at one time; it holds ${holds}. Fold some later, or freeze them.`,
    freezer: (most: number, holds: number) =>
      `${most} trays are in the freezer at one time; it holds ${holds}. Bag what is hard, or keep some in the fridge.`,
    dishes: (most: number, holds: number) =>
      `${most} dishes of filling stand at one time; you have ${holds}. Use a tray or a wide pan too, or cook one later.`,
  },
  risky: (tenths: number, span: string, sooner: string) =>
    `Work takes longer on some days: in ${tenths} of 10 such evenings the table is over ${span} late. Begin ${sooner} sooner, and it is 1 in 10.`,
  steady: 'Work takes longer on some days: even so 9 in 10 such evenings are in time.',
  held: (each: string) => `Up long before the table: ${each}. Keep them over {60} in the oven.`,
  holds: 'It holds',
  late: 'Late',
  allUp: (clock: string) => `All up ${clock}`,
  tableAt: (clock: string) => `Table ${clock}`,
  lateBy: (span: string) => `${span} late`,
  toSpare: (span: string) => `${span} to spare before you begin`,
  beginAt: (when: string) => `Begin ${when}`,
  goesOn: 'Next',
  handsTitle: 'Hands',
  nothing: 'Add a batch, and its evening is planned here.',
  nobody: 'Nobody cooks. Add a cook, and the evening is planned.',
  over: 'Everything is done.',
  notPlanned: 'No plan',
  /** The same in a few words. */
  noPlan: { over: 'this supper is over', apart: 'too many days apart', odd: 'too unusual to plan' } satisfies Record<
    NonNullable<SupperEvening['problem']>,
    string
  >,
  /** By the problem that keeps a supper from being planned. */
  problem: {
    over: 'This supper is over. To cook one of its batches, move the supper to a new date or take the batch out of it.',
    apart: 'The meals of this supper are more than 14 days apart. Plan them as two suppers.',
    odd: 'This supper is too large or too unusual to plan in one go. Split it into two suppers, or simplify the last batch you added.',
  } satisfies Record<NonNullable<SupperEvening['problem']>, string>,
  best: 'No plan begins later.',
  nearBest: (clock: string) => `No plan can begin later than ${clock}.`,
  moved: (n: number) => (n === 1 ? 'One stretch has moved.' : `${n} stretches have moved.`),
  movedBy: (what: string, span: string, later: boolean) => `${what}: ${span} ${later ? 'later' : 'sooner'}`,
  showMoves: 'Show them',
  fewerMoves: 'Hide them',
  becauseOf: (what: string, span: string) => `“${what}” was over ${span} later than planned.`,
  earlierDay: (day: string) => `On ${day}`,
  beginsAt: 'Begins',
  takes: (span: string, least: string, most: string) => `Takes about ${span}; most days ${least} to ${most}.`,
  who: 'Who does it',
  dayBefore: 'Do it the day before',
  free: 'Let it be planned',
  undo: 'Undo',
  settled: 'Settled by you',
  brokenPin: (what: string, clock: string) =>
    `${what} cannot begin when you asked: what it needs is not ready. It begins at ${clock}.`,
  outOfHours: (what: string) => `${what} lies outside the hours of its cook.`,
  past: 'Some of it should have begun already: it is planned on from now.',
  cooks: 'Who cooks',
  addCook: 'Add a cook',
  removeCook: (name: string) => `Remove ${name}`,
  cookName: 'Name',
  from: 'From',
  to: 'Until',
  comesLater: 'Comes later',
  leavesSooner: 'Leaves sooner',
  allTheTime: (name: string) => `${name} is there from the start`,
  staysTillEnd: (name: string) => `${name} stays to the end`,
  noOil: 'Keeps away from the oil',
  ways: 'What can be done',
  waysLate: (span: string) => `${span} late. What can be done?`,
  lookWays: 'What would change it?',
  looking: 'Working each of them out…',
  noWays: 'Nothing can be changed that helps.',
  take: 'Take this',
  calendar: 'Calendar',
  feed: 'Feed',
  json: 'As data',
  print: 'Print',
  forWall: 'The evening, for the wall',
  ofCook: (name: string) => `The evening of ${name}`,
  run: 'Run the evening',
  everyone: 'All cooks',
  itsEvening: 'Its evening',
  restIsOthers: 'Nothing more for you. What is left the others do.',
  notBefore: (clock: string) => `planned for ${clock}`,
  handTo: (what: string, name: string) => `Hand to ${name}: ${what}`,
  toCook: (name: string) => `to ${name}`,
  due: (what: string, clock: string) => `${clock}: ${what}`,
  dueNow: 'Now in the evening',
  order: 'The order at the pot follows allergies, diets and heat.',
} as const;

/** What a stretch of work is called. */
export function entryName(entry: EveningEntry): string {
  const { steps, pot } = entry;
  if (pot !== null) return EVENING.atOil;
  const whats = steps.map(({ what }) => what);
  if (whats.includes('cook-filling') && whats.length > 1) return STEP_NAME.filling;
  if (whats.includes('roll') && whats.length > 1) return STEP_NAME.fold;
  return stepInEvening(steps[0]!);
}

/** What one step of it is called. */
export function stepInEvening({ what, step }: EveningEntry['steps'][number]): string {
  if (step?.own) return step.own.name;
  if (what === 'change') return EVENING.change;
  const lot = step?.lot === undefined ? '' : `, lot ${step.lot}`;
  const mark = step?.mark === undefined ? '' : `, ${step.mark}`;
  return `${RUN_NAME[what]}${mark}${lot}`;
}

export const cookName = ({ name }: SupperCook, n: number, of: number): string =>
  name === '' ? EVENING.cook(n + 1, of) : name;

/** What decides the time, in a few words. */
export const decidesText = ({ decides }: Pick<Evening, 'decides'>): string => DECIDES[decides];

/** A way out, and what it does. */
export function wayText(
  { way, allUpMs, lateS, startMs, handsS, eats, unsafe }: EveningWayOut,
  nameOf: (batchId: string) => string,
  printer: Printer,
  handsNowS: number,
): { readonly title: string; readonly says: string; readonly isGood: boolean } {
  const title = (): string => {
    switch (way.kind) {
      case 'helper':
        return way.fromMs === null ? 'One more pair of hands' : 'One more pair of hands from now on';
      case 'later':
        return `Table ${printer.span(way.byS)} later`;
      case 'pot':
        return `${nameOf(way.batchId)} in ${way.pot === null ? 'the big pot' : way.pot}`;
      case 'bake':
        return `Bake ${nameOf(way.batchId)}`;
      case 'crisp':
        return `Fry ${nameOf(way.batchId)} earlier, crisp it in the oven`;
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
    lateS > 60 ? EVENING.lateBy(printer.span(lateS)) : allUpMs === null ? null : `all up ${printer.clock(allUpMs)}`,
    startMs === null ? null : `begin ${printer.clock(startMs)}`,
    Math.abs(moreS) < 300 ? null : `${printer.span(Math.abs(moreS))} ${moreS > 0 ? 'more' : 'less'} of hands`,
    eats.heads === 0
      ? null
      : eats.fed < eats.heads
        ? `${eats.heads - eats.fed} with nothing to eat`
        : `${plain(Math.floor((10 * eats.pieces) / eats.heads) / 10, 1)} a head`,
    unsafe > 0 ? 'pieces wait too long' : null,
  ];
  return {
    title: title(),
    says: says.filter(Boolean).join(', '),
    isGood: lateS <= 60 && unsafe === 0 && eats.fed >= eats.heads,
  };
}
