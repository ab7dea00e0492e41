import type { FormulaKind, AmountPlace } from '@ember-fold/core/ledger';
import type { IngredientRole, Kitchen, BurnerKind, SoldUnit } from '@ember-fold/core/plan';

/** Wording of the Store. */
export const KIND_NAME: Record<FormulaKind, string> = { dough: 'Dough', filling: 'Filling', base: 'Base' };
export const ROLE_NAME: Record<IngredientRole, string> = {
  flour: 'flour',
  fat: 'fat',
  liquid: 'liquid',
  egg: 'egg',
  sugar: 'sugar',
  salt: 'salt',
  leaven: 'raising agent',
  starch: 'starch',
  filling: 'for fillings',
  seasoning: 'seasoning',
};
/** The kinds of burner. */
export const BURNER_NAME: Record<BurnerKind, string> = {
  gas: 'gas',
  induction: 'induction',
  radiant: 'ceramic, glowing',
  plate: 'solid plate',
};
/** One of it, and several. */
export const UNIT_NAME: Record<SoldUnit, readonly [string, string]> = {
  bag: ['bag', 'bags'],
  block: ['block', 'blocks'],
  bottle: ['bottle', 'bottles'],
  bunch: ['bunch', 'bunches'],
  jar: ['jar', 'jars'],
  pack: ['pack', 'packs'],
  piece: ['piece', 'pieces'],
  tin: ['tin', 'tins'],
};
export const WEIGH_GROUP_NAME: Record<AmountPlace, string> = {
  filling: 'Filling',
  dough: 'Dough',
  'second-dough': 'Second dough',
  'rim-and-coating': 'For rims and coatings, set out before the first disc',
};
export const HANDS_NAME: Record<keyof Kitchen['hands'], string> = {
  mixS: 'Making the dough',
  cookFillingS: 'Cooking the filling',
  foldEachS: 'Folding one piece',
  turnEachS: 'Turning one piece in the oil',
  betweenLoadsS: 'Between two loads',
  serveS: 'Draining and serving',
};
/** Temperatures in braces are printed by `withTemps`. */
export const REHEAT_NAME = { '74': '{74}', '75': '{75}', '70': '{70} for 2 min' } as const;
