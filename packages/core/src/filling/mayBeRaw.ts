import type { RawPart } from '../draft/choices.js';
import type { Formula } from '../ingredient/formula.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { isShipped, type Pantry } from '../ingredient/pantry.js';
import { coreTargetFor } from './fillingSafety.js';

/** What of a filling says how raw it is folded in; a draft and a formula of the Store both have it. */
interface RawSaid {
  readonly lines: Formula;
  readonly raw?: RawPart;
  readonly rawUnsaid?: boolean;
  readonly coreTargetC: number;
}

/** The part that asks most of the cook first: what two are raw is planned by the earlier one. */
const STRICTEST: readonly RawPart[] = ['poultry', 'minced-meat', 'egg', 'fish', 'vegetables'];

/** What the shipped catalogue sells raw; its other meat, fish and eggs are cooked, smoked, cured or dried. */
const SOLD_RAW: Readonly<Record<string, RawPart>> = {
  'minced-chicken': 'poultry',
  'minced-beef': 'minced-meat',
  'minced-pork': 'minced-meat',
  'minced-lamb': 'minced-meat',
  'smoked-bacon': 'minced-meat',
  egg: 'egg',
  'egg-yolk': 'egg',
  'egg-white': 'egg',
};
const SEA: readonly string[] = ['fish', 'crustaceans', 'molluscs'];

/**
 * What an ingredient may be if nobody cooks it first; `null`: nothing that asks for a safe core.
 * Of an ingredient of one's own only diet and allergens are known: what may be meat counts as the
 * strictest.
 * @example mayBeRaw(ingredientById('minced-chicken')) // 'poultry'
 */
export function mayBeRaw({ id, role, diet, allergens }: Ingredient): RawPart | null {
  if (isShipped(id)) return SOLD_RAW[id] ?? null;
  if (diet === 'meat' || (diet === 'unknown' && role === 'filling')) return 'poultry';
  if (allergens.includes('eggs')) return 'egg';
  return diet === 'fish' || allergens.some((one) => SEA.includes(one)) ? 'fish' : null;
}

/**
 * A filling with other lines. One that may come raw and was not in it before makes the question
 * open again: until the cook says how it is folded in, it is planned as raw.
 * @param reheatC the kitchen's own target for cooked fillings, 70–75 °C
 * @example withLinesAsked(draft.filling, [{ ingredientId: 'egg', massKg: 0.05 }], pantryWith([]), 74).raw // 'egg'
 */
export function withLinesAsked<T extends RawSaid>(filling: T, lines: Formula, pantry: Pantry, reheatC: number): T {
  const before = new Set(filling.lines.map(({ ingredientId }) => ingredientId));
  const came = lines
    .filter(({ ingredientId }) => !before.has(ingredientId))
    .map(({ ingredientId }) => mayBeRaw(pantry.find(ingredientId)));
  const parts = [filling.raw ?? null, ...came];
  const raw = STRICTEST.find((part) => parts.includes(part));
  if (raw === undefined || came.every((part) => part === null)) return { ...filling, lines };
  return { ...filling, lines, raw, rawUnsaid: true, coreTargetC: coreTargetFor(raw, reheatC) };
}

/**
 * What the cook says is raw in it; `null`: every part is cooked. The question is answered.
 * @example withRawSaid({ lines: [], coreTargetC: 74 }, 'fish', 74).coreTargetC // 63
 */
export function withRawSaid<T extends RawSaid>(filling: T, raw: RawPart | null, reheatC: number): T {
  const { raw: _before, rawUnsaid: _open, ...rest } = filling;
  return { ...rest, ...(raw !== null && { raw }), coreTargetC: coreTargetFor(raw, reheatC) } as T;
}
