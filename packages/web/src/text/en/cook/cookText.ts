import { plural } from '../shared/plural';
import type { PlanChange, PlannedTray, RunStep } from '@ember-fold/core/plan';
import type { MeasureId, RunStepId } from '@ember-fold/core/stove';
import { coreMustBeSafe, isUncooked, plannedOf, LIMITS, type TrayDraft } from '@ember-fold/core/plan';
import { keepsFor, plain, type Printer, withTemps } from '../../printer';
import { methodOf } from '../shared/familyWords';
import { portionLines } from '../bench/fold/divideText';
import { stepText } from '../bench/fold/stepText';
import { trayName } from '../bench/trayText';

/** What to check inside before anybody bites: a safe middle where the filling needs one, and how hot it is. */
function insideLines({ draft, plan: { fry } }: PlannedTray, p: Printer): string[] {
  if (!fry?.rest) return [];
  const { rest, needsRest } = fry;
  const lines: string[] = [];
  if (needsRest)
    lines.push(`They finish cooking on the rack: do not cut one open for ${p.span(Math.max(60, rest.coreAfterS))}.`);
  if (coreMustBeSafe(draft))
    lines.push(`Probe one of each load: its middle must have reached ${p.temp(draft.filling.coreTargetC)}.`);
  else if (draft.fold.fillingEachKg > 0) lines.push(`The filling is about ${p.temp(rest.biteC)} at the first bite.`);
  return lines;
}

/** What is said of one tray among several. */
const ofTray = ({ draft }: PlannedTray, several: boolean, line: string): string =>
  several ? `${trayName(draft)}: ${line}` : line;

/** How what came out of the oil by its colour is finished. */
function ovenLines({ draft, plan }: PlannedTray, p: Printer): string[] {
  const then = plan.fry?.thenOven;
  if (!then) return [];
  if (then.minutesS === null) return [`They are not done within an hour and a half at ${p.temp(then.ovenC)}.`];
  const line = `Each load stays in for ${p.span(then.minutesS)} at ${p.temp(then.ovenC)}.`;
  if (!coreMustBeSafe(draft)) return [line];
  return [line, `Probe one of each load: its middle must have reached ${p.temp(draft.filling.coreTargetC)}.`];
}

/** How a fried tray is crisped again. */
function crispLines({ plan }: PlannedTray, p: Printer): string[] {
  const crisp = plan.fry?.crisp;
  if (!crisp) return [];
  const { ovenC, minutesS, sheets } = crisp;
  if (minutesS === null) return [`They do not get hot all the way through at ${p.temp(ovenC)}.`];
  const each = sheets > 1 ? ` for each of ${sheets} sheets` : '';
  return [
    `${p.temp(ovenC)} for ${p.span(minutesS)}${each}. Probe the middle of one: it must read ${p.temp(LIMITS.core.reheatC)}.`,
  ];
}

/** How each tray is baked. */
function bakeLines(trays: readonly PlannedTray[], p: Printer): string[] {
  const baked = trays.filter(({ plan }) => plan.bake);
  return baked.map((tray) => {
    const { how, minutesS, turnS, sheets } = tray.plan.bake!;
    const inAll = sheets === 1 ? '' : `, ${sheets} sheets one after the other`;
    const time =
      minutesS === null ? 'as long as they need (there is no right moment as planned)' : `${p.span(minutesS)}${inAll}`;
    const turn = turnS === null ? '' : ` Turn the tray round after ${p.span(turnS)}.`;
    return ofTray(tray, baked.length > 1, `${p.temp(how.ovenC)} for ${time}.${turn}`);
  });
}

/** What the lines of a step are made of. */
interface StepOf {
  readonly step: RunStep;
  readonly trays: readonly PlannedTray[];
  readonly p: Printer;
  readonly draft: TrayDraft;
  readonly plan: PlannedTray['plan'];
  readonly filling: TrayDraft['filling'];
  readonly piece: PlannedTray['plan']['fold']['piece'];
  readonly fried: readonly PlannedTray[];
}

/** The instructions of each step, one sentence a line. */
const LINES: Readonly<Record<RunStepId, (of: StepOf) => readonly string[]>> = {
  'weigh-filling': ({ p, plan, filling }) => [
    `Weigh everything for ${p.mass(plan.filling.figures.rawKg)} of filling. Chop it small and evenly: large bits tear the wall.`,
    isUncooked(filling)
      ? 'It goes in raw: mix it and keep it in the fridge. Do not taste it. Wash your hands, board and knife before you touch the dough.'
      : `The pan weighs ${p.mass(filling.panKg)}. Weigh it with the filling later.`,
  ],
  'cook-filling': ({ step, p, filling }) => [
    `Cook until the pan and the filling weigh ${p.mass(plannedOf(step, 'pan-kg') ?? 0)} together. ${p.percent(filling.cookToShare)} of the filling is then left.`,
    'Salt it last if cheese, stock or sauces are already salty.',
  ],
  cool: ({ p, plan, filling }) => [
    `Spread it shallow and ${filling.covered ? 'covered' : 'uncovered'} until it is at ${p.temp(plan.filling.foldC)} or below: warm filling softens the rim, and its steam opens the seam.`,
    `Put it in the fridge within ${p.span(LIMITS.leftovers.intoFridgeS)} of cooking.`,
  ],
  'mix-dough': ({ p, plan }) => methodOf(plan.dough.figures).map((line) => withTemps(line, p)),
  rest({ plan }) {
    if (plan.dough.rise) {
      return [
        'Cover it. It is ready when it has doubled.',
        'Then knock it back, divide it by weight, and let the balls rest for 10 minutes under a cloth.',
      ];
    }
    return ['Cover it so that no skin forms. After the rest a disc no longer springs back.'];
  },
  shape: ({ p, draft }) => [
    `Shape ${plain(draft.pieces, 0)} portions of ${p.mass(draft.fold.fillingEachKg)} and lay them on a sheet, not touching.`,
    'Keep the rest of the filling in the fridge.',
  ],
  firm: () => [
    'Put the tray in the freezer, uncovered, until they are firm outside but still soft in the middle when you press one.',
    'Keep portions that are firm sooner in the fridge. Take out a few at a time.',
  ],
  warm: () => ['Take the dough out of the fridge, still covered. Cold dough cracks and springs back.'],
  dry: () => ['Dry each one with a clean cloth. A wet surface loosens the dough around it and opens the seam.'],
  roll: ({ step, p, draft, piece }) =>
    piece
      ? [
          ...portionLines(
            {
              family: draft.dough.family,
              shape: draft.shape,
              doughEachKg: piece.doughKg,
              pieces: step.portion === undefined ? draft.pieces : null,
            },
            p,
          ),
          `${stepText(draft, piece, p)[0]!}.`,
          `${p.mass(piece.doughKg)} of dough for each piece; keep waiting dough under a damp cloth.`,
        ]
      : [],
  fold: ({ p, draft, piece }) =>
    piece
      ? stepText(draft, piece, p)
          .slice(1)
          .map((line) => `${line}.`)
      : [],
  stored({ p, draft, plan }) {
    if (!plan.stored) {
      return draft.fry.start === 'fridge'
        ? ['Lay them on a tray in the fridge, covered, until the day you cook them.']
        : [
            'Lay them on an open tray in the freezer, not touching. When they are hard, bag them and write the date on the bag.',
          ];
    }
    const coldS = plan.stored.coldS;
    const keep = keepsFor(plan.stored.keepS, p);
    return plan.stored.place === 'freezer'
      ? [
          `Lay them on an open tray in the freezer, not touching${coldS === null ? '' : `. They are hard after about ${p.span(coldS)}`}.`,
          `Then bag them, write the date on the bag, and use them within ${keep}.`,
        ]
      : [
          `Lay them on a tray in the fridge, covered${coldS === null ? '' : `. They are cold all the way through after about ${p.span(coldS)}`}.`,
          `Fry or bake them within ${keep}.`,
        ];
  },
  proof: () => [
    'Cover them and let them rise, not touching.',
    'Pieces that rise too long blister and collapse: put the oldest in first.',
  ],
  hold: () => ['Put them on an open tray, not touching. Fry the oldest first.'],
  bake: ({ trays, p }) => ['Heat the oven first, without the tray in it.', ...bakeLines(trays, p)],
  oven: ({ p, fried }) => [
    'Heat the oven before the oil. Lay each load on a rack in the oven as it comes out of the oil, not touching.',
    ...fried.flatMap((one) => ovenLines(one, p).map((line) => ofTray(one, fried.length > 1, line))),
  ],
  crisp: ({ p, fried }) => [
    `Cool fried pieces on a rack, then put them in the fridge within ${p.span(LIMITS.leftovers.intoFridgeS)} of frying.`,
    'Heat the oven first. Lay the pieces out in one layer, not touching.',
    ...fried.flatMap((one) => crispLines(one, p).map((line) => ofTray(one, fried.length > 1, line))),
  ],
  heat: ({ p, draft, fried }) => [
    `Heat the oil to ${p.temp((fried[0]?.draft ?? draft).fry.oilC)}. From now on never leave it alone.`,
    'Test the oil with a crumb of dough.',
  ],
  fry: () => ['Open the stove page. It tells you what to put in, turn and take out.'],
  serve: ({ p, fried }) => [
    `Drain them on a rack in one layer, never stacked. They are best within ${p.span(LIMITS.fried.bestS)}.`,
    ...fried.flatMap((one) => insideLines(one, p).map((line) => ofTray(one, fried.length > 1, line))),
    'Tell your guests what is in them.',
  ],
  own: ({ step, p }) => [
    step.kind === 'passive'
      ? `It takes ${p.span(step.durationS)}. You are free meanwhile.`
      : `Allow ${p.span(step.durationS)} of hands-on time for it.`,
  ],
};

/** The instructions of a step, one sentence a line. */
export function runLines(step: RunStep, trays: readonly PlannedTray[], p: Printer): readonly string[] {
  // The tray a filling was first made for may have been removed; any tray that uses the filling will do.
  const { draft, plan } =
    trays.find((one) => one.draft.mark === step.mark) ??
    trays.find((one) => one.draft.fillingOf === step.mark) ??
    trays[0]!;
  return LINES[step.what]({
    step,
    trays,
    p,
    draft,
    plan,
    filling: draft.filling,
    piece: plan.fold.piece,
    fried: trays.filter((one) => one.plan.fry),
  });
}

export const MEASURE_NAME: Record<MeasureId, string> = {
  'pan-kg': 'Pan and filling weigh',
  'filling-c': 'Middle of the filling',
  'poured-kg': 'Water poured in all',
  'liquid-c': 'Liquid as poured',
  'dough-c': 'Dough after kneading',
  'dough-kg': 'Dough without its pot',
  'rolled-m': 'Rolled to',
  pieces: 'Pieces made',
  'portion-spread': 'Portions differ by',
  portions: 'Portions weighed',
  'golden-s': 'Golden after',
};

/** A measured or planned figure in the cook's units. */
export function measureText(measure: MeasureId, value: number, p: Printer): string {
  switch (measure) {
    case 'pan-kg':
    case 'poured-kg':
    case 'dough-kg':
      return p.mass(value);
    case 'golden-s':
      return p.span(value);
    case 'portion-spread':
      return p.percent(value);
    case 'filling-c':
    case 'liquid-c':
    case 'dough-c':
      return p.temp(value);
    case 'rolled-m':
      return p.length(value);
    case 'pieces':
    case 'portions':
      return plain(value, 0);
    default: {
      const never: never = measure;
      return never;
    }
  }
}

/** How a measurement changed the plan. */
export function changeText({ what, before, after }: PlanChange, p: Printer): string {
  switch (what) {
    case 'stiffness':
      return `Dough ${after < before ? 'softer' : 'stiffer'}: ${plain(after)} instead of ${plain(before)} of 10.`;
    case 'rise':
      return `The dough doubles in ${p.span(after)} instead of ${p.span(before)}.`;
    case 'filling-kg':
      return `Filling: ${p.mass(after)} instead of ${p.mass(before)}.`;
    case 'filled':
      return Number.isFinite(after)
        ? `Enough filling for ${plain(after, 0)} pieces: fewer pieces, or less in each.`
        : 'Enough filling for all pieces again.';
    case 'fill':
      return `Pockets ${p.percent(after)} full instead of ${p.percent(before)}.`;
    case 'in-oil':
      return `Time in the oil: ${p.time(after)} instead of ${p.time(before)}.`;
    case 'loads':
      return `${plain(after, 0)} ${plural(after, 'load', 'loads')} instead of ${plain(before, 0)}.`;
    case 'at-stove':
      return `${p.span(after)} at the stove instead of ${p.span(before)}.`;
    case 'dough-left':
      return after >= 0
        ? `${p.mass(after)} of dough will be left over, instead of ${p.mass(Math.max(0, before))}.`
        : `You will be ${p.mass(-after)} of dough short: make fewer pieces, or roll thinner.`;
    default: {
      const never: never = what;
      return never;
    }
  }
}

/** "On the table at 18:42, 12 min late"; if that is hours away, the time to start instead. */
export function tableText(tableMs: number, eatMs: number, firstMs: number, p: Printer): string {
  const late = (tableMs - eatMs) / 1000;
  if (late < -3 * 3600) return `Planned to start at ${p.clock(firstMs)} on ${p.day(firstMs)}.`;
  const how = late > 120 ? `, ${p.span(late)} late` : late < -120 ? `, ${p.span(-late)} early` : ', on time';
  return `On the table at ${p.clock(tableMs)}${how}, if everything goes as planned.`;
}

/** A running or ringing timer, to read and to hear. */
export function timerText(name: string, lateS: number, p: Printer): string {
  if (lateS < 0) return `${name}: ${p.time(Math.ceil(-lateS))}`;
  return lateS < 5 ? `${name}: now` : `${name}: ${p.time(Math.floor(lateS))} over`;
}
export function timerSpeech(name: string, lateS: number): string {
  const minutes = Math.floor(lateS / 60);
  return minutes < 1 ? `${name}: time is up.` : `${name}: ${minutes} ${plural(minutes, 'minute', 'minutes')} over.`;
}
