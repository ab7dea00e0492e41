import type { Ingredient } from '../ingredient/ingredient.js';
import type { Pantry } from '../ingredient/pantry.js';
import { EACH_G, PART_G, type RecipeUnit } from './amountWords.js';
import { type IngredientMatch, isPaste, matchIngredient, PASTE_KG_PER_M3 } from './matchIngredient.js';
import { type Amount, asBigAs, plainAmounts, readAmount, type ReadAmount } from './readAmount.js';
import type { RecipeLine, RecipePart, RecipeQuestion } from './recipeLine.js';

/** Volume weighs what it weighs only so well, as a share; flour in a cup is scooped or spooned. Source: docs/models/recipe.md. */
const VOLUME_SPREAD = 0.08;

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

/** What a line is read with. */
export interface Reader {
  readonly units: ReadonlyMap<string, RecipeUnit>;
  readonly pantry: Pantry;
  readonly own: readonly Ingredient[];
}

/** A line without its mark, its "to taste" and its "juice of". */
interface Said {
  readonly text: string;
  readonly isTaste: boolean;
  /** Of a fruit only that. */
  readonly only: '' | 'juice' | 'zest';
}

function saidOf(text: string): Said {
  const bare = plainAmounts(text).replace(/^(?:[-*•▢☐✓·]|\[ ?\]|\d+[.)](?=\s+\d|\s+[a-z]))\s*/i, '');
  const isTaste = TO_TASTE.test(bare);
  const said = isTaste
    ? bare
        .replace(TO_TASTE, ' ')
        .replace(/\s+/g, ' ')
        .replace(/[\s,(]+\)?$/, '')
        .trim()
    : bare;
  const of = JUICE_OF.exec(said);
  if (of) return { text: said.slice(of[0].length), isTaste, only: /juice/i.test(of[1]!) ? 'juice' : 'zest' };
  const after = JUICE_AFTER.exec(said);
  if (!after) return { text: said, isTaste, only: '' };
  return { text: `${after[1]!}${after[2]!}`, isTaste, only: /^juice/i.test(after[3]!) ? 'juice' : 'zest' };
}

/** The amount of a line, another that is added to it, and what is left: the name with what is done to it. */
function amountsOf(text: string, units: Reader['units']) {
  const first = asBigAs(text) ?? readAmount(text, units) ?? amountAtEnd(text, units);
  if (!first) return { amount: null, extra: null, rest: text };
  const plus = /^(?:\+|plus|and)\s*(?=\d)/i.exec(first.rest);
  const extra = plus ? readAmount(first.rest.slice(plus[0].length), units) : null;
  const rest = extra ? extra.rest : first.rest;
  // "250 g (2 cups) flour", "2 cups / 250 g flour": the one that was weighed counts.
  const second = /^(?:\(\s*(?:about\s+)?([^)]*)\)|\/\s*([^a-z]*[a-z-]+))\s*/i.exec(rest);
  const other = second ? readAmount((second[1] ?? second[2])!, units) : null;
  if (!second || !other?.amount.unit || other.rest.trim() !== '') return { amount: first.amount, extra, rest };
  const isWeighed = other.amount.unit.kind === 'mass' && first.amount.unit?.kind !== 'mass';
  return {
    amount: isWeighed ? other.amount : first.amount,
    extra,
    rest: rest.slice(second[0].length).replace(/^of\s+/i, ''),
  };
}

/** More of one thing than this in a home kitchen is a slip of the pen until the cook says otherwise, kg. Our own. */
const MOST_ONE_LINE_KG = 50;

/** One ingredient of a line; `null` when it does not look like one. */
function readItem(text: string, part: RecipePart, { units, pantry, own }: Reader): RecipeLine | null {
  const said = saidOf(text);
  const { amount, extra, rest } = amountsOf(said.text, units);
  const cut = cutPreparation(rest);
  const named = said.only === '' ? cut.name : `${cut.name.replace(/s$/, '')} ${said.only}`;
  const match = matchIngredient(named === '' && amount ? amount.unitWord : named, own);
  const line = asLine(text, part, match, cut.preparation);
  if (!amount && !said.isTaste && said.only === '') {
    // A name alone counts only where there is no doubt about it.
    if (!match.isSure) return null;
    return { ...line, massKg: null, leastKg: null, mostKg: null, questions: ['no-amount'] };
  }
  if (match.ingredientId === null && match.like === null && !amount?.unit && !said.isTaste) return null;
  const weight = amount && weightOf(amount, extra?.amount ?? null, match, pantry);
  return {
    ...line,
    massKg: weight && weight.kg,
    leastKg: weight && weight.kg * Math.max(0, 1 - weight.spread),
    mostKg: weight && weight.kg * (1 + weight.spread),
    questions: questionsOf(said, amount, weight?.kg ?? null, match),
  };
}

/** kg of an amount and what is added to it, of the ingredient or what it is most like. */
function weightOf(amount: Amount, extra: Amount | null, match: IngredientMatch, pantry: Pantry) {
  const id = match.ingredientId ?? match.like;
  const near = id === null ? null : pantry.find(id);
  const isThick = match.ingredientId === null && isPaste(match.name);
  const ingredient = near && isThick ? { ...near, densityKgPerM3: PASTE_KG_PER_M3 } : near;
  const first = weigh(amount, ingredient, id);
  const more = extra && weigh(extra, ingredient, id);
  return first && more ? { kg: first.kg + more.kg, spread: Math.max(first.spread, more.spread) } : first;
}

/** What of a line is not certain. */
function questionsOf(
  said: Said,
  amount: Amount | null,
  massKg: number | null,
  match: IngredientMatch,
): RecipeQuestion[] {
  const found: RecipeQuestion[] = [];
  const isWeighed = massKg !== null;
  if (isWeighed && !(massKg <= MOST_ONE_LINE_KG)) found.push('too-much');
  if (!amount) found.push(said.isTaste ? 'to-taste' : 'no-amount');
  else {
    if (!isWeighed) found.push('each-weighs');
    // A bare number of what is not counted by the piece: nobody knows of what.
    const isBare = amount.unit === null && !isWeighed && (match.ingredientId ?? match.like) !== null;
    if (/^spoon/i.test(amount.unitWord) || isBare) found.push('which-unit');
  }
  if (match.ingredientId === null) found.push(match.like === null ? 'not-known' : 'like-another');
  else if (!match.isSure) found.push('near-name');
  return found;
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

/** The ingredients of a piece; `null`: it does not look like one. "Salt and pepper to taste" are two. */
export function readItems(text: string, part: RecipePart, reader: Reader): RecipeLine[] | null {
  const both = /^(salt)\s*(?:and|&|\+)\s*((?:black |white |freshly ground |ground )*pepper)\b(.*)$/i.exec(text);
  if (both) {
    return [both[1]!, both[2]!].flatMap((one) => readItem(`${one}${both[3]!}`, part, reader) ?? []);
  }
  const item = readItem(text, part, reader);
  return item && [item];
}
