import { type DoughFigures, doughFigures } from '../../dough/doughFigures.js';
import { type FillingFigures, fillingFigures } from '../../filling/fillingFigures.js';
import { type TrayDraft } from '../../draft/draft.js';
import { type Known, pantryOf } from '../../draft/kitchen.js';

/** The dough of a draft, with what this kitchen knows of its flours and ingredients. */
export function draftDough({ dough }: Pick<TrayDraft, 'dough'>, known: Known): DoughFigures {
  return doughFigures(dough.lines, dough.family, {
    learnt: known.flours,
    pantry: pantryOf(known),
    onHeat: dough.onHeat,
    boilOffShare: dough.boilOffShare ?? known.learnt?.boilOff?.[dough.onHeat ? 'on-heat' : 'off-heat']?.value,
  });
}

/** The filling of a draft, cooked as its method says. */
export function draftFilling({ filling }: Pick<TrayDraft, 'filling'>, known: Known): FillingFigures {
  return fillingFigures(filling.lines, filling.cookToShare, filling.panKg, {
    pantry: pantryOf(known),
    method: filling.method,
  });
}
