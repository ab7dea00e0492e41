import { INGREDIENTS, ingredientById } from '../ingredient/catalogue.js';
import type { Formula, FormulaLine } from '../ingredient/formula.js';
import type { Allergen, Ingredient } from '../ingredient/ingredient.js';
import { YEAST_AS_INSTANT } from './yeastKinds.js';

export type SideEffect =
  | 'never-firms'
  | 'needs-cold'
  | 'forgives-warm'
  | 'less-flavour'
  | 'brings-salt'
  | 'starts-slower'
  | 'keeps-short'
  | 'browns-more'
  | 'browns-less';

/** One swap, carried out: water and fat of the dough stay what they were. */
export interface Substitution {
  readonly toId: string;
  /** Of the new ingredient, kg. */
  readonly massKg: number;
  /** What the water (or other liquid) and the other fat were changed by to make it good, kg. */
  readonly waterChangeKg: number;
  readonly fatChangeKg: number;
  readonly effects: readonly SideEffect[];
  readonly newAllergens: readonly Allergen[];
  readonly lines: Formula;
}

/** Below this nothing needs making good, kg. */
const NOTHING_KG = 1e-9;
/** What a dough may miss of its water and fat after a swap, share. */
const MISSED = 0.01;

/** Fat, yeast, egg and milk each have an amount that a swap must keep. */
function amountKept(from: Ingredient, to: Ingredient): ((i: Ingredient) => number) | null {
  if (from.role === 'fat' && to.role === 'fat') return (i) => i.composition.fat;
  if (YEAST_AS_INSTANT[from.id] !== undefined && YEAST_AS_INSTANT[to.id] !== undefined) {
    return (i) => YEAST_AS_INSTANT[i.id]!;
  }
  const solids = (i: Ingredient) => i.composition.fat + i.composition.protein;
  if (from.role === 'egg' && to.role === 'egg' && from.id !== 'egg-white' && to.id !== 'egg-white') return solids;
  const dairyLike = (i: Ingredient) => i.role === 'liquid' && i.id !== 'water' && i.composition.protein > 0.005;
  if (dairyLike(from) && dairyLike(to)) return (i) => i.composition.water;
  return null;
}

function effectsOf(from: Ingredient, to: Ingredient): SideEffect[] {
  const effects: SideEffect[] = [];
  if (from.role === 'fat') {
    if (from.solidFat && !to.solidFat) effects.push('never-firms');
    if (to.id === 'butter' || to.id === 'salted-butter') effects.push('needs-cold');
    if (to.id === 'vegetable-shortening' && from.id !== 'vegetable-shortening') effects.push('forgives-warm');
    if (from.composition.water > 0.05 && to.composition.water < 0.01) effects.push('less-flavour');
  }
  if (to.composition.salt - from.composition.salt > 0.004) effects.push('brings-salt');
  if (to.id === 'active-dry-yeast') effects.push('starts-slower');
  if (to.id === 'fresh-yeast') effects.push('keeps-short');
  const sugar = to.composition.sugar - from.composition.sugar;
  if (to.role === 'liquid' && sugar > 0.02) effects.push('browns-more');
  if (to.role === 'liquid' && sugar < -0.02) effects.push('browns-less');
  return effects;
}

/** Adds `kg` of what holds `share` of it to the best line; `null` when there is not that much to take away. */
function madeGood(
  lines: FormulaLine[],
  skip: number,
  kg: number,
  shareOf: (i: Ingredient) => number,
  addId: string | null,
): FormulaLine[] | null {
  if (Math.abs(kg) < NOTHING_KG) return lines;
  const largest = (leastShare: number): number =>
    lines.reduce((best, line, i) => {
      const fits = i !== skip && shareOf(ingredientById(line.ingredientId)) > leastShare;
      return fits && line.massKg > (best < 0 ? 0 : lines[best]!.massKg) ? i : best;
    }, -1);
  // The purest line first: milk would bring its fat along, where water does not.
  let best = largest(0.95);
  if (best < 0 && kg > 0 && addId !== null) {
    return [...lines, { ingredientId: addId, massKg: kg / shareOf(ingredientById(addId)) }];
  }
  if (best < 0) best = largest(0.5);
  if (best < 0) return null;
  const share = shareOf(ingredientById(lines[best]!.ingredientId));
  const massKg = lines[best]!.massKg + kg / share;
  if (massKg < 0) return null;
  return lines.map((line, i) => (i === best ? { ...line, massKg } : line));
}

const sumOf = (lines: Formula, shareOf: (i: Ingredient) => number): number =>
  lines.reduce((sum, line) => {
    const ingredient = ingredientById(line.ingredientId);
    // Flour's own moisture and fat are in what "flour" means to a baker.
    return ingredient.role === 'flour' ? sum : sum + line.massKg * shareOf(ingredient);
  }, 0);

/** Whether anything could stand in for a line: quick enough for every line at every keystroke. */
export function hasSubstitutions(lines: Formula, index: number): boolean {
  const line = lines[index];
  if (!line || !(line.massKg > 0)) return false;
  const from = ingredientById(line.ingredientId);
  return INGREDIENTS.some((to) => to.id !== from.id && amountKept(from, to) !== null);
}

/**
 * Everything one line of a dough may be swapped for: fats by their fat, yeasts by their
 * strength, eggs by their solids, milk-like liquids by their water; then water and fat are made
 * good on the other lines. Swaps that would leave either more than 1 % off are left out.
 * Source: models.md §2 and the craft page, *Dough families*.
 */
export function substitutionsFor(lines: Formula, index: number): readonly Substitution[] {
  const line = lines[index];
  if (!line || !(line.massKg > 0)) return [];
  const from = ingredientById(line.ingredientId);
  const water = (i: Ingredient) => i.composition.water;
  const fat = (i: Ingredient) => i.composition.fat;
  const before = { water: sumOf(lines, water), fat: sumOf(lines, fat) };
  const known = new Set(lines.flatMap((l) => ingredientById(l.ingredientId).allergens));
  const found: Substitution[] = [];
  for (const to of INGREDIENTS) {
    const kept = to.id === from.id ? null : amountKept(from, to);
    if (!kept || !(kept(to) > 0)) continue;
    const massKg = (line.massKg * kept(from)) / kept(to);
    const swapped = lines.map((l, i) => (i === index ? { ...l, ingredientId: to.id, massKg } : l));
    const fatChangeKg = before.fat - sumOf(swapped, fat);
    const withFat = madeGood(swapped, index, fatChangeKg, fat, null) ?? swapped;
    const waterChangeKg = before.water - sumOf(withFat, water);
    const next = madeGood(withFat, index, waterChangeKg, water, 'water');
    if (!next) continue;
    const off = (now: number, was: number) => Math.abs(now - was) > MISSED * was + NOTHING_KG;
    if (off(sumOf(next, water), before.water) || off(sumOf(next, fat), before.fat)) continue;
    const newAllergens = to.allergens.filter((allergen) => !known.has(allergen));
    found.push({
      toId: to.id,
      massKg,
      waterChangeKg,
      fatChangeKg,
      effects: effectsOf(from, to),
      newAllergens,
      lines: next,
    });
  }
  return found;
}
