import { doughFamily } from '../families/families.js';
import { judgeFamily } from '../dough/judgeFamily.js';
import { WORKED_FORMULAS } from '../families/families.js';
import type { CoatingChoices, DoughFamilyId, DryCoatingId, ShapeId, WetCoatingId } from '../draft/choices.js';
import { NO_FILLING, type TrayDraft } from '../draft/draft.js';
import { type Kitchen, pantryOf } from '../draft/kitchen.js';
import { RANGES } from '../draft/ranges.js';
import { LIMITS } from '../limits/limits.js';
import { withLinesAsked } from '../filling/mayBeRaw.js';
import { LOOSE } from '../ingredient/catalogue/sold.js';
import type { Formula } from '../ingredient/formula.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import type { Pantry } from '../ingredient/pantry.js';
import { clamp } from '../numeric/clamp.js';
import { shapeOf } from '../shapes/shapes.js';
import { draftDough, draftFilling } from '../plan/edit/draftFigures.js';
import { doughEachKg, fitDough } from '../plan/edit/editDraft.js';
import { isPaste, matchIngredient, PASTE_KG_PER_M3 } from './matchIngredient.js';
import type { MethodFact } from './readMethod.js';
import type { RecipeLine, RecipePart } from './recipeLine.js';

/** What a name that nobody knows is made of until the cook says, by the part it stands in. Our own guess. */
const LIKE_NOTHING: Readonly<Record<RecipePart, string>> = {
  dough: 'dried-oregano',
  filling: 'carrot',
  coating: 'bread-crumb',
  glaze: 'milk',
  frying: 'sunflower-oil',
  unsaid: 'carrot',
};

/** What the source of an ingredient says when its figures were taken from another. */
const GUESSED_FROM = 'guessed, like ';

/**
 * An ingredient of the cook's own by its name alone: made of what the nearest in the pantry is made
 * of, and said so; who may eat it is not known. Allergens are those of the nearest.
 *
 * @param id of a new row: `own-` and up to 13 of a–z, 0–9 and hyphen
 * @throws CoreError UNKNOWN_NAME
 * @example ownLike({ name: 'Trout', like: 'white-fish', part: 'filling' }, 'own-trout', pantryWith([])).diet // 'unknown'
 */
export function ownLike(line: Pick<RecipeLine, 'name' | 'like' | 'part'>, id: string, pantry: Pantry): Ingredient {
  const near = pantry.find(line.like ?? LIKE_NOTHING[line.part]);
  // What raises or sweetens like another would be reckoned as that: an unknown thing does neither.
  const { asInstantYeast: _yeast, ...rest } = near;
  const densityKgPerM3 = isPaste(line.name) ? PASTE_KG_PER_M3 : near.densityKgPerM3;
  return {
    ...rest,
    densityKgPerM3,
    id,
    name: line.name,
    sold: LOOSE,
    diet: 'unknown',
    source: `${GUESSED_FROM}${near.name}`,
  };
}

/**
 * An ingredient of the cook's own by its name alone: its figures are those of what the name is most like.
 *
 * @param part where it is used first
 * @throws CoreError UNKNOWN_NAME
 * @example guessedIngredient('Trout, smoked', 'filling', 'own-trout', pantryWith([])).diet // 'unknown'
 */
export function guessedIngredient(name: string, part: RecipePart, id: string, pantry: Pantry): Ingredient {
  const { ingredientId, like } = matchIngredient(name, []);
  return ownLike({ name, part, like: ingredientId ?? like }, id, pantry);
}

/**
 * Whether the figures of an ingredient were taken from another, and nobody has looked yet.
 * @example isGuessed({ source: 'Label of the mill' }) // false
 */
export function isGuessed({ source }: Pick<Ingredient, 'source'>): boolean {
  return source.startsWith(GUESSED_FROM);
}

/** A line with its ingredient settled. `massKg` null: it is added by taste. */
export type SettledLine = Pick<RecipeLine, 'part' | 'massKg'> & { readonly ingredientId: string };

/**
 * How many pieces a recipe makes: its dough divided, or rolled and cut as far as it goes; or scaled,
 * which alone changes what is written.
 */
export type RecipeCount =
  | { readonly how: 'divide'; readonly pieces: number }
  | { readonly how: 'roll'; readonly thicknessM: number; readonly discM: number }
  | { readonly how: 'scale'; readonly pieces: number; readonly thicknessM: number; readonly discM: number };

export interface RecipeAsk {
  readonly name: string;
  readonly shape: ShapeId;
  readonly eatAt: string;
  readonly lines: readonly SettledLine[];
  readonly facts: readonly MethodFact[];
  readonly count: RecipeCount;
}

/** A tray made of a recipe, and what was not in the recipe and had to be chosen. */
export interface RecipeTray {
  readonly draft: TrayDraft;
  readonly added: readonly ('dough' | 'no-filling')[];
  /** What every amount of the recipe was multiplied by; 1: it stays as it is written. */
  readonly factor: number;
}

const formulaOf = (lines: readonly SettledLine[], ...parts: RecipePart[]): Formula =>
  lines
    .filter(({ part }) => parts.includes(part))
    .map(({ ingredientId, massKg }) => ({ ingredientId, massKg: massKg ?? 0 }));

const middle = ({ least, most }: { readonly least: number; readonly most: number }): number => (least + most) / 2;
const factOf = (facts: readonly MethodFact[], kind: MethodFact['kind']): number | null => {
  const found = facts.find((one) => one.kind === kind);
  return found ? middle(found) : null;
};

const DRY: Readonly<Record<string, DryCoatingId>> = {
  'bread-crumb': 'crumb',
  'durum-semolina': 'semolina',
  'sesame-seed': 'sesame',
  'poppy-seed': 'poppy',
};

/** What goes on the outside, as coatings are known here; `null`: none of it is. */
function coatingOf(lines: readonly SettledLine[]): CoatingChoices | null {
  const ids = formulaOf(lines, 'coating', 'glaze').map(({ ingredientId }) => ingredientId);
  const wet: WetCoatingId = ids.some((id) => id.startsWith('egg')) ? 'egg' : ids.includes('milk') ? 'milk' : 'none';
  const dry = ids.flatMap((id) => DRY[id] ?? [])[0] ?? 'none';
  return wet === 'none' && dry === 'none' ? null : { wet, dry, double: false };
}

/** The family a dough is of; `null` without flour. A card of one dough is of no family that wants two, however near its numbers lie. */
function familyOf(lines: readonly SettledLine[], pantry: Pantry): DoughFamilyId | null {
  return (
    judgeFamily(formulaOf(lines, 'dough'), pantry).find(({ id }) => doughFamily(id).secondPart === null)?.id ?? null
  );
}

/**
 * A recipe as a tray to plan: the formulas stay as they are written, and size and number follow
 * from them. Sizes and oil of the method count, within what this shape and dough bear; minutes are
 * the model's. A recipe without flour gets the worked short dough, and says so.
 *
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE
 * @returns `null` where not one piece comes out
 * @example recipeTray({ name: 'Own', shape: 'ball', eatAt: draft.eatAt, lines: [], facts: [], count: { how: 'divide', pieces: 7 } }, kitchen).draft.pieces // 7
 */
export function recipeTray(ask: RecipeAsk, kitchen: Kitchen): RecipeTray | null {
  const pantry = pantryOf(kitchen);
  const { lines, facts, shape, count } = ask;
  const own = familyOf(lines, pantry);
  const family = doughFamily(own ?? 'shortcrust');
  const fillingLines = formulaOf(lines, 'filling', 'unsaid');
  const coating = coatingOf(lines);
  const usual = { ...NO_FILLING, panKg: 1.2, hotC: 85, covered: false };
  const { rolledM, oilC } = family;
  const isDivided = count.how === 'divide';
  const thicknessM = isDivided ? (factOf(facts, 'thickness') ?? middle(rolledM)) : count.thicknessM;
  const discM = isDivided ? (factOf(facts, 'disc') ?? 0.11) : count.discM;
  const { draft: D } = RANGES;
  const base: TrayDraft = {
    name: ask.name,
    shape,
    eatAt: ask.eatAt,
    pieces: count.how === 'roll' ? 1 : count.pieces,
    dough: { family: family.id, lines: own === null ? WORKED_FORMULAS[family.id] : formulaOf(lines, 'dough') },
    filling: withLinesAsked(usual, fillingLines, pantry, kitchen.reheatC ?? LIMITS.core.reheatC),
    fold: {
      discM: clamp(discM, D.discM.least, D.discM.most),
      thicknessM: clamp(thicknessM, D.thicknessM.least, D.thicknessM.most),
      sealM: 0.01,
      fillingEachKg: 0,
    },
    ...(coating && { coating }),
    fry: {
      oilC: clamp(factOf(facts, 'oil') ?? middle(oilC), D.oilC.least, D.oilC.most),
      minutesS: null,
      turn: shapeOf(shape).usualTurn ?? 'each-minute',
      start: 'room',
      loadSize: null,
    },
  };
  const madeKg = draftDough(base, kitchen).massKg;
  const scaled = count.how === 'scale' && own !== null ? scaledToSize(base, madeKg) : null;
  const sized =
    scaled?.draft ??
    (count.how === 'roll' ? rolledOut(base, madeKg) : own === null || !isDivided ? base : divided(base, madeKg, facts));
  if (!sized) return null;
  const each = fillingLines.length === 0 ? 0 : draftFilling(sized, kitchen).targetKg / sized.pieces;
  const { least, most } = D.fillingEachKg;
  const filled = { ...sized, fold: { ...sized.fold, fillingEachKg: clamp(each, least, most) } };
  return {
    factor: scaled?.factor ?? 1,
    draft: own === null ? fitDough(filled, kitchen) : filled,
    added: [
      ...(own === null ? (['dough'] as const) : []),
      ...(fillingLines.length === 0 ? (['no-filling'] as const) : []),
    ],
  };
}

/**
 * Every amount of the recipe times what makes so many pieces of this size; fewer, where a line would
 * be more than can be planned. `null`: there is no dough.
 */
function scaledToSize(base: TrayDraft, madeKg: number): { draft: TrayDraft; factor: number } | null {
  const eachKg = doughEachKg(base);
  const largest = Math.max(...[...base.dough.lines, ...base.filling.lines].map(({ massKg }) => massKg));
  const factor = Math.min((base.pieces * eachKg) / madeKg, RANGES.draft.lineKg.most / largest);
  if (!(factor > 0 && Number.isFinite(factor))) return null;
  const times = (lines: Formula): Formula => lines.map((line) => ({ ...line, massKg: line.massKg * factor }));
  const pieces = Math.max(1, Math.floor((factor * madeKg) / eachKg + 1e-6));
  return {
    factor,
    draft: {
      ...base,
      pieces,
      dough: { ...base.dough, lines: times(base.dough.lines) },
      filling: { ...base.filling, lines: times(base.filling.lines) },
    },
  };
}

/** As many pieces as the dough makes at this size; `null`: not one. */
function rolledOut(base: TrayDraft, madeKg: number): TrayDraft | null {
  const { least, most } = RANGES.draft.pieces;
  const pieces = Math.floor(madeKg / doughEachKg(base) + 1e-6);
  return pieces >= least ? { ...base, pieces: Math.min(most, pieces) } : null;
}

/**
 * All of the dough in so many pieces: the recipe's disc stays and the thickness follows, where that
 * can be rolled; else the thickness stays and the blank follows.
 */
function divided(base: TrayDraft, madeKg: number, facts: readonly MethodFact[]): TrayDraft {
  const wantedKg = madeKg / base.pieces;
  const eachKg = doughEachKg(base);
  if (!(wantedKg > 0) || !(eachKg > 0)) return base;
  const { discM, thicknessM } = RANGES.draft;
  const { fold } = base;
  const thicker = (fold.thicknessM * wantedKg) / eachKg;
  const wants = facts.some(({ kind }) => kind === 'disc');
  const thin = doughFamily(base.dough.family).rolledM;
  if (wants && thicker >= 0.5 * thin.least && thicker <= 2 * thin.most) {
    return { ...base, fold: { ...fold, thicknessM: clamp(thicker, thicknessM.least, thicknessM.most) } };
  }
  // Area goes with the square of the blank; a blank is cut to the millimetre, and the rest is thickness.
  const wide = clamp(fold.discM * Math.sqrt(wantedKg / eachKg), discM.least, discM.most);
  const cut = { ...base, fold: { ...fold, discM: Math.max(discM.least, Math.round(wide * 1000) / 1000) } };
  const rest = (fold.thicknessM * wantedKg) / doughEachKg(cut);
  return { ...cut, fold: { ...cut.fold, thicknessM: clamp(rest, thicknessM.least, thicknessM.most) } };
}
