import type { BalanceWay } from '@ember-fold/core/plan';
import type { Printer } from '../../printer';

/** What a tap does, with its number. */
export function balanceText({ code, value }: BalanceWay, p: Printer): string {
  const moreOrLess = (what: string) => `${p.mass(Math.abs(value))} ${value > 0 ? 'more' : 'less'} ${what}`;
  switch (code) {
    case 'pieces-of-dough':
      return `Make ${value} pieces, as many as the dough gives`;
    case 'pieces-of-filling':
      return `Make ${value} pieces, as many as the filling gives`;
    case 'dough-to-fit':
      return `Make ${moreOrLess('dough')}`;
    case 'filling-to-fit':
      return `Cook ${moreOrLess('filling')}`;
    case 'fill-each':
      return `Fill each with ${p.mass(value)}`;
    case 'roll-to':
      return `Roll to ${p.length(value)}`;
    default: {
      const never: never = code;
      return never;
    }
  }
}
