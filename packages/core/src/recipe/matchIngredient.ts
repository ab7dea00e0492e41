import { findIngredients } from '../ingredient/findIngredients.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { HOUSEHOLD_NAMES, plainWords } from '../ingredient/householdNames.js';

/** Words that say how a thing is, not what it is. */
const HOW = new Set(
  plainWords(
    `fresh freshly small medium large big finely coarsely roughly thinly thickly chopped sliced diced cubed grated shredded
    peeled deseeded seeded cored trimmed washed drained rinsed boneless skinless skinned skin bone boned raw cooked cold
    warm hot lukewarm tepid melted softened soft room temperature organic good quality best ripe plump lean fat free range
    crushed minced mashed pureed beaten lightly toasted roasted roast sifted packed heaping level extra virgin optional
    more plus needed taste to for the of a an or and your favourite favorite very about thawed frozen defrosted dry dried
    ground powder powdered whole halved quartered torn picked leaf into piece chunk strip cube fillet flaked juiced zested
    unsalted salted sweetened unsweetened firm bunch stalk only part as at with without any kind some few little bit other
    from such like boiling ice iced wedge store bought homemade each approximately bulb spear inch cm long thick ear sprig
    pitted stoned blanched split tinned canned can tin jar packet pack package standard plain natural pure regular`,
  ),
);

export interface IngredientMatch {
  /** `null`: nothing in the pantry is called that. */
  readonly ingredientId: string | null;
  /** What it is most like, where it is not in the pantry. */
  readonly like: string | null;
  /** The name alone, as it was written. */
  readonly name: string;
  /** Every word was understood. */
  readonly isSure: boolean;
}

/** What is made to a paste is as dense as one, whatever leaf it is made of, kg/m³. */
export const PASTE_KG_PER_M3 = 1000;
/** Whether a name is that of a paste. */
export const isPaste = (name: string): boolean =>
  /\b(?:paste|pur[ée]e|sauce|relish|pesto|jam|chutney|mash)\b/i.test(name);

interface Found {
  readonly ingredientId: string;
  readonly isKind: boolean;
  readonly from: number;
  readonly words: number;
}

/** The longest name in the words; of names as long the last, for a thing is named at its end. */
function longestName(words: readonly string[]): Found | null {
  let best: Found | null = null;
  for (const name of HOUSEHOLD_NAMES) {
    if (best && name.words.length < best.words) break;
    for (let from = words.length - name.words.length; from >= 0; from--) {
      if (best && from <= best.from) break;
      if (name.words.every((word, i) => words[from + i] === word)) {
        best = { ingredientId: name.ingredientId, isKind: name.isKind, from, words: name.words.length };
        break;
      }
    }
  }
  return best;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * Which ingredient a cook means. What the kitchen added itself is asked first, then household
 * names, then names a slip or two away, which are never sure.
 *
 * @param text without its amount and its preparation
 * @param own ingredients this kitchen added
 * @example matchIngredient('all-purpose flour', []).ingredientId // 'plain-wheat-flour'
 */
export function matchIngredient(text: string, own: readonly Pick<Ingredient, 'id' | 'name'>[]): IngredientMatch {
  const name = capital(text.trim().replace(/\s+/g, ' ')).slice(0, 80).toWellFormed();
  const words = plainWords(text);
  if (words.length === 0) return { ingredientId: null, like: null, name, isSure: false };
  const ownOne = own.find((one) => {
    const of = plainWords(one.name);
    return (
      of.length > 0 &&
      of.every((word) => words.includes(word)) &&
      words.every((word) => of.includes(word) || HOW.has(word))
    );
  });
  if (ownOne) return { ingredientId: ownOne.id, like: null, name: ownOne.name, isSure: true };
  const found = longestName(words);
  if (found) {
    const left = words.filter((_, i) => i < found.from || i >= found.from + found.words);
    const strange = left.filter((word) => !HOW.has(word) && !/^\d/.test(word));
    if (strange.length === 0 && !found.isKind) {
      return { ingredientId: found.ingredientId, like: null, name, isSure: true };
    }
    // A word nobody knows beside a name makes it another thing, or a kind of that one: asked.
    if (found.isKind || strange.length > 0)
      return { ingredientId: null, like: found.ingredientId, name, isSure: false };
  }
  const near = findIngredientName(words);
  return { ingredientId: near, like: null, name, isSure: false };
}

/** A household name a slip or two away from all that was written. */
function findIngredientName(words: readonly string[]): string | null {
  const said = words.filter((word) => !HOW.has(word)).join(' ');
  if (said.length < 4) return null;
  const [near] = findIngredients(
    said,
    HOUSEHOLD_NAMES.filter((one) => !one.isKind && Math.abs(one.words.join(' ').length - said.length) <= 2).map(
      (one) => ({ name: one.words.join(' '), id: one.ingredientId }),
    ),
  );
  return near?.id ?? null;
}
