import { doughFamily } from '../families/families.js';
import { flourAbsorption } from './doughFigures.js';
import { sumDough } from './sumDough.js';
import type { Formula, FormulaLine } from '../ingredient/formula.js';
import type { Allergen, Ingredient } from '../ingredient/ingredient.js';
import { type Pantry, SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { type DoughFamilyId } from '../draft/choices.js';

export type SideEffect =
  | 'never-firms'
  | 'needs-cold'
  | 'forgives-warm'
  | 'less-flavour'
  | 'brings-salt'
  | 'starts-slower'
  | 'keeps-short'
  | 'browns-more'
  | 'browns-less'
  | 'drinks-more'
  | 'drinks-less'
  | 'stir-into-flour'
  | 'not-all-butter';

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
  if (from.asInstantYeast && to.asInstantYeast) return (i) => i.asInstantYeast ?? 0;
  const solids = (i: Ingredient) => i.composition.fat + i.composition.protein;
  // White is no egg: it has nothing of the fat.
  if (from.role === 'egg' && to.role === 'egg' && from.composition.fat > 0.01 && to.composition.fat > 0.01)
    return solids;
  // Flour for flour by weight; what the new one drinks is made good afterwards.
  if (from.role === 'flour' && to.role === 'flour' && hasGluten(from) === hasGluten(to)) return () => 1;
  // Dried milk for milk by what is not fat; milk alone, for soured ones curdle it.
  const milkSolids = (i: Ingredient) => i.composition.protein + i.composition.sugar;
  if (isMilk(from) && isMilk(to) && (isDry(from) || isDry(to))) return milkSolids;
  const dairyLike = (i: Ingredient) => i.role === 'liquid' && i.id !== 'water' && i.composition.protein > 0.005;
  if (dairyLike(from) && dairyLike(to)) return (i) => i.composition.water;
  return null;
}

const hasGluten = (i: Ingredient): boolean => i.allergens.includes('gluten');
const isDry = (i: Ingredient): boolean => i.composition.water < 0.08;
const isMilk = (i: Ingredient): boolean =>
  i.id === 'milk' || i.id === 'skimmed-milk' || (isDry(i) && i.allergens.includes('milk') && i.composition.sugar > 0.3);

function effectsOf(from: Ingredient, to: Ingredient, family: DoughFamilyId | null): SideEffect[] {
  const effects: SideEffect[] = [];
  if (from.role === 'fat') {
    if (from.solidFat && !to.solidFat) effects.push('never-firms');
    if (to.id === 'butter' || to.id === 'salted-butter') effects.push('needs-cold');
    if (to.id === 'vegetable-shortening' && from.id !== 'vegetable-shortening') effects.push('forgives-warm');
    const toButter = to.composition.water > 0.05 && from.composition.water < 0.01;
    if (toButter && family && doughFamily(family).leansOnFat) effects.push('not-all-butter');
    if (from.composition.water > 0.05 && to.composition.water < 0.01) effects.push('less-flavour');
  }
  if (to.composition.salt - from.composition.salt > 0.004) effects.push('brings-salt');
  if (to.id === 'active-dry-yeast') effects.push('starts-slower');
  if (to.id === 'fresh-yeast') effects.push('keeps-short');
  const sugar = to.composition.sugar - from.composition.sugar;
  if (to.role === 'liquid' && sugar > 0.02) effects.push('browns-more');
  if (to.role === 'liquid' && sugar < -0.02) effects.push('browns-less');
  if (from.role === 'flour') {
    const more = rawAbsorption(to) - rawAbsorption(from);
    if (more > 0.01) effects.push('drinks-more');
    if (more < -0.01) effects.push('drinks-less');
  }
  if (isDry(to) && isMilk(to)) effects.push('stir-into-flour');
  return effects;
}

/** Water all flours of a formula want together for a medium dough, kg. */
function drinksKg(lines: Formula, pantry: Pantry): number {
  const { flour, protein, wholemeal } = sumDough(lines, false, pantry);
  return flour > 0 ? flour * flourAbsorption((100 * protein) / flour, wholemeal / flour) : 0;
}

/** Water one flour wants for a medium dough, fraction of its weight. */
const rawAbsorption = (i: Ingredient): number => flourAbsorption(100 * i.composition.protein, i.wholemeal);

/** Adds `kg` of what holds `share` of it to the best line; `null` when there is not that much to take away. */
function madeGood(
  lines: FormulaLine[],
  skip: number,
  kg: number,
  shareOf: (i: Ingredient) => number,
  addId: string | null,
  pantry: Pantry,
): FormulaLine[] | null {
  if (Math.abs(kg) < NOTHING_KG) return lines;
  const largest = (leastShare: number): number =>
    lines.reduce((best, line, i) => {
      const fits = i !== skip && shareOf(pantry.find(line.ingredientId)) > leastShare;
      return fits && line.massKg > (best < 0 ? 0 : lines[best]!.massKg) ? i : best;
    }, -1);
  // The purest line first: milk would bring its fat along, where water does not.
  let best = largest(0.95);
  if (best < 0 && kg > 0 && addId !== null) {
    return [...lines, { ingredientId: addId, massKg: kg / shareOf(pantry.find(addId)) }];
  }
  if (best < 0) best = largest(0.5);
  if (best < 0) return null;
  const share = shareOf(pantry.find(lines[best]!.ingredientId));
  const massKg = lines[best]!.massKg + kg / share;
  if (massKg < 0) return null;
  return lines.map((line, i) => (i === best ? { ...line, massKg } : line));
}

const sumOf = (lines: Formula, shareOf: (i: Ingredient) => number, pantry: Pantry): number =>
  lines.reduce((sum, line) => {
    const ingredient = pantry.find(line.ingredientId);
    // Flour's own moisture and fat are in what "flour" means to a baker.
    return ingredient.role === 'flour' ? sum : sum + line.massKg * shareOf(ingredient);
  }, 0);

/**
 * Whether anything could stand in for a line: quick enough for every line at every keystroke.
 * @example hasSubstitutions(lines, 0) // true
 */
export function hasSubstitutions(lines: Formula, index: number, pantry: Pantry = SHIPPED_PANTRY): boolean {
  const line = lines[index];
  if (!line || !(line.massKg > 0)) return false;
  const from = pantry.find(line.ingredientId);
  return pantry.all.some((to) => to.id !== from.id && amountKept(from, to) !== null);
}

/**
 * Everything one line of a dough may be swapped for: fats by their fat, yeasts by their
 * strength, eggs by their solids, milk-like liquids by their water, dried milk by its solids,
 * flours by weight; then water and fat are made good on the other lines, and after a flour also
 * what the new one drinks. Swaps that would leave either more than 1 % off are left out.
 * Source: docs/models/dough.md.
 * @example substitutionsFor(lines, 1).length > 0 // true
 */
export function substitutionsFor(
  lines: Formula,
  index: number,
  { pantry = SHIPPED_PANTRY, family = null }: { readonly pantry?: Pantry; readonly family?: DoughFamilyId | null } = {},
): readonly Substitution[] {
  const line = lines[index];
  if (!line || !(line.massKg > 0)) return [];
  const from = pantry.find(line.ingredientId);
  const water = (i: Ingredient) => i.composition.water;
  const fat = (i: Ingredient) => i.composition.fat;
  const before = { water: sumOf(lines, water, pantry), fat: sumOf(lines, fat, pantry) };
  const known = new Set(lines.flatMap((l) => pantry.find(l.ingredientId).allergens));
  const found: Substitution[] = [];
  for (const to of pantry.all) {
    const kept = to.id === from.id ? null : amountKept(from, to);
    if (!kept || !(kept(to) > 0)) continue;
    const massKg = (line.massKg * kept(from)) / kept(to);
    const swapped = lines.map((l, i) => (i === index ? { ...l, ingredientId: to.id, massKg } : l));
    const fatChangeKg = before.fat - sumOf(swapped, fat, pantry);
    const withFat = madeGood(swapped, index, fatChangeKg, fat, null, pantry) ?? swapped;
    const setsItself = family !== null && doughFamily(family).absorption !== null;
    const drunkKg = from.role !== 'flour' || setsItself ? 0 : drinksKg(swapped, pantry) - drinksKg(lines, pantry);
    const waterChangeKg = before.water + drunkKg - sumOf(withFat, water, pantry);
    const next = madeGood(withFat, index, waterChangeKg, water, 'water', pantry);
    if (!next) continue;
    const off = (now: number, was: number) => Math.abs(now - was) > MISSED * was + NOTHING_KG;
    if (off(sumOf(next, water, pantry), before.water + drunkKg) || off(sumOf(next, fat, pantry), before.fat)) continue;
    const newAllergens = to.allergens.filter((allergen) => !known.has(allergen));
    found.push({
      toId: to.id,
      massKg,
      waterChangeKg,
      fatChangeKg,
      effects: effectsOf(from, to, family),
      newAllergens,
      lines: next,
    });
  }
  return found;
}
