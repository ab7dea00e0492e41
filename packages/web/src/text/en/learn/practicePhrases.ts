import { SITUATION } from './situationWords';
import { plural } from '../shared/plural';
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
} from '@ember-fold/core/stove';
import { listText } from '../stove/stoveWords';
import type { Printer } from '../../printer';
import { CRUMB_DOES } from '../bench/fry/methodText';
import { SPEED_NAME } from '../shared/words';

const FATE: Readonly<Record<PieceFate, string>> = {
  right: 'right',
  pale: 'too pale',
  dark: 'too dark',
  'raw-dough': 'dough not set',
  unsafe: 'not safe inside',
  greasy: 'greasy',
  burst: 'burst',
  harms: 'unsafe for the guest',
  'not-fried': 'not fried',
};

const DANGER: Readonly<Record<keyof DangerTimes, string>> = {
  tooHot: 'oil too hot with the heat on',
  smoke: 'oil smoking',
  level: 'oil too high in the pot',
  open: 'a burst piece in the oil',
  alone: 'hot oil left alone',
  blind: 'heat turned up with the probe in the air',
};

/** A loss below this is not noticeable, pieces. */
const SEEN = 0.1;

/** A loss in pieces, to a tenth. */
const worth = (pieces: number): string => {
  const n = Math.abs(pieces);
  if (n < SEEN) return 'almost nothing';
  const shown = n < 10 ? n.toFixed(1) : String(Math.round(n));
  return `${shown} ${shown === '1.0' ? 'piece' : n < 1 ? 'of a piece' : 'pieces'}`;
};

function actText(act: PotAct, p: Printer): string {
  switch (act.kind) {
    case 'drop':
      return `Dropped ${listText(act.pieces)}`;
    case 'turn':
      return `Turned ${listText(act.pieces)}`;
    case 'take-out':
      return `Took out ${listText(act.pieces)}`;
    case 'burst':
      return `Took out ${listText(act.pieces)}, burst`;
    case 'to-oven':
    case 'aside':
      return `Put ${listText(act.pieces)} in the oven`;
    case 'burner':
      return act.setting === 0 ? 'Heat off' : `Burner to ${act.setting}`;
    case 'skim':
      return 'Skimmed';
    case 'here':
      return 'Checked the pot';
    case 'top-up':
      return `Added ${p.volume(act.m3)} of oil`;
    case 'fresh-oil':
      return 'Filled with fresh oil';
    case 'door':
      return 'Went to the door';
    case 'oil':
      return `Judged the oil: ${p.temp(act.tempC)}`;
    case 'core':
      return `Probed a middle: ${p.temp(act.tempC)}`;
    case 'seen':
      return 'Judged the crust';
    case 'oven-out':
      return 'Took out of the oven';
    case 'take-back':
      return 'Undid a tap';
  }
}

export const PRACTICE = {
  title: 'Practice',
  room: 'Practice stove',
  name: 'Practice',
  eyeAndHand: 'Eye and hand',
  handbook: 'Handbook',
  says: 'The same stove and the same physics, without hot oil. Every session is different, and the best way through it is computed for comparison.',
  apart: 'Practice is kept apart: no record, no timer, and nothing is learnt from it.',
  nextIs: 'Practise next',
  situations: 'Situations',
  of: (kind: SituationKind) => SITUATION[kind],
  tried: ({ tried, value, low, high }: PracticeSkill) =>
    value === null
      ? 'not tried yet'
      : `about ${Math.round(value)} of 100, likely ${Math.round(low)} to ${Math.round(high)}, based on ${tried} ${plural(tried, 'session', 'sessions')}`,
  bar: (name: string, low: number, high: number) => `${name}: likely ${Math.round(low)} to ${Math.round(high)} of 100`,
  making: 'Setting up a session…',
  failed: 'This session could not be set up. Choose another one.',
  unknown: (asked: string) => `There is no situation “${asked.slice(0, 40)}”.`,
  all: 'All situations',
  planned: (of: Situation, p: Printer) =>
    of.pots
      .map(({ session }, i) => {
        const { draft, fry } = session.trays[0]!;
        const where = of.pots.length > 1 ? `${PRACTICE.pots[i]}: ` : '';
        const loads = fry.loads.everyS === null ? `loads of ${fry.loads.loadSize}, ` : '';
        return `${where}${draft.pieces} pieces, ${loads}oil at ${p.temp(draft.fry.oilC)}, ${p.time(fry.takeOutS ?? 0)} each`;
      })
      .join('. '),
  pots: ['Left burner', 'Right burner'],
  choosePot: 'Which pot you are at',
  pace: 'Pace',
  paces: { '1': SPEED_NAME['1'], '4': SPEED_NAME['4'], '20': SPEED_NAME['20'] },
  help: 'Hints',
  helps: { silent: 'off', whispers: 'on' },
  helpSays: 'Dangers are always shown.',
  begin: 'Start',
  goOn: 'Continue',
  hold: 'Pause',
  endIt: 'End it now',
  clock: (of: number, most: number, p: Printer) => `${p.time(of)} of ${p.time(most)} at most`,
  notices: 'What you notice',
  rings: 'Somebody is ringing the doorbell.',
  goToDoor: 'Go to the door',
  away: 'You are at the door. The stove is alone.',
  opens: (numbers: readonly number[]) => `Piece ${listText(numbers)} has burst. Filling is running into the oil.`,
  smokes: 'The oil is smoking.',
  crumbsDark: 'Crumbs in the oil have turned dark.',
  probeOut: 'The clip of the probe has come loose.',
  putBack: 'Put the probe back',
  harms: 'Fish has been fried in this oil. These pieces are for somebody who is allergic to fish.',
  freshOil: 'Fill with fresh oil',
  crumb: 'Drop in a crumb',
  crumbSays: ({ crumbOilC }: PotSeen) => `The crumb ${CRUMB_DOES[crumbIn(crumbOilC)]}.`,
  heatOff: 'Everything is out. Turn the heat off to end.',
  probeCore: 'Probe a fried piece',
  coreSays: (number: number, c: number, p: Printer) => `The middle of ${number} is at ${p.temp(c)} now.`,
  judged: 'How it went',
  score: (score: number) => `${score} of 100`,
  beside: (lost: number, best: number) =>
    `You lost the equivalent of ${worth(lost)}. The best run we found loses ${worth(best)}.`,
  searching: (share: number) => `Looking for the best run: ${Math.round(100 * share)} percent`,
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
      const core =
        fate === 'unsafe' && Number.isFinite(coldest) ? ` The coldest middle reached only ${p.temp(coldest)}.` : '';
      lines.push(`${hit.length} ${FATE[fate]}: ${worth(lost)} lost.${core}`);
    }
    for (const one of Object.keys(DANGER) as (keyof DangerTimes)[])
      if (danger[one] > 0) lines.push(`${p.time(danger[one])} of ${DANGER[one]}.`);
    if (of.oil > 0.05) lines.push(`Pieces in oil outside its range, or too crowded: counts as ${worth(of.oil)}.`);
    if (of.danger > 0) lines.push(`Danger counts as ${worth(of.danger)}.`);
    if (of.door > 0) lines.push('The caller went away again.');
    lines.push(`${p.time(endS)} in all, which counts as ${worth(of.time)}.`);
    return lines;
  },
  lesson: 'What it teaches',
  read: 'Read about it',
  again: 'The same session again',
  another: 'Another session like it',
  acts: 'What you did, and its effect',
  noActs: 'You did nothing in this session.',
  actAt: ({ act, atS }: PracticeAct, p: Printer) => `${p.time(atS)}: ${actText(act, p)}`,
  /** @param all number of pieces in the session */
  cost: ({ cost, betterByS, saves }: ActCost, all: number, p: Printer): string => {
    const much = (lost: number) => (Math.abs(lost) >= all ? 'every piece' : worth(lost));
    const did =
      cost > SEEN
        ? `a mistake, cost ${much(cost)}`
        : cost < -SEEN
          ? `needed, saved ${much(cost)}`
          : 'made almost no difference';
    if (saves < SEEN) return `${did}.`;
    const moved = `${p.time(Math.abs(betterByS))} ${betterByS < 0 ? 'earlier' : 'later'}`;
    return saves < 0.5
      ? `${did}. ${moved} would have been slightly better.`
      : `${did}. ${moved} would have saved ${much(saves)}.`;
  },
  weighing: (done: number, all: number) => `Replaying without each step: ${done} of ${all}`,
  trace: 'Your oil, and the oil of the best run',
  yours: 'you',
  best: 'best run',
  whatIf: 'What if',
  whatIfSays: 'Pick a step and move it earlier or later. The session is replayed with everything else unchanged.',
  moved: (act: PracticeAct, atS: number, p: Printer) => `${actText(act.act, p)}, moved to ${p.time(atS)}`,
  asItWas: 'As it was',
  wouldBe: (score: number, lost: number) => `The score would have been ${score} of 100, with ${worth(lost)} lost.`,
} as const;
