import { INGREDIENTS } from '../ingredient/catalogue.js';
import { isShipped, type Pantry } from '../ingredient/pantry.js';
import { type SpoonSizes, unitWords } from './amountWords.js';
import { cutRow, headingOf } from './cutLines.js';
import { type Reader, readItems } from './readItem.js';
import { type MethodFact, readMethod } from './readMethod.js';
import { recipeOfJson } from './recipeJson.js';
import type { RecipeLine, RecipePart } from './recipeLine.js';

/** A recipe as it was understood; nothing that was written is dropped. */
export interface RecipeRead {
  readonly title: string | null;
  readonly lines: readonly RecipeLine[];
  /** Temperatures, times and counts of the method. */
  readonly facts: readonly MethodFact[];
  /** Lines that were neither ingredient nor method. */
  readonly unread: readonly string[];
  /** Lines after this many were not read. */
  readonly cutAfter: number | null;
}

/** A recipe has no more lines than this; a novel is not read to its end. */
export const MOST_RECIPE_LINES = 400;
const MOST_LINE = 4000;
/**
 * Reads a recipe as cooks write them: headings, ingredients in lines or in a row, the method. A
 * page's data (schema.org Recipe) and Markdown lists are read the same. Nothing is dropped: what is
 * neither ingredient nor method comes back as unread.
 *
 * @param pantry of the kitchen; what it added itself is asked first
 * @param spoons cup and teaspoon of the kitchen
 * @example readRecipe('2 cups flour', pantry, kitchen.measures).lines[0].ingredientId // 'plain-wheat-flour'
 */
export function readRecipe(text: string, pantry: Pantry, spoons: SpoonSizes): RecipeRead {
  const data = recipeOfJson(text);
  // Half a character, as a bad copy leaves it, is none.
  const whole = (data?.text ?? text).toWellFormed();
  const reader: Reader = { units: unitWords(spoons), pantry, own: pantry.all.filter(({ id }) => !isShipped(id)) };
  const rows = whole
    .split(/\r?\n|(?<=\.)\s{2,}/)
    .map((row) => row.trim())
    .filter((row) => row !== '' && !/^[-=_*]{3,}$/.test(row));
  const lines: RecipeLine[] = [];
  const method: string[] = [];
  const unread: string[] = [];
  let part: RecipePart | 'method' = 'unsaid';
  let title: string | null = data?.title ?? null;
  rows.slice(0, MOST_RECIPE_LINES).forEach((row, at) => {
    if (row.length > MOST_LINE) unread.push(row.slice(MOST_LINE).toWellFormed());
    for (const piece of cutRow(row.slice(0, MOST_LINE).toWellFormed(), reader.units)) {
      const heading = headingOf(piece);
      if (heading) part = heading.part;
      const said = heading ? heading.rest : piece;
      if (said === '') continue;
      const item = part === 'method' ? null : readItems(said, part, reader);
      if (item) lines.push(...item);
      else if (part === 'method' || isMethod(said)) method.push(said);
      else if (title === null && at === 0)
        title = said
          .replace(/^#+\s*|\*\*/g, '')
          .slice(0, 120)
          .toWellFormed();
      else unread.push(said);
    }
  });
  return {
    title,
    lines: withParts(lines),
    facts: readMethod(method.join('\n')),
    unread,
    cutAfter: rows.length > MOST_RECIPE_LINES ? MOST_RECIPE_LINES : null,
  };
}

/** A sentence of what to do. */
function isMethod(text: string): boolean {
  return (
    text.split(/\s+/).length >= 4 ||
    /^(?:mix|knead|rest|roll|fill|seal|fry|bake|add|stir|cook|heat|chill|cut|fold|serve|let|leave|drain|divide|shape|boil)\b/i.test(
      text,
    )
  );
}

/** Where no heading says it, what comes with flour is dough, and the rest is filling from the first thing that no dough holds. */
function withParts(lines: readonly RecipeLine[]): RecipeLine[] {
  if (lines.some((line) => line.part !== 'unsaid' && line.part !== 'frying')) {
    // What stood before the first heading is the dough, where a filling follows.
    const first = lines.find((line) => line.part !== 'unsaid')!.part;
    return lines.map((line) =>
      line.part === 'unsaid' ? { ...line, part: first === 'dough' ? ('filling' as const) : ('dough' as const) } : line,
    );
  }
  const hasFlour = lines.some(({ ingredientId }) => ingredientId?.endsWith('flour'));
  let part: RecipePart = hasFlour ? 'dough' : 'filling';
  return lines.map((line) => {
    if (line.part !== 'unsaid') return line;
    if (part === 'dough' && isForFilling(line)) part = 'filling';
    return { ...line, part };
  });
}

/** Meat, fish, vegetables, fruit, cheese: no dough begins with one. */
function isForFilling({ ingredientId, like }: RecipeLine): boolean {
  const id = ingredientId ?? like;
  if (id === null) return false;
  return FILLING_IDS.has(id);
}

const FILLING_IDS = new Set(INGREDIENTS.filter(({ role }) => role === 'filling').map(({ id }) => id));
