/** Which part of the work a line is for. */
export type RecipePart = 'dough' | 'filling' | 'coating' | 'glaze' | 'frying' | 'unsaid';

/** Why a line is shown to be looked at. */
export type RecipeQuestion =
  | 'no-amount'
  | 'to-taste'
  | 'not-known'
  | 'like-another'
  | 'near-name'
  | 'which-unit'
  | 'each-weighs'
  | 'too-much';

/** One line of a recipe, as it was understood. */
export interface RecipeLine {
  /** As it was written. */
  readonly text: string;
  readonly part: RecipePart;
  /** The ingredient's name as written. */
  readonly name: string;
  /** `null`: nothing in the pantry is called that. */
  readonly ingredientId: string | null;
  /** What it is most like, where it is not in the pantry; `null`: nothing known. */
  readonly like: string | null;
  /** kg; `null` where no amount was said. */
  readonly massKg: number | null;
  /** What it may weigh until it is weighed, kg. */
  readonly leastKg: number | null;
  readonly mostKg: number | null;
  /** What is done to it: "finely sliced". Empty: nothing was said. */
  readonly preparation: string;
  /** Empty: it was understood. */
  readonly questions: readonly RecipeQuestion[];
}
