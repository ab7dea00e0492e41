import {
  type ActCost,
  crumbIn,
  type DangerTimes,
  type PieceFate,
  type PotAct,
  type PotSeen,
  type PracticeAct,
  type PracticeOutcome,
  type PracticeSkill,
  type Situation,
  type SituationKind,
} from '@ember-fold/core';
import type { PageId } from './handbook/page';
import { listText } from './fireWords';
import type { Printer } from './printer';
import { CRUMB_DOES } from './schoolText';
import { SPEED_NAME } from './words';

/** One kind of situation in words. */
interface SituationWords {
  readonly name: string;
  /** What the cook is told before it begins. */
  readonly told: (of: Situation, p: Printer) => string;
  /** What it teaches, said when it is over. */
  readonly lesson: string;
  readonly page: PageId;
}

const first = ({ pots }: Situation) => pots[0]!;
const startOf = (of: Situation, p: Printer) => p.temp(first(of).truth.startC);
const planOf = (of: Situation, p: Printer) => p.temp(first(of).session.trays[0]!.draft.fry.oilC);

const SITUATION: Readonly<Record<SituationKind, SituationWords>> = {
  overshoot: {
    name: 'Oil that runs past its mark',
    told: (of, p) =>
      `The ring stores heat. It is on full, and the oil is at ${startOf(of, p)} on its way to ${planOf(of, p)}.`,
    lesson: 'Turn a ring that stores heat back early: it goes on heating for minutes.',
    page: 'oil-heat',
  },
  'lot-too-big': {
    name: 'A lot too big',
    told: () =>
      'The gas bottle is nearly empty. The ring gives far less heat than it says, and the plan does not know it.',
    lesson:
      'When the oil falls and does not come back, put fewer in. Small lots in hot oil are quicker than big lots in cool oil.',
    page: 'lots',
  },
  crumbs: {
    name: 'Crumbs that burn',
    told: () => 'The pieces are crumbed. Crumbs fall off, stay in the oil and burn.',
    lesson: 'Skim after each lot. Burnt crumbs darken what comes after them.',
    page: 'oil-life',
  },
  'slow-ring': {
    name: 'A ring slower than it looks',
    told: (of, p) =>
      `A new stove. The page takes it for gas, but its ring lags far behind its knob. It is on full, the oil at ${startOf(of, p)}.`,
    lesson: 'Watch how the oil answers the knob before anything goes in. Then turn early and in small steps.',
    page: 'pot',
  },
  wholemeal: {
    name: 'Wholemeal that browns early',
    told: () => 'Wholemeal dough of a new flour. It browns sooner than the plan counts on.',
    lesson: 'Trust the crust over the clock. Where it darkens before the dough is set, use cooler oil.',
    page: 'families',
  },
  burst: {
    name: 'A piece that opens',
    told: () => 'One piece was closed in a hurry. It may open in the oil.',
    lesson: 'Take an open piece out at once: filling in hot oil spits, and the oil is spoilt for the others.',
    page: 'opened',
  },
  frozen: {
    name: 'Frozen pieces, hot oil',
    told: (of, p) =>
      `The pieces come from the freezer. The oil was left too hot: ${startOf(of, p)} for a plan of ${planOf(of, p)}.`,
    lesson: 'Let the oil cool to its mark first. Frozen pieces in hot oil are dark outside and raw inside.',
    page: 'freezing',
  },
  'no-thermometer': {
    name: 'No thermometer',
    told: (of, p) => `Nothing measures the oil. The plan wants ${planOf(of, p)}. A crumb of dough tells how hot it is.`,
    lesson: 'Ask the oil again before each lot, and after each long wait.',
    page: 'no-thermometer',
  },
  poultry: {
    name: 'Raw poultry',
    told: () => 'The filling holds raw poultry. It must reach its safe core, whatever the crust says.',
    lesson: 'Golden is not safe. Probe the core, and finish in the oven what is dark too soon.',
    page: 'core',
  },
  hollow: {
    name: 'Hollow breads to baste',
    told: () => 'Thin breads that puff. Their upper side only browns when it is turned or basted.',
    lesson: 'They take minutes, not more. Have the oil at its mark, turn once, stay with them.',
    page: 'forms',
  },
  pipeline: {
    name: 'One in, one out',
    told: (of, p) =>
      `One piece goes in every ${p.time(first(of).session.trays[0]!.fry.lots.everyS ?? 0)}. Each has its own turns and its own lift.`,
    lesson: 'Keep the beat: a piece too soon cools the oil for all of them.',
    page: 'lots',
  },
  caller: {
    name: 'A caller at the door',
    told: () => 'Somebody will ring. They wait a few minutes, and talking to them takes a minute or two.',
    lesson: 'Nobody leaves hot oil over heat. Finish what is in, turn the heat off, then go.',
    page: 'fire',
  },
  'probe-out': {
    name: 'A probe that slips out',
    told: () => 'The clip of the probe is loose.',
    lesson: 'A reading that falls with nothing new in the oil is a probe in air. Never heat on it: look first.',
    page: 'oil-heat',
  },
  smoke: {
    name: 'Oil that smokes',
    told: (of, p) => `The oil is old and smokes sooner than its label says. The ring is on full at ${startOf(of, p)}.`,
    lesson: 'Smoke means heat off now, before all else. Old oil smokes sooner each time.',
    page: 'fire',
  },
  allergy: {
    name: 'An allergy at the table',
    told: () =>
      'Fish was fried in this oil an hour ago. Today somebody at the table is allergic to fish. These pieces are for them.',
    lesson: 'Heat does not take an allergen out of oil. Fresh oil, a clean pot, a clean spider.',
    page: 'allergens',
  },
  'two-pots': {
    name: 'Two pots at once',
    told: (of, p) =>
      `Two rings, two pots, one pair of hands. The second oil is still ${p.temp(of.pots[1]!.truth.startC)}.`,
    lesson: 'Start one pot after the other, so that their turns and lifts do not fall together.',
    page: 'lots',
  },
};

const FATE: Readonly<Record<PieceFate, string>> = {
  right: 'right',
  pale: 'too pale',
  dark: 'too dark',
  'raw-dough': 'dough not set',
  unsafe: 'not safe inside',
  greasy: 'greasy',
  burst: 'opened',
  harms: 'not for the guest',
  'not-fried': 'not fried',
};

const DANGER: Readonly<Record<keyof DangerTimes, string>> = {
  tooHot: 'oil too hot with the heat on',
  smoke: 'oil smoking',
  level: 'oil too high in the pot',
  open: 'an open piece in the oil',
  alone: 'hot oil left alone',
  blind: 'more heat with the probe in the air',
};

/** Less of a piece than this nobody notices. */
const SEEN = 0.1;

/** Tenths of a piece: nobody judges finer. */
const worth = (pieces: number): string => {
  const n = Math.abs(pieces);
  if (n < SEEN) return 'next to nothing';
  const shown = n < 10 ? n.toFixed(1) : String(Math.round(n));
  return `${shown} ${shown === '1.0' ? 'piece' : n < 1 ? 'of a piece' : 'pieces'}`;
};

function actText(act: PotAct, p: Printer): string {
  switch (act.kind) {
    case 'drop':
      return `Dropped ${listText(act.pieces)}`;
    case 'flip':
      return `Turned ${listText(act.pieces)}`;
    case 'lift':
      return `Lifted ${listText(act.pieces)}`;
    case 'burst':
      return `Took out ${listText(act.pieces)}, open`;
    case 'aside':
      return `Set ${listText(act.pieces)} aside to the oven`;
    case 'burner':
      return act.setting === 0 ? 'Heat off' : `Burner to ${act.setting}`;
    case 'skim':
      return 'Skimmed';
    case 'here':
      return 'Looked after it';
    case 'top-up':
      return `Added ${p.volume(act.m3)} of oil`;
    case 'fresh-oil':
      return 'Filled with fresh oil';
    case 'door':
      return 'Went to the door';
    case 'oil':
      return `Judged the oil: ${p.temp(act.tempC)}`;
    case 'core':
      return `Noted a core: ${p.temp(act.tempC)}`;
    case 'seen':
      return 'Judged the crust';
    case 'oven-out':
      return 'Took out of the oven';
    case 'take-back':
      return 'Took a tap back';
  }
}

export const PRACTICE = {
  title: 'Practice',
  room: 'Practice stove',
  name: 'Practice',
  eyeAndHand: 'Eye and hand',
  handbook: 'Handbook',
  says: 'The same stove, the same physics, no oil. Every evening is new. The best way through it is worked out for that very evening.',
  apart: 'Nothing you do here reaches the kitchen: no record, no timer, nothing that the product learns from.',
  nextIs: 'Practise next',
  situations: 'Situations',
  of: (kind: SituationKind) => SITUATION[kind],
  tried: ({ tried, value, low, high }: PracticeSkill) =>
    value === null
      ? 'not tried yet'
      : `about ${Math.round(value)} of 100, likely ${Math.round(low)} to ${Math.round(high)}, from ${tried} ${tried === 1 ? 'evening' : 'evenings'}`,
  bar: (name: string, low: number, high: number) => `${name}: likely ${Math.round(low)} to ${Math.round(high)} of 100`,
  making: 'Laying out an evening…',
  failed: 'This evening could not be laid out. Choose another one.',
  unknown: (asked: string) => `There is no situation “${asked.slice(0, 40)}”.`,
  all: 'All situations',
  planned: (of: Situation, p: Printer) =>
    of.pots
      .map(({ session }, i) => {
        const { draft, fry } = session.trays[0]!;
        const where = of.pots.length > 1 ? `${PRACTICE.pots[i]}: ` : '';
        const lots = fry.lots.everyS === null ? `lots of ${fry.lots.lotSize}, ` : '';
        return `${where}${draft.pieces} pieces, ${lots}oil at ${p.temp(draft.fry.oilC)}, ${p.time(fry.liftS ?? 0)} each`;
      })
      .join('. '),
  pots: ['Left ring', 'Right ring'],
  choosePot: 'Which pot you stand at',
  pace: 'Pace',
  paces: { '1': SPEED_NAME['1'], '4': SPEED_NAME['4'], '20': SPEED_NAME['20'] },
  help: 'The product',
  helps: { silent: 'keeps silent', whispers: 'whispers' },
  helpSays: 'Dangers are shown either way.',
  begin: 'Begin',
  goOn: 'Go on',
  hold: 'Hold',
  endIt: 'End it here',
  clock: (of: number, most: number, p: Printer) => `${p.time(of)} of ${p.time(most)} at most`,
  notices: 'What you notice',
  rings: 'Somebody rings at the door.',
  goToDoor: 'Go to the door',
  away: 'You are at the door. The stove is alone.',
  opens: (numbers: readonly number[]) => `Piece ${listText(numbers)} is open. Filling runs into the oil.`,
  smokes: 'The oil smokes.',
  crumbsDark: 'Crumbs in the oil have turned dark.',
  probeOut: 'The clip of the probe hangs loose.',
  putBack: 'Put the probe back',
  harms: 'This oil has fried fish. Somebody who is allergic to fish eats these pieces.',
  freshOil: 'Fill with fresh oil',
  crumb: 'Drop a crumb in',
  crumbSays: ({ crumbOilC }: PotSeen) => `The crumb ${CRUMB_DOES[crumbIn(crumbOilC)]}.`,
  heatOff: 'Everything is out. Turn the heat off to end.',
  probeCore: 'Probe a lifted piece',
  coreSays: (number: number, c: number, p: Printer) => `The core of ${number} reads ${p.temp(c)} now.`,
  judged: 'How it went',
  score: (score: number) => `${score} of 100`,
  beside: (lost: number, best: number) => `You lost ${worth(lost)}. The best way found here loses ${worth(best)}.`,
  searching: (share: number) => `Looking for the best way: ${Math.round(100 * share)} percent`,
  fates: ({ pieces }: PracticeOutcome): Readonly<Record<string, number>> => {
    const counts: Record<string, number> = { [FATE.right]: 0 };
    for (const { fate } of pieces) counts[FATE[fate]] = (counts[FATE[fate]] ?? 0) + 1;
    return counts;
  },
  reasons: (outcome: PracticeOutcome, p: Printer): readonly string[] => {
    const { danger, of, pieces, endS } = outcome;
    const lines: string[] = [];
    for (const fate of Object.keys(FATE) as PieceFate[]) {
      if (fate === 'right') continue;
      const hit = pieces.filter((piece) => piece.fate === fate);
      if (hit.length === 0) continue;
      const lost = hit.reduce((sum, piece) => sum + piece.lost, 0);
      const coldest = Math.min(...hit.map(({ coreC }) => coreC ?? Infinity));
      const core = fate === 'unsafe' && Number.isFinite(coldest) ? ` The coldest core came to ${p.temp(coldest)}.` : '';
      lines.push(`${hit.length} ${FATE[fate]}: ${worth(lost)} lost.${core}`);
    }
    for (const one of Object.keys(DANGER) as (keyof DangerTimes)[])
      if (danger[one] > 0) lines.push(`${p.time(danger[one])} of ${DANGER[one]}.`);
    if (of.oil > 0.05)
      lines.push(`Pieces in oil out of its band, or on top of one another: counts as ${worth(of.oil)}.`);
    if (of.danger > 0) lines.push(`Danger counts as ${worth(of.danger)}.`);
    if (of.door > 0) lines.push('Whoever rang went away again.');
    lines.push(`${p.time(endS)} in all, which counts as ${worth(of.time)}.`);
    return lines;
  },
  lesson: 'What it teaches',
  read: 'Read about it',
  again: 'The same evening again',
  another: 'Another evening like it',
  acts: 'What you did, and what it did',
  noActs: 'You did nothing this evening.',
  actAt: ({ act, atS }: PracticeAct, p: Printer) => `${p.time(atS)}: ${actText(act, p)}`,
  /** @param all pieces of the evening */
  cost: ({ cost, betterByS, saves }: ActCost, all: number, p: Printer): string => {
    const much = (lost: number) => (Math.abs(lost) >= all ? 'all of it' : worth(lost));
    const did = cost > SEEN ? `cost ${much(cost)}` : cost < -SEEN ? `saved ${much(cost)}` : 'changed next to nothing';
    if (saves < SEEN) return `${did}.`;
    return `${did}; ${p.time(Math.abs(betterByS))} ${betterByS < 0 ? 'sooner' : 'later'} would have saved ${much(saves)}.`;
  },
  weighing: (done: number, all: number) => `Cooking it again without each act: ${done} of ${all}`,
  trace: 'Your oil, and the oil of the best way',
  yours: 'you',
  best: 'best way',
  whatIf: 'What if',
  whatIfSays: 'Choose an act and move it. The evening is cooked again, with all else as you did it.',
  moved: (act: PracticeAct, atS: number, p: Printer) => `${actText(act.act, p)}, moved to ${p.time(atS)}`,
  asItWas: 'As it was',
  wouldBe: (score: number, lost: number) => `It would have been ${score} of 100: ${worth(lost)} lost.`,
  bestActs: 'What the best way did',
} as const;
