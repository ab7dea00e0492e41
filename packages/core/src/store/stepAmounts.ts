import { type RunStepId, type StepKey, stepKey } from '../cook/cookAct.js';
import { type BatchDraft, marksOf } from '../draft/batchDraft.js';
import type { TrayDraft, TrayMark } from '../draft/draft.js';
import { type Known, pantryOf } from '../draft/kitchen.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import type { StockRow } from './shoppingList.js';
import { type WeighGroup, weighOut } from './weighOut.js';
import { draftSupplies } from '../plan/tray/supplies.js';
import { foldedFrom } from '../plan/batch/planDay.js';
import { traysOf } from '../plan/edit/trays.js';

/** Where something is set out: a bowl or pan, or beside the board for rim and coating. */
export type AmountPlace = WeighGroup['of'] | 'rim-and-coating';

/** One thing that a step takes. */
export interface StepAmount {
  /** The same in every list of this batch: what is ticked. */
  readonly key: string;
  readonly of: AmountPlace;
  /** The tray, or the filling, it is for, where the batch has several trays; absent: all of it. */
  readonly mark?: TrayMark;
  /** The portion of dough, where it is made in several. */
  readonly portion?: number;
  readonly ingredient: Ingredient;
  /** What the formula means, and what the scale must show with this pack, kg. */
  readonly massKg: number;
  readonly weighKg: number;
}

/** At which step each place is filled. */
const STEP_OF: Readonly<Record<AmountPlace, RunStepId>> = {
  filling: 'weigh-filling',
  dough: 'mix-dough',
  'second-dough': 'mix-dough',
  // Set out before the first disc is cut: floury hands open no jar.
  'rim-and-coating': 'roll',
};

/**
 * The step at which something is weighed.
 * @example stepOfAmount({ of: 'dough' }) // 'mix-dough'
 */
export const stepOfAmount = ({ of, mark, portion }: Pick<StepAmount, 'of' | 'mark' | 'portion'>): StepKey =>
  stepKey(STEP_OF[of], mark, portion);

/**
 * Everything that a batch takes, in the order in which it is weighed out: filling first, for it has to
 * cool; then the dough; then what goes on rims and pieces. Pieces out of the Store take nothing.
 *
 * @throws CoreError UNKNOWN_NAME
 * @example batchAmounts(batch, [], kitchen)[0].of // 'filling'
 */
export function batchAmounts(
  batch: BatchDraft,
  stock: readonly Pick<StockRow, 'ingredientId' | 'strength'>[],
  known: Known,
): readonly StepAmount[] {
  const several = marksOf(batch).length > 1;
  const made = traysOf(batch).filter(({ fromStored }) => fromStored === undefined);
  const all = made.map((draft) => ({ draft, amounts: trayAmounts(draft, stock, known) }));
  const marked = (one: StepAmount, mark: TrayMark | undefined) =>
    several && mark ? { ...one, mark, key: mark === 'A' ? one.key : `${mark} ${one.key}` } : one;
  const fillingMark = ({ fillingOf, mark }: TrayDraft) => fillingOf ?? mark;
  const folded = foldedFrom(batch);
  /** Rims and coatings are set out where the first pieces of a tray are rolled. */
  const firstLoad = (one: StepAmount, { mark = 'A' }: TrayDraft): StepAmount => {
    const portion = folded.find((part) => part.mark === mark)?.portion ?? 1;
    return portion > 1 ? { ...one, portion } : one;
  };
  // A filling that several trays share is weighed once.
  const pans = all.filter(
    ({ draft }, i) => all.findIndex((one) => fillingMark(one.draft) === fillingMark(draft)) === i,
  );
  const isDough = ({ of }: StepAmount) => of === 'dough' || of === 'second-dough';
  return [
    ...pans.flatMap(({ draft, amounts }) =>
      amounts.filter(({ of }) => of === 'filling').map((one) => marked(one, fillingMark(draft))),
    ),
    ...doughPortions(
      all[0]?.amounts.filter(isDough) ?? [],
      folded.reduce((most, { portion }) => Math.max(most, portion), 1),
    ),
    ...all.flatMap(({ draft, amounts }) =>
      amounts.filter(({ of }) => of === 'rim-and-coating').map((one) => firstLoad(marked(one, draft.mark), draft)),
    ),
  ];
}

/** The dough in its portions, each as much as the others. */
function doughPortions(amounts: readonly StepAmount[], portions: number): StepAmount[] {
  if (portions === 1) return [...amounts];
  return Array.from({ length: portions }, (_, i) => i + 1).flatMap((portion) =>
    amounts
      .map((one) => ({
        ...one,
        portion,
        key: portion === 1 ? one.key : `portion ${portion} ${one.key}`,
        massKg: one.massKg / portions,
        weighKg: one.weighKg / portions,
      }))
      // The least a number can be, halved, is nothing.
      .filter(({ massKg }) => massKg > 0),
  );
}

/** The same of one tray; the dough is that of the whole batch. */
function trayAmounts(
  draft: TrayDraft,
  stock: readonly Pick<StockRow, 'ingredientId' | 'strength'>[],
  known: Known,
): readonly StepAmount[] {
  const pantry = pantryOf(known);
  const weighed = weighOut(draft, stock, known).flatMap(({ of, lines }) =>
    lines.map((line, i): StepAmount => ({ ...line, of, key: keyOf(of, line.ingredient.id, lines.slice(0, i)) })),
  );
  const supplies = draftSupplies(draft, known)
    .filter(({ massKg }) => massKg > 0)
    .map(({ ingredientId, massKg }): StepAmount => ({
      key: `rim-and-coat ${ingredientId}`,
      of: 'rim-and-coating',
      ingredient: pantry.find(ingredientId),
      massKg,
      weighKg: massKg,
    }));
  return [...weighed, ...supplies];
}

/** An ingredient may stand in a formula twice: the second is another line to tick. */
function keyOf(of: AmountPlace, id: string, before: readonly { readonly ingredient: Ingredient }[]): string {
  const times = before.filter(({ ingredient }) => ingredient.id === id).length;
  return times === 0 ? `${of} ${id}` : `${of} ${id} ${times + 1}`;
}

/**
 * What one step takes. @param all from `batchAmounts`
 * @example stepAmounts('mix-dough', batchAmounts(batch, [], kitchen)).length > 0 // true
 */
export function stepAmounts(step: StepKey, all: readonly StepAmount[]): readonly StepAmount[] {
  return all.filter((one) => stepOfAmount(one) === step);
}
