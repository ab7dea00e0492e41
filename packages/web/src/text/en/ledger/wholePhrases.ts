import type { DifferenceId, Mattered, WholeId, WholeRow } from '@ember-fold/core/ledger';
import { plain, type Printer } from '../../printer';
import { STATION_NAME } from '../shell/stationWords';

/** Text of a ledger record as a whole. */
export const WHOLE = {
  mattered: 'What differed, and what it did',
  matteredSays: 'What each departure from the plan would have done on its own, as computed. Biggest effect first.',
  nothing: 'Nothing differed enough to matter.',
  whole: 'From flour to table',
  notTold: 'not recorded',
  ofTray: (name: string, tray: string) => `${name}, tray ${tray}`,
} as const;

const WHOLE_NAME: Readonly<Record<WholeId, string>> = {
  'poured-kg': 'Liquid poured',
  'liquid-c': 'Liquid when poured',
  'dough-c': 'Dough after kneading',
  'dough-kg': 'Weight of the dough',
  'filling-kg': 'Filling when cooked',
  'filling-c': 'Filling when folded',
  'rolled-m': 'Rolled to',
  folded: 'Folded',
  'portion-spread': 'Portions differ by',
  wasted: 'Lost in burst pieces',
  'energy-j': 'Energy used by the burner',
  'begun-at': 'First step done',
  'ready-at': 'On the table',
  'hands-s': 'Hands-on time of the steps you logged',
  cost: 'Ingredients',
  guests: 'At the table',
};

/** A figure of a record in the cook's units. */
export function wholeValue(what: WholeId, value: number | null, p: Printer): string {
  if (value === null) return '–';
  switch (what) {
    case 'poured-kg':
      return p.water(value);
    case 'dough-kg':
    case 'filling-kg':
    case 'wasted':
      return p.mass(value);
    case 'liquid-c':
    case 'dough-c':
    case 'filling-c':
      return p.temp(value);
    case 'rolled-m':
      return p.length(value);
    case 'folded':
    case 'guests':
      return plain(value, 0);
    case 'portion-spread':
      return `${plain(100 * value, 1)} %`;
    case 'energy-j':
      return `${plain(value / 3.6e6, 1)} kWh`;
    case 'begun-at':
    case 'ready-at':
      return p.clock(value);
    case 'hands-s':
      return p.span(value);
    case 'cost':
      return p.money(value);
    default: {
      const never: never = what;
      return never;
    }
  }
}

/** The name of a row, with its tray if there are several. */
export const wholeName = ({ what, mark }: WholeRow): string =>
  mark === undefined ? WHOLE_NAME[what] : WHOLE.ofTray(WHOLE_NAME[what], mark);

export const wholeStation = ({ station }: WholeRow): string => STATION_NAME[station];

const DIFFERENCE: Readonly<Record<DifferenceId, string>> = {
  'oil-c': 'Oil',
  'in-oil-s': 'Time in the oil',
  'rolled-m': 'Rolled to',
  'filling-kg': 'Filling when cooked',
  'poured-kg': 'Liquid poured',
};

function differenceValue(what: DifferenceId, value: number, p: Printer): string {
  switch (what) {
    case 'oil-c':
      return p.temp(value);
    case 'in-oil-s':
      return p.time(value);
    case 'rolled-m':
      return p.length(value);
    case 'filling-kg':
      return p.mass(value);
    case 'poured-kg':
      return p.water(value);
    default: {
      const never: never = what;
      return never;
    }
  }
}

/** The smallest effects worth mentioning: colour steps, °C at the first bite, kg of oil in a piece. */
const SAID = { colour: 0.08, biteC: 1.5, oilKg: 0.0002 } as const;

/** One departure from the plan: the actual value and the planned one. */
export const differenceText = ({ what, mark, planned, happened }: Mattered, several: boolean, p: Printer): string =>
  `${several ? WHOLE.ofTray(DIFFERENCE[what], mark) : DIFFERENCE[what]}: ${differenceValue(what, happened, p)} instead of ${differenceValue(what, planned, p)}`;

/** A colour difference in words: "a touch darker", "clearly paler". One colour step is 1. */
function colourDifference(colour: number): string {
  const size = Math.abs(colour);
  const much = size < 0.2 ? 'a touch ' : size < 0.5 ? '' : 'clearly ';
  return `${much}${colour > 0 ? 'darker' : 'paler'}`;
}

/** The computed effect of one departure from the plan on its own. */
export function effectOf({ colour, biteC, bursts, oilKg }: Mattered, p: Printer): string {
  const said: string[] = [];
  if (Math.abs(colour) >= SAID.colour) said.push(colourDifference(colour));
  if (Math.abs(biteC) >= SAID.biteC)
    said.push(`${p.tempSpan(Math.abs(biteC))} ${biteC > 0 ? 'hotter' : 'colder'} in the middle`);
  if (bursts && Math.abs(bursts.after - bursts.before) >= 0.002)
    said.push(`${plain(100 * bursts.after, 1)} % burst instead of ${plain(100 * bursts.before, 1)} %`);
  if (Math.abs(oilKg) >= SAID.oilKg)
    said.push(`${p.mass(Math.abs(oilKg))} ${oilKg > 0 ? 'more' : 'less'} oil in each piece`);
  const [first, ...rest] = said;
  if (!first) return 'No effect you would notice.';
  const all = [`${first[0]!.toUpperCase()}${first.slice(1)}`, ...rest];
  return `${all.length === 1 ? all[0] : `${all.slice(0, -1).join(', ')} and ${all[all.length - 1]}`}.`;
}
