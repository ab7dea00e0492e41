import { plural } from '../shared/plural';
import type { FieldClash } from '@ember-fold/core/plan';
import { plain, type Printer } from '../../printer';

/** The names of fields, used when two devices disagree about one. */
const FIELD_NAME: Readonly<Record<string, string>> = {
  name: 'Name',
  pieces: 'Pieces',
  eatAt: 'Eat at',
  shape: 'Shape',
  lines: 'Formula',
  family: 'Dough family',
  oilC: 'Oil',
  minutesS: 'Time in the oil',
  loadSize: 'Pieces in a load',
  turn: 'Turning',
  start: 'Start from',
  discM: 'Width',
  lengthM: 'Length',
  thicknessM: 'Thickness',
  sealM: 'Seal',
  fillingEachKg: 'Filling each',
  roomC: 'Room',
  fridgeC: 'Fridge',
  freezerC: 'Freezer',
  altitudeM: 'Altitude',
  oilM3: 'Oil in the pot',
  diameterM: 'Pot, width',
  heightM: 'Pot, height',
  guests: 'Guests',
  servings: 'Times',
  each: 'Pieces each',
  supper: 'Supper',
  otherPots: 'Other pots',
  units: 'Ingredients in',
  temperature: 'Temperatures in',
  currency: 'Money',
  hours: 'Hours of the clock',
};

/** "burnerW" → "Burner": the words of a name without its unit. */
function spelled(key: string): string {
  const words = key
    .replace(/(?:Kg|M3|M|C|S|W|Ml|PerK|Share)$/, '')
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()
    .trim();
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A value in the cook's units, using the unit in its field's name; for a list, its length. */
function clashValue(key: string, value: unknown, p: Printer): string {
  if (value === undefined || value === null) return 'none';
  if (Array.isArray(value)) return `${value.length} ${plural(value.length, 'line', 'lines')}`;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') {
    const ms = key === 'eatAt' ? Date.parse(value) : NaN;
    return Number.isFinite(ms) ? `${p.clock(ms)} ${p.day(ms)}` : value.slice(0, 60).replaceAll('-', ' ');
  }
  if (typeof value !== 'number') return 'another choice';
  if (/M3$/.test(key)) return p.volume(value);
  if (/Kg$/.test(key)) return p.mass(value);
  if (/C$/.test(key)) return p.temp(value);
  if (/S$/.test(key)) return p.time(value);
  if (key !== 'altitudeM' && /M$/.test(key)) return p.length(value);
  return plain(value, 2);
}

/** One field that two devices have set differently. */
export function clashText(
  { path, mine, theirs }: FieldClash,
  p: Printer,
): { name: string; mine: string; theirs: string } {
  const key = path[path.length - 1] ?? 'text';
  const where = path.length > 1 && !(key in FIELD_NAME) ? `${spelled(path[path.length - 2]!)}, ` : '';
  return {
    name: path.length === 0 ? 'Notes' : `${where}${FIELD_NAME[key] ?? spelled(key)}`,
    mine: clashValue(key, mine, p),
    theirs: clashValue(key, theirs, p),
  };
}

/** What was being saved, by its key. */
export function savedName(key: string): string {
  if (key === 'kitchen') return 'The kitchen';
  if (key.startsWith('supper')) return 'This supper';
  return key.startsWith('notes') ? 'These notes' : 'This batch';
}

/** The name of an act that the server refused. */
export function outgoingName(lane: string, body: unknown): string {
  const { name, kind } = (body ?? {}) as { name?: string; kind?: string };
  if (lane.startsWith('timers')) return `Timer${name ? ` "${name}"` : ''}`;
  const what = (kind ?? 'act').replaceAll('-', ' ');
  return lane.startsWith('stove') ? `At the stove: ${what}` : `On the run-sheet: ${what}`;
}
