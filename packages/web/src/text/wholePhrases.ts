import type { DifferenceId, Mattered, WholeId, WholeRow } from '@ember-fold/core';
import { plain, type Printer } from './printer';
import { STATION_NAME } from './stationWords';

/** What a record says of itself as a whole. */
export const WHOLE = {
  mattered: 'What differed, and what it did',
  matteredSays: 'Each difference from the plan alone, through the models; the greatest first.',
  nothing: 'Nothing differed enough to matter.',
  whole: 'From flour to table',
  notTold: 'not told',
  ofTray: (name: string, tray: string) => `${name}, tray ${tray}`,
} as const;

const WHOLE_NAME: Readonly<Record<WholeId, string>> = {
  'poured-kg': 'Liquid poured',
  'liquid-c': 'Liquid when poured',
  'dough-c': 'Dough when kneaded',
  'dough-kg': 'Dough when made',
  'filling-kg': 'Filling when cooked',
  'filling-c': 'Filling when folded',
  'rolled-m': 'Rolled to',
  folded: 'Folded',
  'portion-spread': 'Portions differ by',
  wasted: 'Burst, dough and filling',
  'energy-j': 'Energy of the ring',
  'begun-at': 'First step done',
  'ready-at': 'On the table',
  'hands-s': 'Hands, of the steps that were told',
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

/** Name of a row, with its tray where there are several. */
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

/** A colour moves by this, the first bite by this, oil by this share before it is said. */
const SAID = { colour: 0.08, biteC: 1.5, oilKg: 0.0002 } as const;

/** One difference: what it was instead of what was planned. */
export const differenceText = ({ what, mark, planned, happened }: Mattered, several: boolean, p: Printer): string =>
  `${several ? WHOLE.ofTray(DIFFERENCE[what], mark) : DIFFERENCE[what]}: ${differenceValue(what, happened, p)} instead of ${differenceValue(what, planned, p)}`;

/** What that alone did, by the models. */
export function effectOf({ colour, biteC, opens, oilKg }: Mattered, p: Printer): string {
  const said: string[] = [];
  if (Math.abs(colour) >= SAID.colour) said.push(`${plain(Math.abs(colour), 1)} ${colour > 0 ? 'darker' : 'paler'}`);
  if (Math.abs(biteC) >= SAID.biteC)
    said.push(`the middle ${p.tempSpan(Math.abs(biteC))} ${biteC > 0 ? 'hotter' : 'colder'}`);
  if (opens && Math.abs(opens.after - opens.before) >= 0.002)
    said.push(`${plain(100 * opens.after, 1)} % open instead of ${plain(100 * opens.before, 1)} %`);
  if (Math.abs(oilKg) >= SAID.oilKg) said.push(`${p.mass(Math.abs(oilKg))} ${oilKg > 0 ? 'more' : 'less'} oil in each`);
  const [first, ...rest] = said;
  if (!first) return 'A little of everything.';
  const all = [`${first[0]!.toUpperCase()}${first.slice(1)}`, ...rest];
  return `${all.length === 1 ? all[0] : `${all.slice(0, -1).join(', ')} and ${all[all.length - 1]}`}.`;
}
