import type { Printer } from '../../../printer';

/** A drawing or table of the product itself that stands on a page. */
export type FigureId =
  | 'families'
  | 'pour'
  | 'stiffness'
  | 'cooling'
  | 'shapes'
  | 'crumb'
  | 'methods'
  | 'cautions'
  | 'symptoms'
  | 'keeping'
  | 'cups';

/** Oil of the two methods, °C. Source: docs/models/practice.md. */
export const METHOD_OIL = {
  slow: { startC: [115, 140], endC: [155, 170] },
  quick: { startC: [175, 182], endC: [175, 182] },
} as const;

/** Some sentences under a heading of their own. */
export interface PagePart {
  readonly title?: string;
  readonly says: readonly string[];
  /** In their order, or one beside the other. */
  readonly list?: readonly string[];
}

/** A page of the handbook; every figure in it is printed in the cook's own units. */
export interface HandbookPage {
  readonly id: PageId;
  readonly title: string;
  /** What cooks call it, for the search. */
  readonly words: string;
  readonly parts: (p: Printer) => readonly PagePart[];
  readonly figure: FigureId;
  readonly see: readonly PageId[];
}

export type PageId =
  | 'families'
  | 'water'
  | 'fat'
  | 'yeast'
  | 'resting'
  | 'filling'
  | 'cooling'
  | 'dividing'
  | 'sealing'
  | 'shapes'
  | 'coatings'
  | 'pot'
  | 'oil-heat'
  | 'no-thermometer'
  | 'methods'
  | 'loads'
  | 'oil-life'
  | 'core'
  | 'opened'
  | 'freezing'
  | 'baking'
  | 'keeping'
  | 'wrong'
  | 'fire'
  | 'burns'
  | 'allergens'
  | 'measuring';
