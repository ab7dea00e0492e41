import { plural } from '../shared/plural';
import type { ShoppingRow } from '@ember-fold/core/ledger';
import type { Printer } from '../../printer';
import { UNIT_NAME } from './storeWords';

/** One line of the shopping list in the shop's own words. */
export function shoppingText(row: ShoppingRow, name: string, p: Printer): { what: string; buy: string; why: string } {
  const { sold, units, buyKg, neededKg, batches } = row;
  const what = sold.as && sold.as !== name ? `${sold.as}, for ${name.toLowerCase()}` : name;
  const why = `${p.mass(neededKg)} for ${batches.length > 2 ? `${batches.length} batches` : batches.join(' and ')}`;
  if (!(buyKg > 0)) return { what, why, buy: 'enough here' };
  if (sold.unit === null || units === null || sold.unitKg === null) return { what, why, buy: p.mass(buyKg) };
  const [one, several] = UNIT_NAME[sold.unit];
  return { what, why, buy: `${units} ${plural(units, one, several)} of ${p.mass(sold.unitKg)}` };
}
