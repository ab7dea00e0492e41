import type { RecipeOut } from '@ember-fold/core/files';
import type { FormulaBody } from '@ember-fold/core/ledger';
import {
  type BatchDraft,
  fillingsOf,
  type Formula,
  type Kitchen,
  type Pantry,
  pantryOf,
  planCold,
  traysOf,
} from '@ember-fold/core/plan';
import { RECIPE as T } from './filePhrases';
import { type Printer, withTemps } from '../../printer';
import { stepText } from '../bench/fold/stepText';
import { fillingName } from '../bench/trayText';
import { FAMILY_WORDS } from '../shared/familyWords';

const linesOf = (lines: Formula, pantry: Pantry, printer: Printer): string[] =>
  lines.flatMap(({ ingredientId, massKg }) => {
    const found = pantry.all.find(({ id }) => id === ingredientId);
    return found ? [T.line(printer.measure(massKg, found.densityKgPerM3), found.name)] : [];
  });

/** A batch as a recipe: what goes in, and what is done, in the cook's units. */
export function recipeOfBatch(batch: BatchDraft, kitchen: Kitchen, printer: Printer, madeAt: string): RecipeOut {
  const pantry = pantryOf(kitchen);
  const trays = traysOf(batch);
  const fillings = fillingsOf(batch);
  const several = fillings.length > 1;
  const steps = [
    T.makeDough(FAMILY_WORDS[batch.dough.family].name),
    ...fillings.map((mark) => T.cook(printer.percent(batch.fillings[mark]!.cookToShare))),
    ...trays.flatMap((tray) => {
      const { piece } = planCold(tray, kitchen).fold;
      return piece ? [T.fold(stepText(tray, piece, printer))] : [];
    }),
    ...trays.flatMap(({ way = 'fry', bake, fry, filling }) => {
      if (way === 'plain') return [];
      if (way === 'freeze' || way === 'chill') return [T.laidBy[way]];
      const core = printer.temp(filling.coreTargetC);
      if (way === 'bake' && bake) return T.bake(printer.temp(bake.ovenC), core);
      return T.fry(printer.temp(fry.oilC), fry.minutesS === null ? null : printer.time(fry.minutesS), core);
    }),
  ];
  return {
    name: batch.name,
    madeAt,
    makes: T.makes(trays.reduce((sum, { pieces }) => sum + pieces, 0)),
    parts: [
      { name: T.dough, lines: linesOf(batch.dough.lines, pantry, printer) },
      ...fillings.map((mark) => ({
        name: T.filling(several ? fillingName(batch, mark) : null),
        lines: linesOf(batch.fillings[mark]!.lines, pantry, printer),
      })),
    ],
    steps: [...new Set(steps)],
    notes: [withTemps(T.caution, printer), T.oil],
  };
}

/** A formula of the Store as a recipe. */
export function recipeOfFormula(
  { name, body, updatedAt }: { readonly name: string; readonly body: FormulaBody; readonly updatedAt: string },
  pantry: Pantry,
  printer: Printer,
): RecipeOut {
  const isDough = body.kind === 'dough';
  return {
    name,
    madeAt: updatedAt,
    makes: null,
    parts: [{ name: isDough ? T.dough : T.filling(null), lines: linesOf(body.lines, pantry, printer) }],
    steps: [isDough ? T.makeDough(FAMILY_WORDS[body.family].name) : T.cook(printer.percent(body.cookToShare))],
    notes: [],
  };
}
