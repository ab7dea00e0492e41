import { plain } from '../../printer';

/** Which form a count takes in this language; every plural of the texts asks here. */
const RULES = new Intl.PluralRules('en');

/** The words that go with a count. @param one for one of them @param other for any other number */
export const plural = (count: number, one: string, other: string): string =>
  RULES.select(count) === 'one' ? one : other;

/** A count with its noun: "1 piece", "4 pieces". */
export const counted = (count: number, one: string, other = `${one}s`): string =>
  `${plain(count, 0)} ${plural(count, one, other)}`;
