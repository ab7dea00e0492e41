import type { PageId } from './page';

/** A word of the kitchen, in one sentence. */
export interface Term {
  readonly id: string;
  readonly name: string;
  /** Other ways it stands in a text. */
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
    says: 'All the water in a dough: from the jug, and from milk, egg, butter and mash.',
    page: 'water',
  },
  {
    id: 'bakers-percent',
    name: 'baker’s percent',
    says: 'The weight of an ingredient beside the weight of the flour, which is 100.',
    page: 'water',
  },
  { id: 'hydration', name: 'hydration', says: 'Effective water over flour.', page: 'water' },
  {
    id: 'hold-back',
    name: 'hold-back',
    says: 'Water kept out of the first pour, and added by the spoon.',
    page: 'water',
  },
  {
    id: 'first-pour',
    name: 'first pour',
    says: 'The water that goes in at once; the rest follows by the spoon.',
    page: 'water',
  },
  {
    id: 'stiffness',
    name: 'stiffness',
    says: 'How hard the dough resists the hands, from 0, slack, to 10, rock.',
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
    name: 'scalding',
    says: 'Flour tipped into boiling liquid, so that the dough is cooked before it is shaped.',
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
    says: 'The last rise, after shaping and before the oil.',
    page: 'yeast',
  },
  {
    id: 'poke-test',
    name: 'poke test',
    says: 'A floured finger pressed in: a slow, partial spring back means proofed.',
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
    says: 'What kneading builds in wheat dough: it holds it together, and springs back until it rests.',
    page: 'resting',
  },
  {
    id: 're-roll',
    name: 're-roll',
    says: 'Scraps pressed together and rolled again; each time tougher.',
    page: 'dividing',
  },
  { id: 'portion', name: 'portion', says: 'Weighed dough or filling for one piece.', page: 'dividing' },
  { id: 'piece', name: 'piece', says: 'One filled pastry.', page: 'forms' },
  { id: 'form', name: 'form', says: 'The shape of a piece.', page: 'forms' },
  {
    id: 'seal-margin',
    name: 'seal margin',
    says: 'The strip of bare dough around the filling that becomes the seam.',
    page: 'sealing',
  },
  { id: 'crimp', name: 'crimp', says: 'A seam pressed with a fork.', page: 'sealing' },
  { id: 'rope', name: 'rope', says: 'A seam folded over itself and pinched along its length.', page: 'sealing' },
  { id: 'pleat', name: 'pleat', says: 'One fold of dough laid over another to gather a rim.', page: 'sealing' },
  { id: 'docking', name: 'docking', says: 'Holes pricked in a dough so that steam finds a way out.', page: 'sealing' },
  { id: 'lot', name: 'lot', says: 'The pieces that are in the oil together.', page: 'lots' },
  { id: 'batch', name: 'batch', says: 'One cook’s whole run, from flour to plate.', page: 'lots' },
  {
    id: 'tray',
    name: 'tray',
    says: 'The pieces of a batch that share one dough, one filling and one form.',
    page: 'lots',
  },
  { id: 'band', name: 'band', says: 'The oil temperatures that a plan allows.', page: 'oil-heat' },
  {
    id: 'recovery',
    name: 'recovery',
    says: 'The oil climbing back into its band after a cold lot went in.',
    page: 'oil-heat',
  },
  {
    id: 'school',
    name: 'school',
    also: ['schools'],
    says: 'One of two ways that cooks swear by; both work, and each costs something.',
    page: 'schools',
  },
  {
    id: 'crumb-test',
    name: 'crumb test',
    says: 'A crumb of dough dropped in: how it rises tells how hot the oil is, within a range.',
    page: 'no-thermometer',
  },
  {
    id: 'smoke-point',
    name: 'smoke point',
    says: 'The temperature at which an oil begins to smoke; lower each time it is used.',
    page: 'oil-life',
  },
  { id: 'core', name: 'core', says: 'The innermost part of a piece, which is hot last.', page: 'core' },
  {
    id: 'carry-over',
    name: 'carry-over',
    says: 'The crust heats the middle on after the piece is lifted.',
    page: 'core',
  },
];

/** A stretch of text, and the term it is, if any. */
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

/** A text with the terms in it, each only where it stands first. @param seen those that stood before; more are added */
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
