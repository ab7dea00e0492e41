import type { PageId } from './page';

/** A kitchen term, explained in one sentence. */
export interface Term {
  readonly id: string;
  readonly name: string;
  /** Other forms in which it appears in a text. */
  readonly also?: readonly string[];
  readonly says: string;
  readonly page: PageId;
}

export const TERMS: readonly Term[] = [
  {
    id: 'family',
    name: 'family',
    also: ['families'],
    says: 'A way of making dough, with its own fat, water, thickness and oil.',
    page: 'families',
  },
  {
    id: 'effective-water',
    name: 'effective water',
    says: 'All the water in a dough: from the jug and from milk, egg, butter and mash.',
    page: 'water',
  },
  {
    id: 'bakers-percent',
    name: 'baker’s percent',
    says: 'The weight of an ingredient as a percentage of the weight of the flour.',
    page: 'water',
  },
  { id: 'hydration', name: 'hydration', says: 'Effective water as a percentage of the flour.', page: 'water' },
  {
    id: 'hold-back',
    name: 'keep back',
    says: 'Water left out of the first pour and added a spoonful at a time.',
    page: 'water',
  },
  {
    id: 'first-pour',
    name: 'first pour',
    says: 'The water that goes in at once; the rest follows a spoonful at a time.',
    page: 'water',
  },
  {
    id: 'stiffness',
    name: 'stiffness',
    says: 'How firmly the dough resists your hands, from 0 (slack) to 10 (rock hard).',
    page: 'resting',
  },
  {
    id: 'rubbing-in',
    name: 'rubbing in',
    says: 'Fat worked into flour with the fingers before any water.',
    page: 'fat',
  },
  {
    id: 'fist-test',
    name: 'fist test',
    says: 'A squeezed fistful of rubbed flour keeps its shape when there is enough fat.',
    page: 'fat',
  },
  {
    id: 'scalding',
    name: 'hot-water dough',
    says: 'Flour is tipped into boiling liquid, so that the dough is part-cooked before it is shaped.',
    page: 'water',
  },
  {
    id: 'knock-back',
    name: 'knock back',
    says: 'Pressing the gas out of a risen dough before it is shaped.',
    page: 'yeast',
  },
  {
    id: 'proof',
    name: 'proof',
    also: ['proofed', 'proofing'],
    says: 'The last rise, after shaping and before frying.',
    page: 'yeast',
  },
  {
    id: 'poke-test',
    name: 'poke test',
    says: 'Press in a floured finger: if the dent comes back slowly and only in part, the dough is proofed.',
    page: 'yeast',
  },
  {
    id: 'bench-rest',
    name: 'bench rest',
    says: 'A short rest under a cloth, so that the dough rolls without springing back.',
    page: 'resting',
  },
  {
    id: 'gluten',
    name: 'gluten',
    says: 'The elastic network that kneading builds in wheat dough; it springs back until it has rested.',
    page: 'resting',
  },
  {
    id: 're-roll',
    name: 're-roll',
    says: 'Scraps pressed together and rolled again; the dough gets tougher each time.',
    page: 'dividing',
  },
  { id: 'portion', name: 'portion', says: 'The weighed dough or filling for one piece.', page: 'dividing' },
  { id: 'piece', name: 'piece', says: 'One filled pastry.', page: 'shapes' },
  {
    id: 'seal-margin',
    name: 'seal margin',
    says: 'The strip of bare dough around the filling that becomes the seam.',
    page: 'sealing',
  },
  { id: 'crimp', name: 'crimp', says: 'A seam pressed with a fork.', page: 'sealing' },
  { id: 'rope', name: 'rope', says: 'A seam folded over itself and pinched along its length.', page: 'sealing' },
  { id: 'pleat', name: 'pleat', says: 'One fold of dough laid over another to gather a rim.', page: 'sealing' },
  { id: 'docking', name: 'docking', says: 'Pricking holes in a dough so that steam can escape.', page: 'sealing' },
  { id: 'load', name: 'load', says: 'The pieces that go into the oil together.', page: 'loads' },
  { id: 'batch', name: 'batch', says: 'One recipe made once, with all its trays.', page: 'loads' },
  {
    id: 'tray',
    name: 'tray',
    says: 'The pieces of a batch that share a filling and a shape and are cooked the same way.',
    page: 'loads',
  },
  {
    id: 'range',
    name: 'range',
    says: 'The lowest and highest figure that is right, of oil or of stiffness.',
    page: 'oil-heat',
  },
  {
    id: 'recovery',
    name: 'recovery',
    says: 'The time in which the oil gets back into its range after a load went in.',
    page: 'oil-heat',
  },
  {
    id: 'method',
    name: 'method',
    also: ['methods'],
    says: 'One of two ways of frying that cooks swear by. Both work; each has a drawback.',
    page: 'methods',
  },
  {
    id: 'crumb-test',
    name: 'crumb test',
    says: 'Drop in a crumb of dough: the way it rises shows roughly how hot the oil is.',
    page: 'no-thermometer',
  },
  {
    id: 'smoke-point',
    name: 'smoke point',
    says: 'The temperature at which an oil begins to smoke; lower each time it is used.',
    page: 'oil-life',
  },
  { id: 'core', name: 'core', says: 'The innermost part of a piece, which gets hot last.', page: 'core' },
  {
    id: 'carry-over',
    name: 'carry-over',
    says: 'The middle goes on getting hotter after the piece comes out of the oil.',
    page: 'core',
  },
];

/** A part of a text, with the term it contains, if any. */
export const termOf = (id: string): Term | undefined => TERMS.find((term) => term.id === id);

export interface TermPart {
  readonly text: string;
  readonly term?: Term;
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const NAMES = TERMS.flatMap((term) => [term.name, ...(term.also ?? [])].map((name) => [name, term] as const)).sort(
  ([a], [b]) => b.length - a.length,
);
const ANY = new RegExp(`(?<![\\p{L}-])(${NAMES.map(([name]) => escaped(name)).join('|')})s?(?![\\p{L}-])`, 'giu');
const BY_NAME = new Map(NAMES);

/** Splits a text at its terms; each term is marked only once. @param seen terms marked before; new ones are added */
export function termsIn(text: string, seen: Set<string>): readonly TermPart[] {
  const parts: TermPart[] = [];
  let from = 0;
  for (const match of text.matchAll(ANY)) {
    const term = BY_NAME.get(match[1]!.toLowerCase())!;
    if (seen.has(term.id)) continue;
    seen.add(term.id);
    if (match.index > from) parts.push({ text: text.slice(from, match.index) });
    parts.push({ text: match[0], term });
    from = match.index + match[0].length;
  }
  if (from < text.length) parts.push({ text: text.slice(from) });
  return parts;
}
