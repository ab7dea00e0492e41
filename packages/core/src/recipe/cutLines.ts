import type { RecipeUnit } from './amountWords.js';
import { plainAmounts, readAmount } from './readAmount.js';
import type { RecipePart } from './recipeLine.js';

const HEADINGS: readonly (readonly [RegExp, RecipePart | 'method'])[] = [
  [
    /^(?:for\s+(?:the\s+)?)?(?:dough|pastry|crust|shells?|wrappers?|case|casing|pastry dough|for the pastry)\b/i,
    'dough',
  ],
  [/^(?:for\s+(?:the\s+)?)?(?:filling|stuffing)\b/i, 'filling'],
  [/^(?:for\s+(?:the\s+)?)?(?:coating|coat|breading|crumb)\b/i, 'coating'],
  [/^(?:for\s+(?:the\s+)?)?(?:glaze|egg wash|wash|to brush|brushing)\b/i, 'glaze'],
  [/^(?:for\s+)?(?:(?:deep[- ])?frying|to fry)\b/i, 'frying'],
  [/^(?:method|directions?|instructions?|preparation|steps?|how to make)\b/i, 'method'],
  [/^(?:ingredients?)\b/i, 'unsaid'],
];

/** The part a line opens, and what is left of it after the heading; `null`: it is none. */
export function headingOf(line: string): { part: RecipePart | 'method'; rest: string } | null {
  const bare = line.replace(/^#+\s*|\*\*|__/g, '').trim();
  for (const [pattern, part] of HEADINGS) {
    const match = pattern.exec(bare);
    if (!match) continue;
    const rest = bare.slice(match[0].length).trim();
    if (rest === '' || /^[:：-]/.test(rest)) return { part, rest: rest.replace(/^[:：-]\s*/, '') };
    if (/^(?:ingredients?|mix|mixture)\s*[:：]?$/i.test(rest)) return { part, rest: '' };
    // "filling 1 lb trout": the amount follows at once.
    if (/^[\d½⅓⅔¼¾⅛~]/.test(rest) && part !== 'method') return { part, rest };
  }
  return null;
}

/** Where a line of several ingredients is cut: at a comma or semicolon, or "and", with an amount behind it. */
const AMOUNT_AHEAD = String.raw`(?=(?:about|approx\.?|approximately|around|roughly|scant|heaped|heaping|a\s+(?:pinch|dash|handful|knob|bunch|splash|little)|(?:a\s+)?pinch|half\s+an?|~)?\s*(?:\d|[½⅓⅔¼¾⅛]|a\s+(?:pinch|dash|handful|knob|bunch)|pinch|half\s+an?\s|salt\b|juice\s+of|zest\s+of))`;
const CUTS = new RegExp(
  String.raw`\s*;\s*|\s*(?:(?<!\d),|,(?!\d))\s*(?:and\s+)?${AMOUNT_AHEAD}|\s+and\s+(?=\d[\d\s/.,]*\s*(?:g|kg|ml|l|oz|lb|cups?|tsps?|tbsps?|teaspoons?|tablespoons?|pinch)\b)`,
  'i',
);

/** A piece of a row, and what stood between it and the piece before. */
interface Piece {
  readonly text: string;
  readonly cut: string;
}

function splitLine(line: string): Piece[] {
  // Not inside brackets: "1 can (20 oz, drained)".
  const brackets: string[] = [];
  const open = line.replace(/\([^)]*\)/g, (all) => `\uE000${brackets.push(all) - 1}\uE000`);
  const cuts = ['', ...Array.from(open.matchAll(new RegExp(CUTS, 'gi')), ([cut]) => cut)];
  return open
    .split(CUTS)
    .map((piece, at) => ({
      text: piece.replace(/\uE000(\d+)\uE000/g, (_, i: string) => brackets[Number(i)]!).trim(),
      cut: cuts[at]!,
    }))
    .filter(({ text }) => text !== '');
}

/** "Sugar, 2 tbsp" was cut into two: an amount of nothing belongs to what stands before its comma. */
function joined(pieces: readonly Piece[], units: ReadonlyMap<string, RecipeUnit>): string[] {
  return pieces.reduce<string[]>((all, { text, cut }) => {
    const read = readAmount(plainAmounts(text), units);
    const before = all.at(-1);
    const isBare = read?.amount.unit && read.rest === '' && !/and/i.test(cut);
    if (before === undefined || !isBare || readAmount(plainAmounts(before), units)) return [...all, text];
    return [...all.slice(0, -1), `${before} ${text}`];
  }, []);
}

/** The ingredients of a row, each a piece of its own. */
export function cutRow(row: string, units: ReadonlyMap<string, RecipeUnit>): string[] {
  return joined(splitLine(row), units);
}
