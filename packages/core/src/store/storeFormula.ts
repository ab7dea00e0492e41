import { fillingFigures } from '../filling/fillingFigures.js';
import type { TrayDraft, FormulaRef } from '../draft/draft.js';
import { fitDough, fitFilling } from '../plan/edit/editDraft.js';
import { LOOSE } from '../ingredient/catalogue/sold.js';
import type { Formula } from '../ingredient/formula.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { type Pantry, pantryWith } from '../ingredient/pantry.js';
import type { DoughFamilyId, FillingMethod, RawPart } from '../draft/choices.js';
import type { Known } from '../draft/kitchen.js';

export type FormulaKind = 'dough' | 'filling' | 'base';

/** What the Store keeps of a formula: plain JSON, one version of it. Masses are of one making. */
export type FormulaBody =
  | {
      readonly kind: 'dough';
      readonly family: DoughFamilyId;
      readonly lines: Formula;
      readonly onHeat?: boolean;
      readonly rise?: 'room' | 'fridge';
    }
  | {
      readonly kind: 'filling';
      readonly lines: Formula;
      /** Cooked over raw mass, 0.3–1. */
      readonly cookToShare: number;
      readonly method?: FillingMethod;
      readonly raw?: RawPart;
      /** The cook has not said yet whether it is; planned as raw. */
      readonly rawUnsaid?: boolean;
      readonly coreTargetC: number;
      /** Smells or tastes strongly: comes last in shared oil. */
      readonly strong?: boolean;
    }
  | {
      /** A paste, stock or mash made once and shared by several fillings. */
      readonly kind: 'base';
      readonly lines: Formula;
      readonly cookToShare: number;
    };

/** A base with the id and name it has in the Store. */
export interface Base {
  readonly id: string;
  readonly name: string;
  readonly body: Extract<FormulaBody, { readonly kind: 'base' }>;
}

const BASE_PREFIX = 'base-';

/**
 * The ingredient id under which a base is used.
 * @example baseFormulaId(baseIngredientId('b')) // 'b'
 */
export function baseIngredientId(formulaId: string): string {
  return `${BASE_PREFIX}${formulaId}`;
}

/**
 * The base an ingredient id stands for, or `null`.
 * @example baseFormulaId('sugar') // null
 */
export function baseFormulaId(ingredientId: string): string | null {
  return ingredientId.startsWith(BASE_PREFIX) ? ingredientId.slice(BASE_PREFIX.length) : null;
}

/**
 * A base as an ingredient: composition, price, allergens and diet of what is in it, once the
 * water that cooks off is gone. One that was emptied stays an ingredient of nothing, so that
 * the batches that use it can still be planned; a base within it counts for nothing.
 *
 * @param pantry ingredients the base is made of
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE
 */
export function baseIngredient({ id, name, body }: Base, pantry: Pantry): Ingredient {
  const lines = body.lines.filter((line) => baseFormulaId(line.ingredientId) === null);
  const made = fillingFigures(lines, body.cookToShare, 0, { pantry });
  const { parts, cost, allergens, diet } = made.totals;
  const share = (kg: number) => (made.targetKg > 0 ? kg / made.targetKg : 0);
  return {
    id: baseIngredientId(id),
    name,
    role: 'filling',
    composition: {
      water: share(parts.water - made.boiledOffKg),
      fat: share(parts.fat),
      protein: share(parts.protein),
      starch: share(parts.starch),
      sugar: share(parts.sugar),
      salt: share(parts.salt),
    },
    densityKgPerM3: made.densityKgPerM3,
    sold: LOOSE,
    pricePerKg: share(cost),
    allergens,
    diet,
    wholemeal: 0,
    solidFat: false,
    source: 'Made here: a base of the Store',
  };
}

/**
 * A kitchen's own rows and its bases, as ingredients.
 * @example ownIngredients([], []) // []
 */
export function ownIngredients(rows: readonly Ingredient[], bases: readonly Base[]): readonly Ingredient[] {
  if (bases.length === 0) return rows;
  const pantry = pantryWith(rows);
  return [...rows, ...bases.map((base) => baseIngredient(base, pantry))];
}

/**
 * A batch with a dough or filling from the Store, scaled so that its pieces come out.
 * @example withStoreFormula(draft, storeBodyOf(draft, 'dough'), { id: 'a', version: 1 }, kitchen).pieces // 24
 */
export function withStoreFormula(
  draft: TrayDraft,
  body: FormulaBody,
  from: FormulaRef | null,
  known: Known,
): TrayDraft {
  switch (body.kind) {
    case 'dough': {
      const { kind: _kind, ...dough } = body;
      return fitDough({ ...draft, dough: { ...dough, ...(from && { from }) } }, known);
    }
    case 'filling': {
      const { kind: _kind, ...filling } = body;
      const { raw: _raw, rawUnsaid: _open, method: _method, strong: _strong, from: _from, ...kept } = draft.filling;
      return fitFilling({ ...draft, filling: { ...kept, ...filling, ...(from && { from }) } }, known);
    }
    case 'base':
      return draft;
    default: {
      const never: never = body;
      return never;
    }
  }
}

/**
 * What of a batch the Store would keep.
 * @example storeBodyOf(draft, 'filling').kind // 'filling'
 */
export function storeBodyOf(draft: TrayDraft, of: 'dough' | 'filling'): FormulaBody {
  if (of === 'dough') {
    const { family, lines, onHeat, rise } = draft.dough;
    return { kind: 'dough', family, lines, ...(onHeat ? { onHeat } : {}), ...(rise ? { rise } : {}) };
  }
  const { lines, cookToShare, method, raw, rawUnsaid, coreTargetC, strong } = draft.filling;
  return {
    kind: 'filling',
    lines,
    cookToShare,
    coreTargetC,
    ...(method ? { method } : {}),
    ...(raw ? { raw } : {}),
    ...(rawUnsaid ? { rawUnsaid } : {}),
    ...(strong ? { strong } : {}),
  };
}

/**
 * Whether two bodies make the same thing: masses may differ by one factor.
 * @example sameFormula(storeBodyOf(draft, 'dough'), storeBodyOf(draft, 'dough')) // true
 */
export function sameFormula(a: FormulaBody, b: FormulaBody): boolean {
  const shape = ({ lines, ...rest }: FormulaBody) => {
    const sum = lines.reduce((total, line) => total + line.massKg, 0);
    const shares = lines.map((line) => [line.ingredientId, line.part ?? 0, share(line.massKg, sum)]);
    return JSON.stringify([Object.entries(rest).sort(), shares]);
  };
  return shape(a) === shape(b);
}

const share = (kg: number, sum: number): string => (sum > 0 ? (kg / sum).toFixed(6) : '0');
