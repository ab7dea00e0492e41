import { INGREDIENTS } from '../ingredient/catalogue.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { isShipped, type Pantry } from '../ingredient/pantry.js';
import { type Amount, asBigAs, plainAmounts, readAmount, type ReadAmount } from './readAmount.js';
import { EACH_G, PART_G, type RecipeUnit, type SpoonSizes, unitWords } from './amountWords.js';
import { isPaste, matchIngredient, PASTE_KG_PER_M3 } from './matchIngredient.js';
import { type MethodFact, readMethod } from './readMethod.js';
import { recipeOfJson } from './recipeJson.js';

/** Which part of the work a line is for. */
export type RecipePart = 'dough' | 'filling' | 'coat' | 'glaze' | 'frying' | 'unsaid';

/** Why a line is shown to be looked at. */
export type RecipeQuestion =
  'no-amount' | 'to-taste' | 'not-known' | 'like-another' | 'near-name' | 'which-unit' | 'each-weighs' | 'two-amounts';

/** One line of a recipe, as it was understood. */
export interface RecipeLine {
  /** As it was written. */
  readonly text: string;
  readonly part: RecipePart;
  /** The ingredient's name as written. */
  readonly name: string;
  /** `null`: nothing in the pantry is called that. */
  readonly ingredientId: string | null;
  /** What it is most like, where it is not in the pantry; `null`: nothing known. */
  readonly like: string | null;
  /** kg; `null` where no amount was said. */
  readonly massKg: number | null;
  /** What it may weigh until it is weighed, kg. */
  readonly leastKg: number | null;
  readonly mostKg: number | null;
  /** What is done to it: "finely sliced". Empty: nothing was said. */
  readonly preparation: string;
  /** Empty: it was understood. */
  readonly questions: readonly RecipeQuestion[];
}

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
/** Volume weighs what it weighs only so well, as a share; flour in a cup is scooped or spooned. Source: docs/models/recipe.md. */
const VOLUME_SPREAD = 0.08;

const HEADINGS: readonly (readonly [RegExp, RecipePart | 'method'])[] = [
  [
    /^(?:for\s+(?:the\s+)?)?(?:dough|pastry|crust|shells?|wrappers?|case|casing|pastry dough|for the pastry)\b/i,
    'dough',
  ],
  [/^(?:for\s+(?:the\s+)?)?(?:filling|stuffing)\b/i, 'filling'],
  [/^(?:for\s+(?:the\s+)?)?(?:coating|coat|breading|crumb)\b/i, 'coat'],
  [/^(?:for\s+(?:the\s+)?)?(?:glaze|egg wash|wash|to brush|brushing)\b/i, 'glaze'],
  [/^(?:for\s+)?(?:(?:deep[- ])?frying|to fry)\b/i, 'frying'],
  [/^(?:method|directions?|instructions?|preparation|steps?|how to make)\b/i, 'method'],
  [/^(?:ingredients?)\b/i, 'unsaid'],
];

/** The part a line opens, and what is left of it after the heading; `null`: it is none. */
function headingOf(line: string): { part: RecipePart | 'method'; rest: string } | null {
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

function splitLine(line: string): string[] {
  // Not inside brackets: "1 can (20 oz, drained)".
  const brackets: string[] = [];
  const open = line.replace(/\([^)]*\)/g, (all) => `\uE000${brackets.push(all) - 1}\uE000`);
  return open
    .split(CUTS)
    .map((piece) => piece.replace(/\uE000(\d+)\uE000/g, (_, i: string) => brackets[Number(i)]!).trim())
    .filter(Boolean);
}

/** "Sugar, 2 tbsp" was cut into two: an amount of nothing belongs to what stands before it. */
function joined(pieces: readonly string[], units: Reader['units']): string[] {
  return pieces.reduce<string[]>((all, piece) => {
    const read = readAmount(plainAmounts(piece), units);
    const before = all.at(-1);
    if (before === undefined || !read?.amount.unit || read.rest !== '' || readAmount(plainAmounts(before), units))
      return [...all, piece];
    return [...all.slice(0, -1), `${before} ${piece}`];
  }, []);
}

/** kg of an amount of an ingredient, with its range; `null` where nobody knows what one weighs. */
function weigh(
  { least, most, unit, spread, size, times }: Amount,
  ingredient: Ingredient | null,
  id: string | null,
): { kg: number; spread: number } | null {
  const mean = (times * (least + most)) / 2;
  const range = spread + (most > least ? (most - least) / (most + least) : 0);
  if (unit?.kind === 'mass') return { kg: mean * unit.size, spread: range };
  if (unit?.kind === 'volume') {
    const density = ingredient?.densityKgPerM3 ?? 1000;
    const own =
      ingredient?.role === 'liquid' || (ingredient?.role === 'fat' && !ingredient.solidFat) ? 0.02 : VOLUME_SPREAD;
    return { kg: mean * unit.size * density, spread: range + own };
  }
  if (unit?.of) {
    if (unit.of === 'tin') {
      const g = 400 * 0.6;
      return { kg: (mean * g) / 1000, spread: range + 0.3 };
    }
    const parts = PART_G[unit.of];
    const g = (id !== null ? parts[id] : undefined) ?? parts['any'];
    if (g !== undefined) return { kg: (mean * g) / 1000, spread: range + 0.3 };
    if (unit.of !== 'piece' && unit.of !== 'clove' && unit.of !== 'leaf') return null;
  }
  const each = id === null ? undefined : EACH_G[id];
  if (each) return { kg: (mean * (each[size] ?? each.medium)) / 1000, spread: range + (each.spread ?? 0) };
  const sold = ingredient?.sold;
  if (sold?.unit === 'piece' && sold.unitKg !== null)
    return { kg: mean * sold.unitKg * sold.usedShare, spread: range + 0.25 };
  return null;
}

/** What stands after the name and is no part of it. */
function cutPreparation(text: string): { name: string; preparation: string } {
  const notes: string[] = [];
  const bare = text.replace(/\(([^)]*)\)/g, (_, inside: string) => {
    notes.push(inside.trim());
    return ' ';
  });
  const [name = '', ...after] = bare.split(/\s*,\s*|\s+-\s+|\s*;\s*/);
  return {
    name: name
      .replace(/\s+/g, ' ')
      .replace(/[.:]+$/, '')
      .trim(),
    preparation: [...after.map((one) => one.trim()), ...notes].filter(Boolean).join(', '),
  };
}

const TO_TASTE =
  /\b(?:to taste|as needed|as required|if needed|q\.?s\.?|for dusting|to serve|for frying|to fry|for deep[- ]frying)\b/i;
const JUICE_OF = /^(?:the\s+)?(juice|zest|rind|grated zest|grated rind|peel)\s+(?:of|from)\s+/i;
const JUICE_AFTER = /^(.*?)\b(lemons?|limes?|oranges?)\s*,?\s*\(?(juice|juiced|zest|zested)(?:\s+(?:of|only))?\)?$/i;

interface Reader {
  readonly units: ReadonlyMap<string, RecipeUnit>;
  readonly pantry: Pantry;
  readonly own: readonly Ingredient[];
}

/** One ingredient of a line; `null` when it does not look like one. */
function readItem(text: string, part: RecipePart, reader: Reader): RecipeLine | null {
  const { units, pantry, own } = reader;
  let said = plainAmounts(text).replace(/^(?:[-*•▢☐✓·]|\[ ?\]|\d+[.)](?=\s+\d|\s+[a-z]))\s*/i, '');
  const isTaste = TO_TASTE.test(said);
  if (isTaste)
    said = said
      .replace(TO_TASTE, ' ')
      .replace(/\s+/g, ' ')
      .replace(/[\s,(]+\)?$/, '')
      .trim();
  let juice = '';
  const juiceOf = JUICE_OF.exec(said);
  if (juiceOf) {
    juice = /juice/i.test(juiceOf[1]!) ? 'juice' : 'zest';
    said = said.slice(juiceOf[0].length);
  } else {
    const after = JUICE_AFTER.exec(said);
    if (after) {
      juice = /^juice/i.test(after[3]!) ? 'juice' : 'zest';
      said = `${after[1]!}${after[2]!}`;
    }
  }
  const questions: RecipeQuestion[] = [];
  let read = asBigAs(said) ?? readAmount(said, units) ?? amountAtEnd(said, units);
  if (!read && !isTaste && !juice) {
    const { name, preparation } = cutPreparation(said);
    const match = matchIngredient(name, own);
    if (!match.isSure) return null;
    return {
      ...asLine(text, part, match, preparation),
      massKg: null,
      leastKg: null,
      mostKg: null,
      questions: ['no-amount'],
    };
  }
  let weights: { kg: number; spread: number } | null = null;
  let rest = read ? read.rest : said;
  const plus = read && /^(?:\+|plus|and)\s*(?=\d)/i.exec(read.rest);
  const extra = plus ? readAmount(read!.rest.slice(plus[0].length), units) : null;
  if (extra) rest = extra.rest;
  // "250 g (2 cups) flour", "2 cups / 250 g flour": the one that was weighed counts.
  const second = /^(?:\(\s*(?:about\s+)?([^)]*)\)|\/\s*([^a-z]*[a-z-]+))\s*/i.exec(rest);
  const other = second ? readAmount((second[1] ?? second[2])!, units) : null;
  if (second && other?.amount.unit && other.rest.trim() === '') {
    rest = rest.slice(second[0].length).replace(/^of\s+/i, '');
    if (other.amount.unit.kind === 'mass' && read!.amount.unit?.kind !== 'mass') read = { ...other, rest };
  }
  const { name: bareName, preparation } = cutPreparation(rest);
  const name = juice ? `${bareName.replace(/s$/, '')} ${juice}` : bareName;
  const match = matchIngredient(name === '' && read?.amount.unitWord ? read.amount.unitWord : name, own);
  if (match.ingredientId === null && match.like === null && !read?.amount.unit && !isTaste) return null;
  const id = match.ingredientId ?? match.like;
  const ingredient = id === null ? null : pantry.find(id);
  if (read) {
    const isThick = match.ingredientId === null && isPaste(match.name);
    const dense = ingredient && isThick ? { ...ingredient, densityKgPerM3: PASTE_KG_PER_M3 } : ingredient;
    weights = weigh(read.amount, dense, id);
    const more = extra && weigh(extra.amount, ingredient, id);
    if (weights && more) weights = { kg: weights.kg + more.kg, spread: Math.max(weights.spread, more.spread) };
    if (!weights) questions.push('each-weighs');
    if (/^spoon/i.test(read.amount.unitWord)) questions.push('which-unit');
    // A bare number of what is not counted by the piece: nobody knows of what.
    if (read.amount.unit === null && weights === null && id !== null) questions.push('which-unit');
  } else questions.push(isTaste ? 'to-taste' : 'no-amount');
  if (match.ingredientId === null) questions.push(match.like === null ? 'not-known' : 'like-another');
  else if (!match.isSure) questions.push('near-name');
  return {
    ...asLine(text, part, match, preparation),
    massKg: weights && weights.kg,
    leastKg: weights && weights.kg * Math.max(0, 1 - weights.spread),
    mostKg: weights && weights.kg * (1 + weights.spread),
    questions: [...new Set(questions)],
  };
}

function asLine(text: string, part: RecipePart, match: ReturnType<typeof matchIngredient>, preparation: string) {
  const { name, ingredientId, like } = match;
  return { text: text.trim(), part, name, ingredientId, like, preparation };
}

/** "Flour 250 g", "flour: 2 cups", "salt - 1 tsp": the amount at the end. */
function amountAtEnd(text: string, units: ReadonlyMap<string, RecipeUnit>): ReadAmount | null {
  const match = /^([a-z][a-z\s'-]*?)\s*[:,(\t-]*\s+((?:~|about\s+)?\d.*?)\)?$/i.exec(text);
  if (!match) return null;
  const read = readAmount(match[2]!, units);
  return read?.amount.unit && read.rest === '' ? { amount: read.amount, rest: match[1]! } : null;
}

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
    for (const piece of joined(splitLine(row.slice(0, MOST_LINE).toWellFormed()), reader.units)) {
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

/** One or two ingredients: "salt and pepper to taste" are two. */
function readItems(text: string, part: RecipePart, reader: Reader): RecipeLine[] | null {
  const both = /^(salt)\s*(?:and|&|\+)\s*((?:black |white |freshly ground |ground )*pepper)\b(.*)$/i.exec(text);
  if (both) {
    return [both[1]!, both[2]!].flatMap((one) => readItem(`${one}${both[3]!}`, part, reader) ?? []);
  }
  const item = readItem(text, part, reader);
  return item && [item];
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
